import { soundingMidi, type Fretting } from "@/core/fretting";
import { findChord } from "@/core/voicing";
import { samePitches } from "@/core/tuning";
import { useInstrument, useRig } from "@/session";
import { FretText, spokenFretting } from "@/ui/grip";
import { useNames } from "@/ui/names";
import { NoteText } from "@/ui/text";

interface ShapeOffersProps {
  readonly recent: readonly Fretting[];
  readonly onPut: (fretting: Fretting) => void;
}

const MAX_OFFERED = 5;

/** Shapes to begin with, laid on the thickest strings (common practice). */
const EXAMPLES: readonly Fretting[] = [
  [5, 5, 5, null, null, null],
  [null, 5, 7, 7, 6, null],
  [3, 5, 5, null, null, null],
  [0, 2, 2, null, 0, 0],
  [5, 3, 2, null, null, null],
  [5, 5, 4, null, null, null],
  [0, 0, 0, 0, 0, 0],
  [null, 0, 2, 2, null, null],
  [null, null, 0, 2, 3, 2],
];

/** Before anything is on the neck: what was named last, what is pinned, and a few examples. */
export function ShapeOffers({ recent, onPut }: ShapeOffersProps) {
  const { pins, profile } = useRig();
  const { neck, tuning } = useInstrument();
  const { shift } = useNames();
  const strings = neck.midi.length;
  const fits = (fretting: Fretting) =>
    fretting.length === strings && fretting.every((fret) => fret === null || fret <= neck.frets);
  const nameOf = (shape: Fretting) => {
    const called = soundingMidi(neck, shape).map((midi) => midi - shift);
    return findChord(called, undefined, profile.accidentals)?.name ?? null;
  };
  const groups = [
    ["Recently named", recent.filter(fits)],
    [
      "Pinned",
      unique(
        pins
          .filter(({ tuningMidi }) => samePitches(tuningMidi, tuning.midi))
          .map(({ fretting }) => fretting)
          .filter(fits),
      ),
    ],
    [
      "Examples",
      EXAMPLES.map((shape) => fitTo(shape, strings)).filter(
        (shape) => shape !== null && nameOf(shape) !== null,
      ) as readonly Fretting[],
    ],
  ] as const;
  return (
    <div className="grid gap-x-8 gap-y-5 md:grid-cols-3">
      {groups.map(
        ([title, shapes]) =>
          shapes.length > 0 && (
            <section key={title} aria-label={title}>
              <h2 className="mb-2 text-lg font-semibold">{title}</h2>
              <ul className="space-y-2">
                {shapes.slice(0, MAX_OFFERED).map((shape) => (
                  <li key={shape.join()}>
                    <Offer shape={shape} name={nameOf(shape) ?? ""} onPut={onPut} />
                  </li>
                ))}
              </ul>
            </section>
          ),
      )}
    </div>
  );
}

interface OfferProps {
  readonly shape: Fretting;
  /** What it is called; empty where it has no name. */
  readonly name: string;
  readonly onPut: (fretting: Fretting) => void;
}

function Offer({ shape, name, onPut }: OfferProps) {
  return (
    <button
      type="button"
      className="panel flex min-h-13 w-full items-center justify-between gap-4 px-3 text-lg hover:bg-picked"
      aria-label={`Put ${spokenFretting(shape)}`}
      onClick={() => onPut(shape)}
    >
      <FretText fretting={shape} />
      <span className="text-muted">
        <NoteText>{name}</NoteText>
      </span>
    </button>
  );
}

/** More strings are silent; fewer take the thick end of the shape, where nothing is lost. */
function fitTo(shape: Fretting, strings: number): Fretting | null {
  if (strings >= shape.length) {
    return [...shape, ...Array.from({ length: strings - shape.length }, () => null)];
  }
  return shape.slice(strings).every((fret) => fret === null) ? shape.slice(0, strings) : null;
}

function unique(shapes: readonly Fretting[]): readonly Fretting[] {
  return shapes.filter(
    (shape, index) => shapes.findIndex((other) => other.join() === shape.join()) === index,
  );
}
