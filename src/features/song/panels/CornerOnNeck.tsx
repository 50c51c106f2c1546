import { type Corner } from "@/core/arrangement";
import { type Neck } from "@/core/neck";
import { type Accidentals } from "@/core/pitch";
import { type Guitar } from "@/state";
import { Mark, PlainNeck } from "@/ui/neck";
import { NoteText } from "@/ui/text";

interface CornerOnNeckProps {
  readonly neck: Neck;
  readonly guitar: Guitar;
  readonly accidentals: Accidentals;
  readonly corner: Corner | null;
  readonly label: string;
}

/** The roots of I, IV and V where they lie together. */
export function CornerOnNeck({ neck, guitar, accidentals, corner, label }: CornerOnNeckProps) {
  if (!corner) return null;
  return (
    <div className="space-y-2">
      <p>
        <NoteText>
          {corner
            .map(
              ({ numeral, name, string, fret }) =>
                `${numeral} ${name}: string ${neck.midi.length - string}, ${fret === 0 ? "open" : `fret ${fret}`}`,
            )
            .join("; ")}
        </NoteText>
      </p>
      <PlainNeck
        neck={neck}
        leftHanded={guitar.leftHanded}
        accidentals={accidentals}
        label={label}
        marks={(scale) =>
          corner.map(({ numeral, string, fret }) => (
            <Mark
              key={numeral}
              role="root"
              x={scale.markX(string, fret)}
              y={scale.stringY(string)}
              size={scale.gripSize(fret)}
              label={numeral}
            />
          ))
        }
      />
    </div>
  );
}
