import { rootOfGrip, type ArrangedChord } from "@/core/arrangement";
import { tonesOverRoot } from "@/core/fretting";
import { type Fingering } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { pitchClassOf } from "@/core/pitch";
import { useView } from "@/session";
import { type Guitar } from "@/state";
import { GripDiagram } from "@/ui/grip";
import { spokenNotes } from "@/ui/text";

interface SongGripProps {
  readonly neck: Neck;
  readonly guitar: Guitar;
  readonly chord: Pick<ArrangedChord, "name" | "chord" | "notes">;
  readonly fingering: Pick<Fingering, "fretting" | "fingers">;
  readonly stringGapPx?: number;
  readonly growth?: number;
}

/** The grip of a chord of a song, as this player's neck shows it. */
export function SongGrip({ neck, guitar, chord, fingering, stringGapPx, growth }: SongGripProps) {
  const { thickOnTop } = useView().view;
  const { fretting } = fingering;
  const root = rootOfGrip(chord, neck, fretting);
  return (
    <GripDiagram
      neck={neck}
      root={root}
      grip={{ fingering, tones: tonesOverRoot(neck, fretting, pitchClassOf(root)) }}
      labels="finger"
      leftHanded={guitar.leftHanded}
      thickOnTop={thickOnTop}
      growth={growth ?? 1.5}
      stringGapPx={stringGapPx ?? (neck.midi.length > 7 ? 13 : 16)}
      label={`${spokenNotes(chord.name)} close up`}
    />
  );
}
