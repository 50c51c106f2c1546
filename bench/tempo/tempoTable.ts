import { type Fretting } from "@/core/fretting";
import { positionOf, rankFingers, type Finger, type Fingering } from "@/core/hand";
import { changeBetween, LEVELS, type HandChange, type Level } from "@/core/motion";
import { makeNeck } from "@/core/neck";
import { readTuning } from "@/core/tuning";
import changes from "./changes.json";

/**
 * A chord change from a table of 100, of which half is here, with the range of tempos that players of three levels manage
 * between eighths and between quarters. Common practice: two independent judgements, no stopwatch; each end of a range is
 * their geometric mean.
 */
export interface TableChange {
  readonly id: number;
  readonly kind: string;
  readonly change: HandChange;
  readonly ranges: Readonly<Record<NoteValue, Readonly<Record<Level, TempoRange>>>>;
}
export type NoteValue = keyof typeof NOTE_QUARTERS;
/** In bpm: from where it becomes hard to the fastest that players of the level manage. */
export type TempoRange = readonly [lower: number, upper: number];

export const NOTE_QUARTERS = { eighth: 0.5, quarter: 1 } as const;
export const NOTE_VALUES = ["eighth", "quarter"] as const;

interface WrittenGrip {
  readonly frets: string;
  readonly fingers: string;
}

export function readTempoTable(): readonly TableChange[] {
  return changes.map(({ id, kind, tuning, from, to, eighth, quarter }) => {
    const read = readTuning(tuning, { strings: tuning.split(" ").length });
    if (!read.ok) throw new Error(`change ${id}: ${read.problem.message}`);
    const neck = makeNeck({ midi: read.value.tuning.midi });
    if (!neck.ok) throw new Error(`change ${id}: ${neck.problem.message}`);
    const grips = [from, to].map((grip) => gripOf(neck.value, grip, id));
    const [before, after] = grips;
    if (!before || !after) throw new Error(`change ${id} has no grips`);
    const hand = positionOf(neck.value, before);
    return {
      id,
      kind,
      change: changeBetween(neck.value, before, hand, after),
      ranges: { eighth: rangesOf(eighth), quarter: rangesOf(quarter) },
    };
  });
}

/** The tempo in bpm at which two strums of a note value are this far apart. */
export function tempoFor(neededMs: number, note: NoteValue): number {
  return (60_000 * NOTE_QUARTERS[note]) / neededMs;
}

function gripOf(
  neck: Parameters<typeof rankFingers>[0],
  { frets, fingers }: WrittenGrip,
  id: number,
): Fingering {
  const fretting: Fretting = frets.split(" ").map((fret) => (fret === "x" ? null : Number(fret)));
  const held = fingers.split(" ").map((finger): Finger | 0 => {
    const number = Number(finger);
    return number === 1 || number === 2 || number === 3 || number === 4 ? number : 0;
  });
  const found = rankFingers(neck, fretting).find((each) => each.fingers.join() === held.join());
  if (!found) throw new Error(`change ${id}: no hand holds ${frets} with ${fingers}`);
  return found;
}

function rangesOf(
  written: Readonly<Record<Level, readonly number[]>>,
): Readonly<Record<Level, TempoRange>> {
  const range = (level: Level): TempoRange => [written[level][0] ?? NaN, written[level][1] ?? NaN];
  return Object.fromEntries(LEVELS.map((level) => [level, range(level)])) as Record<
    Level,
    TempoRange
  >;
}
