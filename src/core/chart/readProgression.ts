import { failure, success, type Result } from "@/core/result";
import { type Chord } from "./chord";
import { DEFAULT_CHORD_OPTIONS, readChord, type ChordOptions } from "./readChord";

/** More than a long song has. */
export const MAX_CHORDS = 200;

/** What may separate two chords, besides spaces. */
const BETWEEN = /[\s,;|]+/;
const LONE_SIGNS = new Set(["-", "–", "—", "->", "→", ">", ":"]);
const ONCE_MORE = "%";

/**
 * Reads chords in the order they are played: "D5 F5 | C5 Bb5", "Am - F - C/E - G". "%" plays the last one
 * again, "D5 x4" and "(D5 F5) x2" play a chord or a group so many times, "N.C." is no chord and no time.
 *
 * @example readProgression("(D5 F5) x2") // D5 F5 D5 F5
 */
export function readProgression(
  text: string,
  options: ChordOptions = DEFAULT_CHORD_OPTIONS,
  field = "chords",
  max = MAX_CHORDS,
): Result<readonly Chord[]> {
  const words = wordsOf(text);
  if (words.length === 0) return failure(field, "no chord; write some, like D5 F5 C5");
  const chords: Chord[] = [];
  /** Where each group that is open began, among the chords. */
  const open: number[] = [];
  /** Where what "x2" repeats begins: the last chord, or the group that has just ended. */
  let last = 0;
  for (const word of words) {
    const times = TIMES.exec(word)?.[1];
    if (word === "(") {
      open.push(chords.length);
    } else if (word === ")") {
      const start = open.pop();
      if (start === undefined) return failure(field, "')' closes no group; write ( before it");
      last = start;
    } else if (times !== undefined) {
      const again = chords.slice(last);
      if (again.length === 0) {
        return failure(field, `'${word}' repeats nothing; write a chord first`);
      }
      if (chords.length + again.length * (Number(times) - 1) > max) return tooMany(max, field);
      for (let time = 1; time < Number(times); time++) chords.push(...again);
      if (times === "0") return failure(field, `'${word}': a chord is played once or more`);
      last = chords.length - 1;
    } else if (!isSilenceWord(word)) {
      const before = chords.at(-1);
      const chord =
        word === ONCE_MORE && before ? success(before) : readChord(word, options, field);
      if (!chord.ok) {
        return failure(field, `chord ${chords.length + 1}: ${chord.problem.message}`);
      }
      last = chords.length;
      chords.push(chord.value);
    }
    if (chords.length > max) return tooMany(max, field);
  }
  if (open.length > 0) return failure(field, "'(' opens a group that is not closed; write )");
  if (chords.length === 0) return failure(field, "no chord; write some, like D5 F5 C5");
  return success(chords);
}

/** Whether a chart says that nothing is played: "N.C.". */
export function isSilenceWord(word: string): boolean {
  return /^n\.?c\.?$/i.test(word.trim());
}

const TIMES = /^[x×](\d{1,4})$/;

function tooMany(max: number, field: string): Result<never> {
  return failure(field, `more than ${max} chords; at most ${max} are read at a time`);
}

/** Chords, "(", ")", "x2" and "%" as words of their own; a chord keeps its own parentheses, "G(add9)". */
function wordsOf(text: string): readonly string[] {
  return text
    .split(BETWEEN)
    .flatMap((word) => {
      const [, opening = "", inner = word, closing = "", times = ""] = GROUPED.exec(word) ?? [];
      // A parenthesis that the chord itself opens is closed by the first after it.
      const own = [...inner].filter((sign) => sign === "(").length;
      const chord = inner + closing.slice(0, own);
      return [...opening, chord, ...closing.slice(own), times];
    })
    .filter((word) => word !== "" && !LONE_SIGNS.has(word));
}

/** "((", "G(add9", "))", "x2"; a word longer than this is no chord, however it is cut. */
const GROUPED = /^(\(*)(.{0,60}?)(\)*)((?<=\S)[x×]\d{1,4})?$/;

/** A chord with how often it is played. */
export interface CountedChord {
  readonly chord: Chord;
  readonly times: number;
}

/** Each chord once, in the order of its first appearance; two of the same name with different tones count as two. */
export function countChords(chords: readonly Chord[]): readonly CountedChord[] {
  const counted = new Map<string, CountedChord>();
  for (const chord of chords) {
    const key = JSON.stringify([chord.name, chord.tones]);
    const times = (counted.get(key)?.times ?? 0) + 1;
    counted.set(key, { chord: counted.get(key)?.chord ?? chord, times });
  }
  return [...counted.values()];
}
