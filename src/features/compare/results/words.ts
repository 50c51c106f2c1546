import { type Problem } from "@/core/result";
import { type ShapeFate, type ShapeShift, type StringMove } from "@/core/compare";

/** What Compare says, in a player's words; strings are counted from the thinnest, as players do. */

/** "6", "6 and 5", "6, 5 and 4". */
function listed(numbers: readonly number[]): string {
  const last = numbers.at(-1);
  return numbers.length < 2 ? String(last ?? "") : `${numbers.slice(0, -1).join(", ")} and ${last}`;
}

export function stringsText(numbers: readonly number[]): string {
  return `${numbers.length === 1 ? "string" : "strings"} ${listed(numbers)}`;
}

function framed(frets: number): string {
  const size = Math.abs(frets);
  return `${size} ${size === 1 ? "fret" : "frets"} ${frets > 0 ? "up" : "down"}`;
}

/** What a player must move to sound the same: "Everything on string 6 moves 2 frets up; all else stays." */
export function shiftSentence({ shifts, shared, staying }: ShapeShift): string {
  const [first] = shifts;
  if (!first) return `Everything stays where it is.`;
  if (shifts.length === 1 && staying === 0 && first.strings.length === shared) {
    const way = first.semitones < 0 ? "lower" : "higher";
    return `Every shape keeps its frets and sounds ${halfSteps(first.semitones)} ${way}; to sound the same, all of it moves ${framed(-first.semitones)}.`;
  }
  const moves = shifts.map(
    ({ strings, semitones }) => `on ${stringsText(strings)} moves ${framed(-semitones)}`,
  );
  return `Everything ${moves.join(", ")}${staying > 0 ? "; all else stays" : ""}.`;
}

/** What a pinned shape needs to go on sounding the same. */
export function fateText(fate: ShapeFate): string {
  switch (fate.kind) {
    case "unchanged":
      return "stays as it is";
    case "moved":
      return fate.moves.map(moveText).join("; ");
    case "lost":
      return `is lost: ${stringsText(fate.strings)} cannot sound it`;
  }
}

function moveText({ strings, frets }: StringMove): string {
  return `${stringsText(strings)}: ${framed(frets)}`;
}

function halfSteps(semitones: number): string {
  const size = Math.abs(semitones);
  return size === 1 ? "a half step" : `${size} half steps`;
}

/** Minutes on stage: "½ min", "1½ min". */
export function retuneMinutesText(minutes: number): string {
  if (minutes === 0) return "no time";
  const whole = Math.floor(minutes);
  if (Math.abs(minutes - whole - 0.5) < 0.01) return `${whole === 0 ? "" : whole}½ min`;
  return `${Number.isInteger(minutes) ? minutes : minutes.toFixed(1)} min`;
}

/** Why a search for tunings cannot begin, for the player: strings by their numbers, half steps. */
export function searchProblemText(
  { code, values = {}, message }: Problem,
  strings: number,
): string {
  switch (code) {
    case "string too low":
      return `String ${strings - (values.string ?? 0)} is tuned lower and cannot be turned up to it. Allow more half steps, or a lower note.`;
    case "too many tunings": {
      const [tunings = 0, max = 0] = [values.tunings, values.max];
      return `${tunings.toLocaleString("en")} tunings; at most ${max.toLocaleString("en")} are searched. Allow fewer half steps, fewer strings that may move, or fewer strings turned at once.`;
    }
    default:
      return `${message}.`;
  }
}
