import { nameTuning, readTuning, usualMidi, type Tuning } from "@/core/tuning";

/** A tuning as the notes beside a system say it. */
interface LabelledTuning {
  readonly tuning: Tuning;
  /** Whether the thickest string is written on top. */
  readonly isUpsideDown: boolean;
}

/**
 * The tuning whose strings are labelled from the top, the thinnest first; where only the other way round has a name, the
 * thickest is on top. Null where the labels name no tuning.
 */
export function tuningOfLabels(labels: readonly string[]): LabelledTuning | null {
  const strings = labels.length;
  if (labels.every((label) => label === "")) {
    return { tuning: nameTuning(usualMidi(strings)), isUpsideDown: false };
  }
  const down = read(labels.toReversed());
  const up = read(labels);
  const isUpsideDown = (!down || down.kind === "own") && up !== null && up.kind !== "own";
  const tuning = isUpsideDown ? up : down;
  return tuning && { tuning, isUpsideDown };
}

function read(labels: readonly string[]): Tuning | null {
  const result = readTuning(labels.join(" "), { strings: labels.length });
  return result.ok && result.value.tuning.midi.length === labels.length
    ? result.value.tuning
    : null;
}
