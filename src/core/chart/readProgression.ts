import { failure, success, type Result } from "../result";
import { type Chord } from "./chord";
import { DEFAULT_CHORD_OPTIONS, readChord, type ChordOptions } from "./readChord";

/** More than a long song has. */
export const MOST_CHORDS = 200;

/** What may stand between two chords, beside spaces. */
const BETWEEN = /[\s,;|]+/;
const LONE_SIGNS = new Set(["-", "–", "—", "->", "→", ">", ":"]);
const ONCE_MORE = "%";

/** Reads chords in the order they are played: "D5 F5 | C5 Bb5", "Am - F - C/E - G"; % repeats one. */
export function readProgression(
  text: string,
  options: ChordOptions = DEFAULT_CHORD_OPTIONS,
  field = "chords",
  most = MOST_CHORDS,
): Result<readonly Chord[]> {
  const words = text.split(BETWEEN).filter((word) => word !== "" && !LONE_SIGNS.has(word));
  if (words.length === 0) return failure(field, "no chord; write some, like D5 F5 C5");
  if (words.length > most) {
    return failure(field, `${words.length} chords; at most ${most} are read at a time`);
  }
  const chords: Chord[] = [];
  for (const [index, word] of words.entries()) {
    const last = chords.at(-1);
    if (word === ONCE_MORE && last) {
      chords.push(last);
      continue;
    }
    const chord = readChord(word, options, field);
    if (!chord.ok) return failure(field, `chord ${index + 1}: ${chord.problem.message}`);
    chords.push(chord.value);
  }
  return success(chords);
}

/** A chord with how often it is played. */
export interface CountedChord {
  readonly chord: Chord;
  readonly times: number;
}

/** Each chord once, in the order of its first time; two of one name that ask for other tones are two. */
export function countChords(chords: readonly Chord[]): readonly CountedChord[] {
  const counted = new Map<string, CountedChord>();
  for (const chord of chords) {
    const key = JSON.stringify([chord.name, chord.tones]);
    const times = (counted.get(key)?.times ?? 0) + 1;
    counted.set(key, { chord: counted.get(key)?.chord ?? chord, times });
  }
  return [...counted.values()];
}
