import { shapeShift } from "@/core/compare";
import { NoteText } from "@/ui/text";
import { type Column } from "@/features/compare/results";
import { shiftSentence } from "@/features/compare/results";

/** What a player of the first tuning must know in each of the others, in one sentence. */
export function ShapeSentences({ columns }: { readonly columns: readonly Column[] }) {
  const [first, ...others] = columns;
  if (!first) return null;
  return (
    <ul className="space-y-0.5 text-lg">
      {others.map(({ tuning, neck }, place) => {
        const shift = shapeShift(first.neck.midi, neck.midi);
        const isShared = neck.midi.length !== first.neck.midi.length;
        return (
          <li key={place}>
            <strong className="font-semibold">
              <NoteText>{`From ${first.tuning.name} to ${tuning.name}: `}</NoteText>
            </strong>
            {shiftSentence(shift)}
            {isShared && ` That is of the ${shift.shared} strings that both have.`}
          </li>
        );
      })}
    </ul>
  );
}
