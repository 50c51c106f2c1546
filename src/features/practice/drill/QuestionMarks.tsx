import { type Question, type NeckPlace } from "@/core/drill";
import { type Fretting } from "@/core/fretting";
import { type NeckScale } from "@/ui/neck";

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
  const { places, grip, expected, found, held, isAnswered } = shown;
  const ofGrip = [grip, expected.kind === "grip" ? held : null].flatMap((fretting) =>
    (fretting ?? []).flatMap((fret, string) => (fret === null ? [] : [{ string, fret }])),
  );
  const late =
    isAnswered && expected.kind === "places"
      ? expected.places.filter((place) => !found.some((each) => isSame(each, place)))
      : [];
  return (
    <g aria-hidden="true">
      {[...places, ...ofGrip, ...found].map((place) => (
        <Spot key={`${place.string} ${place.fret}`} scale={scale} place={place} isFull />
      ))}
      {late.map((place) => (
        <Spot
          key={`late ${place.string} ${place.fret}`}
          scale={scale}
          place={place}
          isFull={false}
        />
      ))}
    </g>
  );
}

interface SpotProps {
  readonly scale: NeckScale;
  readonly place: NeckPlace;
  /** Full where it is asked or found, an outline where it was left out. */
  readonly isFull: boolean;
}

function Spot({ scale, place: { string, fret }, isFull }: SpotProps) {
  const size = scale.gripSize(fret);
  return (
    <circle
      cx={scale.markX(string, fret)}
      cy={scale.stringY(string)}
      r={size}
      fill={isFull ? "var(--root)" : "none"}
      stroke={isFull ? "var(--on-mark)" : "var(--root)"}
      strokeWidth={3}
      strokeDasharray={isFull ? undefined : "5 4"}
    />
  );
}

function isSame(a: NeckPlace, b: NeckPlace): boolean {
  return a.string === b.string && a.fret === b.fret;
}
