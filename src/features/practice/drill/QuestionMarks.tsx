import { type Question, type NeckPlace } from "@/core/drill";
import { type Fretting } from "@/core/fretting";
import { type NeckScale } from "@/ui/neck";
import { NoteTspans } from "@/ui/text";

interface QuestionMarksProps {
  readonly scale: NeckScale;
  readonly shown: Question & {
    readonly found: readonly NeckPlace[];
    readonly held: Fretting;
    readonly isAnswered: boolean;
  };
}

/** What a question shows on the neck: the place or the grip it asks about, what was found, and afterwards what was right. */
export function QuestionMarks({ scale, shown }: QuestionMarksProps) {
  const { places, label, grip, expected, found, held, isAnswered } = shown;
  const ofGrip = [grip, expected.kind === "grip" ? held : null].flatMap((fretting) =>
    (fretting ?? []).flatMap((fret, string) => (fret === null ? [] : [{ string, fret }])),
  );
  const late =
    isAnswered && expected.kind === "places"
      ? expected.places.filter((place) => !found.some((each) => isSame(each, place)))
      : [];
  return (
    <g aria-hidden="true">
      {places.map((place) => (
        <Spot key={spotKey(place)} scale={scale} place={place} label={label} isFull />
      ))}
      {[...ofGrip, ...found].map((place) => (
        <Spot key={spotKey(place)} scale={scale} place={place} label={null} isFull />
      ))}
      {late.map((place) => (
        <Spot
          key={`late ${spotKey(place)}`}
          scale={scale}
          place={place}
          label={null}
          isFull={false}
        />
      ))}
    </g>
  );
}

/** The height of a name in a mark, as a share of the mark's radius. */
const LABEL_SHARE = 1.1;

interface SpotProps {
  readonly scale: NeckScale;
  readonly place: NeckPlace;
  readonly label: string | null;
  /** Full where it is asked or found, an outline where it was left out. */
  readonly isFull: boolean;
}

function spotKey({ string, fret }: NeckPlace): string {
  return `${string} ${fret}`;
}

function Spot({ scale, place: { string, fret }, label, isFull }: SpotProps) {
  const size = scale.gripSize(fret);
  const [x, y] = [scale.markX(string, fret), scale.stringY(string)];
  return (
    <>
      <circle
        cx={x}
        cy={y}
        r={size}
        fill={isFull ? "var(--root)" : "none"}
        stroke={isFull ? "var(--on-mark)" : "var(--root)"}
        strokeWidth={3}
        strokeDasharray={isFull ? undefined : "5 4"}
      />
      {label !== null && (
        <text
          x={x}
          y={y}
          fontSize={size * LABEL_SHARE}
          fontWeight={700}
          fill="var(--on-mark)"
          textAnchor="middle"
          dominantBaseline="central"
        >
          <NoteTspans>{label}</NoteTspans>
        </text>
      )}
    </>
  );
}

function isSame(a: NeckPlace, b: NeckPlace): boolean {
  return a.string === b.string && a.fret === b.fret;
}
