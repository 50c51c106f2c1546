import { type HeldShape } from "@/core/compare";
import { type ShapeReading } from "@/core/reading";
import { FretText, GripDiagram } from "@/ui/grip";
import { useNames } from "@/ui/names";
import { NoteText, spokenNotes } from "@/ui/text";
import { type Column } from "@/features/compare/results";

interface ShapeCellProps {
  readonly column: Column;
  readonly held: HeldShape | null;
  readonly reading: ShapeReading | null;
  /** The shape itself, with nothing to differ from. */
  readonly isFirst: boolean;
}

/** What the same frets sound in one tuning, with what has changed marked. */
export function ShapeCell({ column, held, reading, isFirst }: ShapeCellProps) {
  const { pitch } = useNames();
  const { neck, guitar } = column;
  if (!held?.name || !reading) return <p className="panel h-full p-2.5 text-muted">…</p>;
  const changed = held.changes.flatMap((change, string) =>
    change
      ? [{ change, string, midi: (neck.midi[string] ?? 0) + (held.fretting[string] ?? 0) }]
      : [],
  );
  return (
    <div className="panel h-full space-y-1.5 p-2.5">
      <p className="text-2xl leading-tight font-bold">
        <NoteText>{held.name}</NoteText>
      </p>
      <ShapeDrawing
        column={column}
        reading={reading}
        shifts={isFirst ? undefined : held.changes}
        label={`${spokenNotes(held.name)}, the same frets`}
      />
      <p className="text-[16px]">
        <FretText fretting={held.fretting} />
      </p>
      <p className="figures text-[15px] text-muted">
        <NoteText>{held.midi.map(pitch).join(" ")}</NoteText>
      </p>
      {!isFirst && (
        <ul className="text-[15px]">
          {held.isCut && <li>{`A string it sounds is missing on ${guitar.name}.`}</li>}
          {changed.length === 0 && !held.isCut && <li>Nothing changes.</li>}
          {changed.map(({ change, string, midi }) => (
            <li key={string}>
              <NoteText>
                {`String ${neck.midi.length - string}: ${pitch(midi - change)} is now ${pitch(midi)}`}
              </NoteText>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

interface ShapeDrawingProps {
  readonly column: Column;
  readonly reading: ShapeReading;
  readonly shifts: readonly (number | null)[] | undefined;
  readonly label: string;
}

function ShapeDrawing({ column, reading, shifts, label }: ShapeDrawingProps) {
  const { neck, guitar } = column;
  const { fretting, tones, root, fingerings } = reading;
  const fingers = fingerings[0]?.fingers ?? fretting.map(() => 0 as const);
  return (
    <GripDiagram
      neck={neck}
      root={root}
      grip={{ fingering: { fretting, fingers }, tones }}
      labels="note"
      leftHanded={guitar.leftHanded}
      growth={1.5}
      stringGapPx={neck.midi.length > 7 ? 15 : 19}
      shifts={shifts}
      label={label}
    />
  );
}
