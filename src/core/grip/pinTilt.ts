import { lowestFret, type Fretting } from "@/core/fretting";
import { type Tilt } from "@/core/preference";
import { findGrips, type Taste } from "./grip";
import { MAX_PINS, type KeptGrip } from "./keptGrip";

/** So many pins halve the distance to what they say (a judgement). */
const HALFWAY_PINS = 3;
/** Points for each fret and each open string by which pins differ from what is usual, and at most (judgements). */
const PER_FRET = 0.15;
const MAX_PER_FRET = 0.6;
const PER_OPEN = 1.5;
const MAX_PER_OPEN = 3;

/**
 * How a player's pins shift what is put first: higher or lower on the neck, with more or fewer open strings
 * than the grip that is usual for the same voicing. A little, and never beyond a bound; null where they say nothing.
 */
export function pinTilt(pins: readonly KeptGrip[], player: Taste = {}): Tilt | null {
  const kept = pins.slice(-MAX_PINS).flatMap(({ neck, root, voicing, fretting }) => {
    const [usual] = findGrips(neck, root, voicing, player);
    if (!usual) return [];
    return [
      {
        frets: lowestFret(fretting) - lowestFret(usual.fretting),
        open: openStrings(fretting) - openStrings(usual.fretting),
      },
    ];
  });
  if (kept.length === 0) return null;
  const trust = kept.length / (kept.length + HALFWAY_PINS);
  const mean = (of: (each: (typeof kept)[number]) => number) =>
    (trust * kept.reduce((sum, each) => sum + of(each), 0)) / kept.length;
  const perFret = -bounded(PER_FRET * mean(({ frets }) => frets), MAX_PER_FRET);
  const perOpenString = -bounded(PER_OPEN * mean(({ open }) => open), MAX_PER_OPEN);
  if (perFret === 0 && perOpenString === 0) return null;
  return { name: "pins", perFret, perOpenString };
}

/** To a hundredth of a point, so that what says nothing shifts nothing. */
function bounded(points: number, max: number): number {
  const rounded = Math.round(100 * Math.max(-max, Math.min(max, points))) / 100;
  return rounded === 0 ? 0 : rounded;
}

function openStrings(fretting: Fretting): number {
  return fretting.filter((fret) => fret === 0).length;
}
