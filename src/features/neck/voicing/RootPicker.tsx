import { memo } from "react";
import { noteText, pitchClassOf, spellPitchClass } from "@/core/pitch";
import { useRig, useView } from "@/session";
import { ChoiceButton } from "@/ui/controls";
import { useNames } from "@/ui/names";
import { NoteText, spokenNotes } from "@/ui/text";

const PITCH_CLASSES = Array.from({ length: 12 }, (_, pitchClass) => pitchClass);

/** The twelve roots, named as this player names them. */
export const RootPicker = memo(function RootPicker() {
  const { show } = useView();
  const { profile } = useRig();
  const { shownRoot, rootFor, parentName } = useNames();
  const current = pitchClassOf(shownRoot);
  return (
    <div
      role="group"
      aria-labelledby="root-label"
      className="flex w-full flex-wrap items-center gap-x-2 gap-y-1 sm:w-auto"
    >
      <span id="root-label" className={parentName ? "text-[15px] text-muted" : "sr-only"}>
        {parentName ? <NoteText>{`Root, named as in ${parentName}`}</NoteText> : "Root"}
      </span>
      <div className="grid flex-1 grid-cols-12 gap-0.5">
        {PITCH_CLASSES.map((pitchClass) => {
          const text = noteText(spellPitchClass(pitchClass, profile.accidentals));
          return (
            <ChoiceButton
              key={pitchClass}
              pressed={pitchClass === current}
              label={spokenNotes(text)}
              onPress={() => show({ root: rootFor(pitchClass) })}
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
