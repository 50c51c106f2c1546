import { type Grip } from "@/core/grip";
import { type Note } from "@/core/pitch";
import { GripDiagram } from "@/ui/grip";
import { spokenNotes } from "@/ui/text";
import { type Column } from "@/features/compare/results";

interface SmallGripProps {
  readonly column: Column;
  readonly root: Note;
  readonly grip: Grip;
  readonly labels: "finger" | "note";
}

/** From this many strings on they are drawn closer together, to keep the drawing low. */
const MANY_STRINGS = 8;
const [WIDE_PX, CLOSE_PX] = [17, 14];

/** A grip drawn small, for a column. */
export function SmallGrip({ column: { neck, guitar }, root, grip, labels }: SmallGripProps) {
  return (
    <span className="block w-[46%] max-w-44 shrink-0">
      <GripDiagram
        neck={neck}
        root={root}
        grip={{ fingering: grip.best, tones: grip.tones }}
        labels={labels}
        leftHanded={guitar.leftHanded}
        growth={1.5}
        stringGapPx={neck.midi.length >= MANY_STRINGS ? CLOSE_PX : WIDE_PX}
        label={`${spokenNotes(grip.name)} close up`}
      />
    </span>
  );
}
