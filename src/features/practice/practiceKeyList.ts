import { listKeys } from "@/ui/controls";
import { QUESTION_KEYS, PLAYED_KEYS, SITTING_KEYS, TODAY_KEYS } from "@/features/practice/state";

/** What each key does, for the list of keys. */
export const PRACTICE_KEY_LIST = [
  listKeys("Practice", TODAY_KEYS, {
    start: "Start, or carry on",
    minutes: "5, 10, 20 or 40 minutes",
  }),
  listKeys("Every drill", SITTING_KEYS, {
    undo: "Take the last round back",
    pause: "Pause, go on",
    next: "Next part of the sitting",
    leave: "Leave; the sitting waits",
  }),
  listKeys("A drill that is played", PLAYED_KEYS, {
    forward: "Start the round; then: clean",
    back: "Stop the round; then: missed",
    judge: "Clean, rough, missed",
    slower: "Slower",
    faster: "Faster",
    easier: "Easier, step by step",
  }),
  listKeys("A question", QUESTION_KEYS, {
    note: "Answer with a note",
    sharp: "Half a step up from the next letter",
    flat: "Half a step down from the next letter",
    choice: "Answer with a choice",
    again: "Hear it again",
    forward: "Next question",
  }),
];
