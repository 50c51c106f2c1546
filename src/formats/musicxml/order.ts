/** What stands at the edges of a measure. */
export interface MeasureSigns {
  readonly opens: boolean;
  /** How often what is repeated is played in all; null where nothing ends here. */
  readonly closes: number | null;
  /** The times for which an ending begins here, and whether one ends. */
  readonly ending: readonly number[] | null;
  readonly endsEnding: boolean;
}

/** More measures than any piece plays; repeats beyond are left out. */
const MOST_PLAYED = 20_000;

/**
 * The measures in the order in which they are played; one after the other where signs make no sense, so that none is lost.
 */
export function playedOrder(measures: readonly MeasureSigns[]): readonly number[] {
  const order: number[] = [];
  let start = 0;
  let time = 1;
  for (let index = 0; index < measures.length && order.length < MOST_PLAYED;) {
    const measure = measures[index];
    if (!measure) break;
    if (measure.opens && start !== index) [start, time] = [index, 1];
    if (measure.ending && !measure.ending.includes(time)) {
      index = afterEnding(measures, index);
      continue;
    }
    order.push(index);
    if (measure.closes !== null && time < timesOf(measures, start, index)) {
      time += 1;
      index = start;
      continue;
    }
    const isOver = measure.endsEnding && !measures[index + 1]?.ending;
    if (measure.closes !== null || isOver) [start, time] = [index + 1, 1];
    index += 1;
  }
  const isWhole = order.length >= MOST_PLAYED || new Set(order).size === measures.length;
  return isWhole ? order : measures.map((_, index) => index);
}

function afterEnding(measures: readonly MeasureSigns[], from: number): number {
  const end = measures.findIndex(
    ({ endsEnding, closes }, index) => index >= from && (endsEnding || closes !== null),
  );
  return end < 0 ? measures.length : end + 1;
}

/** How often what is repeated is played: as its endings say, or the sign that closes it. */
function timesOf(measures: readonly MeasureSigns[], start: number, closing: number): number {
  const next = measures.findIndex(({ opens }, index) => index > start && opens);
  const own = measures.slice(start, next < 0 ? undefined : next);
  const endings = own.flatMap(({ ending }) => ending ?? []);
  return endings.length > 0 ? Math.max(...endings) : (measures[closing]?.closes ?? 1);
}
