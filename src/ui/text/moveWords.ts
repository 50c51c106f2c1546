import { lowestFret } from "@/core/fretting";
import { type Fingering } from "@/core/hand";
import { type HandChange } from "@/core/motion";

type Held = Pick<Fingering, "fretting">;
type MoveFigures = Pick<HandChange, "frets" | "isShapeKept" | "stringsCrossed">;

/** "Up 3 frets" */
export function moveText(frets: number): string {
  if (frets === 0) return "Same fret";
  return `${frets > 0 ? "Up" : "Down"} ${fretsText(Math.abs(frets))}`;
}

/** "Up 3 frets", or "To fret 3" where the hand was at no fret before, and "To open strings" where it goes to none. */
export function wayWords(from: Held, to: Held, { frets }: Pick<HandChange, "frets">): string {
  const [left, reached] = [lowestFret(from.fretting), lowestFret(to.fretting)];
  if (reached === 0) return "To open strings";
  return left === 0 ? `To fret ${reached}` : moveText(frets);
}

/** "Up 3 frets, same shape, one string over" */
export function moveWords(from: Held, to: Held, change: MoveFigures): string {
  const { isShapeKept, stringsCrossed } = change;
  const shape = isShapeKept ? "same shape" : "new shape";
  const strings =
    stringsCrossed === 0
      ? "same strings"
      : `${NUMBERS[stringsCrossed] ?? stringsCrossed} ${stringsCrossed === 1 ? "string" : "strings"} over`;
  return [wayWords(from, to, change), shape, strings].join(", ");
}

const NUMBERS = ["no", "one", "two", "three", "four", "five"];

/** "34 frets" */
export function fretsText(frets: number): string {
  return `${frets} ${frets === 1 ? "fret" : "frets"}`;
}
