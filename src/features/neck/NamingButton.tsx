import { pitchClassOf } from "@/core/pitch";
import { nameChord } from "@/core/voicing";
import { useRig } from "@/session";
import { PLAYER_ID } from "@/state";
import { ChoiceButton } from "@/ui/controls";
import { NoteText, spokenNotes } from "@/ui/text";
import { type ChordMap } from "./useGrips";

/** MIDI number of C4: a chord's name does not depend on its octave. */
const MIDDLE_OCTAVE = 60;

/** On a guitar that is tuned down as a whole: chords by their shape or by their sound, "C5 / sounds B5". */
export function NamingButton({ map }: { readonly map: ChordMap }) {
  const { profile, change } = useRig();
  const { names, root, chordForm, chordName } = map;
  if (names.shapeShift === 0) return null;
  const isByShape = profile.naming === "shape";
  const named = (shift: number) => {
    const lowest = MIDDLE_OCTAVE + pitchClassOf(root) + shift;
    return nameChord(chordForm.voicing.map((tone) => lowest + tone)).name;
  };
  const shape = isByShape ? chordName : named(-names.shapeShift);
  const sound = isByShape ? named(0) : chordName;
  return (
    <ChoiceButton
      pressed={isByShape}
      label={`Name chords by shape: ${spokenNotes(shape)}, which sounds ${spokenNotes(sound)}`}
      className="px-3"
      onPress={() =>
        void change({
          act: "set",
          kind: "profile",
          id: PLAYER_ID,
          fields: { naming: isByShape ? "sounding" : "shape" },
        })
      }
    >
      <NoteText>{`${shape} / sounds ${sound}`}</NoteText>
    </ChoiceButton>
  );
}
