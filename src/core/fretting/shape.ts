import { type Fretting } from "./fretting";

/** The lowest pressed fret; 0 where none is pressed. */
export function lowestFret(fretting: Fretting): number {
  const pressed = fretting.flatMap((fret) => (fret ? [fret] : []));
  return pressed.length > 0 ? Math.min(...pressed) : 0;
}

/**
 * The frets relative to each other, on strings relative to the thickest that sounds: equal for frettings that are one
 * shape at different frets or on different strings. An open string counts as fret 0.
 */
export function shapeOf(fretting: Fretting): string {
  const first = fretting.findIndex((fret) => fret !== null);
  if (first < 0) return "";
  const sounding = fretting.slice(first, fretting.findLastIndex((fret) => fret !== null) + 1);
  const lowest = Math.min(...sounding.flatMap((fret) => fret ?? []));
  return sounding.map((fret) => (fret === null ? "x" : fret - lowest)).join();
}

/**
 * Which of some frettings is a shape moved: on its own strings where one is, else on those nearest to them, and there
 * at the nearest fret. Null where none is that shape.
 */
export function findShape(
  frettings: readonly Fretting[],
  shape: Fretting,
): { readonly index: number } | null {
  const key = shapeOf(shape);
  const string = thickestOf(shape);
  let found: { readonly index: number; readonly strings: number; readonly frets: number } | null =
    null;
  for (const [index, fretting] of frettings.entries()) {
    if (shapeOf(fretting) !== key) continue;
    const strings = Math.abs(thickestOf(fretting) - string);
    const frets = Math.abs(lowestFret(fretting) - lowestFret(shape));
    const isNearer =
      !found || strings < found.strings || (strings === found.strings && frets < found.frets);
    if (isNearer) found = { index, strings, frets };
  }
  return found;
}

function thickestOf(fretting: Fretting): number {
  return fretting.findIndex((fret) => fret !== null);
}

/** Whether open strings sound in it, so that it does not move along the neck as it is. */
function hasOpenString(fretting: Fretting): boolean {
  return fretting.includes(0);
}

/** Frets between two places on the neck that players call different ones. */
const PLACE_FRETS = 3;

/**
 * Whether two grips of a chord lie in different places: three frets apart or more, on other strings (one string more or
 * less is no other place), or one with open strings and one without.
 */
export function areDistinct(a: Fretting, b: Fretting): boolean {
  const isSounding = (fretting: Fretting, string: number) => (fretting[string] ?? null) !== null;
  const onlyIn = (fretting: Fretting, other: Fretting) =>
    fretting.filter((fret, string) => fret !== null && !isSounding(other, string)).length;
  const [more, less] = [onlyIn(a, b), onlyIn(b, a)];
  if (more + less > 1) return true;
  if (hasOpenString(a) !== hasOpenString(b)) return true;
  return Math.abs(lowestFret(a) - lowestFret(b)) >= PLACE_FRETS;
}
