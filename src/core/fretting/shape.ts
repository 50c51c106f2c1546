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

/** Whether open strings sound in it, so that it does not move along the neck as it is. */
export function hasOpenString(fretting: Fretting): boolean {
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
