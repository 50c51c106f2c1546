import { neededMs, possibleMs, type Level, type TimingConstants } from "@/core/motion";
import { UNLIMITED_QUARTERS_BPM } from "@/core/song";
import { NOTE_QUARTERS, NOTE_VALUES, tempoFor, type TableChange } from "./tempoTable";

/** The share of a table's tempos, two per change, that the timing law predicts correctly. */
export interface TempoAgreement {
  readonly tempos: number;
  /** Predictions of "holds to" that fall within the table's range. */
  readonly holds: number;
  /** Predictions of "possible to" within 10% of the range's upper end, or with both above the unlimited tempo. */
  readonly possible: number;
}

const TENTH = 0.1;

export function tempoAgreement(
  table: readonly TableChange[],
  level: Level,
  constants: TimingConstants,
): TempoAgreement {
  let [holds, possible] = [0, 0];
  for (const { change, ranges } of table) {
    for (const note of NOTE_VALUES) {
      const [lower, upper] = ranges[note][level];
      const clean = tempoFor(neededMs(change, constants), note);
      const fastest = tempoFor(possibleMs(change, constants), note);
      if (clean >= lower && clean <= upper) holds++;
      const isNear = Math.abs(fastest / upper - 1) <= TENTH;
      if (isNear || Math.min(fastest, upper) > UNLIMITED_QUARTERS_BPM) possible++;
    }
  }
  const tempos = table.length * NOTE_VALUES.length;
  return { tempos, holds: holds / tempos, possible: possible / tempos };
}

/** The kind of a change. All changes that lay or release a barre count as one kind, because each alone is rare. */
export function kindOf({ kind, change }: TableChange): string {
  return change.laysBarre || change.dropsBarre ? "with a bar" : kind;
}

/** A printable line for each tempo outside its range. */
export function strays(
  table: readonly TableChange[],
  level: Level,
  constants: TimingConstants,
): readonly string[] {
  return table.flatMap(({ id, kind, change, ranges }) =>
    NOTE_VALUES.flatMap((note) => {
      const [lower, upper] = ranges[note][level];
      const bpm = tempoFor(neededMs(change, constants), note);
      if (bpm >= lower && bpm <= upper) return [];
      const range = `${Math.round(lower)} to ${Math.round(upper)}`;
      return [`${id} ${kind}, ${NOTE_QUARTERS[note]} quarters: ${Math.round(bpm)}, not ${range}`];
    }),
  );
}
