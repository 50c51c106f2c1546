import { readFretting, type Fretting } from "@/core/fretting";
import { makeNeck, type Neck, type NeckInput } from "@/core/neck";

/** What the tests of this folder are written with; a mistake in a test throws. */
export const STANDARD: readonly number[] = [40, 45, 50, 55, 59, 64];

export function testNeckOf(midi: readonly number[], input: Partial<NeckInput> = {}): Neck {
  const neck = makeNeck({ midi, frets: 24, ...input });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
}

export function frets(text: string): Fretting {
  const read = readFretting(text);
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
}
