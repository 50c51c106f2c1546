import { memo } from "react";
import { noteText, pitchClassOf, spellPitchClass } from "@/core/pitch";
import { ChoiceButton } from "@/ui/controls";
import { NoteText, spokenNotes } from "@/ui/text";
import { useNames, useWorkspace } from "@/ui/workspace";

const PITCH_CLASSES = Array.from({ length: 12 }, (_, pitchClass) => pitchClass);

/** The twelve roots, called as this player calls them. */
export const RootPicker = memo(function RootPicker() {
  const { choose, profile } = useWorkspace();
  const { shownRoot, rootFor, parentName } = useNames();
  const current = pitchClassOf(shownRoot);
  return (
    <div
      role="group"
      aria-labelledby="root-label"
      className="flex w-full flex-wrap items-center gap-x-2 gap-y-1 sm:w-auto"
    >
      <span id="root-label" className={parentName ? "text-[15px] text-muted" : "sr-only"}>
        {parentName ? <NoteText>{`Root, called as in ${parentName}`}</NoteText> : "Root"}
      </span>
      <div className="grid flex-1 grid-cols-12 gap-0.5">
        {PITCH_CLASSES.map((pitchClass) => {
          const text = noteText(spellPitchClass(pitchClass, profile.accidentals));
          return (
            <ChoiceButton
              key={pitchClass}
              pressed={pitchClass === current}
              label={spokenNotes(text)}
              onPress={() => choose({ root: rootFor(pitchClass) })}
              className="min-w-6.5 text-lg sm:w-8 sm:text-xl"
            >
              <NoteText>{text}</NoteText>
            </ChoiceButton>
          );
        })}
      </div>
    </div>
  );
});
