import { degreeName, SEMITONES_PER_OCTAVE } from "../pitch";
import { failure, success, type Result } from "../result";
import { MAX_STRINGS } from "../tuning";

/** Semitones from the root, lowest tone first, octave-exact: [-5, 0] is the fifth below the root. */
export type Stack = readonly number[];

export interface NamedStack {
  readonly name: string;
  readonly semitones: Stack;
}

/** The stacks of the first screen, in the order they are taught (common practice). */
export const STACKS: readonly NamedStack[] = [
  [0, 7],
  [0, 7, 12],
  [-5, 0],
  [-5, 0, 7],
  [-5, 0, 4],
  [0, 12],
].map((semitones) => ({ name: stackName(semitones), semitones }));

const WIDEST_SEMITONES = 6 * SEMITONES_PER_OCTAVE;

/** A stack's tones as players count them: [0, 7, 12] is "R 5 8", [-5, 0, 4] is "5 R 3". */
export function stackName(stack: Stack): string {
  return stack.map(toneName).join(" ");
}

/** One tone of a stack: like its degree, but a root one or more octaves up is "8", "15" ... */
export function toneName(semitones: number): string {
  const octaves = semitones / SEMITONES_PER_OCTAVE;
  return Number.isInteger(octaves) && octaves > 0 ? String(1 + 7 * octaves) : degreeName(semitones);
}

/** A stack from whole semitones, put in order. Empty, too many or too wide is a problem. */
export function makeStack(semitones: readonly number[], field = "stack"): Result<Stack> {
  if (semitones.length === 0 || semitones.length > MAX_STRINGS) {
    return failure(field, `${semitones.length} tones; a stack has 1 to ${MAX_STRINGS}`);
  }
  const wrong = semitones.find(
    (tone) => !Number.isInteger(tone) || Math.abs(tone) > WIDEST_SEMITONES,
  );
  if (wrong !== undefined) {
    return failure(field, `${wrong}: write whole semitones from the root, like 0, 7, 12`);
  }
  return success([...semitones].sort((a, b) => a - b));
}
