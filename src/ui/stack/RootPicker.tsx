import { memo } from "react";
import { noteText, pitchClassOf, spellPitchClass } from "@/core/pitch";
import { ChoiceButton } from "@/ui/shell";
import { NoteText, spokenNotes } from "@/ui/text";
import { useWorkspace } from "@/ui/workspace";

const ROOTS = Array.from({ length: 12 }, (_, pitchClass) => noteText(spellPitchClass(pitchClass)));

export const RootPicker = memo(function RootPicker() {
  const { root, choose } = useWorkspace();
  const current = pitchClassOf(root);
  return (
    <div role="group" aria-labelledby="root-label" className="w-full sm:w-auto">
      <span id="root-label" className="field-label">
        Root
      </span>
      <div className="grid grid-cols-6 gap-0.5 sm:grid-cols-12">
        {ROOTS.map((text, pitchClass) => (
          <ChoiceButton
            key={text}
            pressed={pitchClass === current}
            label={spokenNotes(text)}
            onPress={() => choose({ root: text })}
            className="min-w-9.5 text-xl"
          >
            <NoteText>{text}</NoteText>
          </ChoiceButton>
        ))}
      </div>
    </div>
  );
});
