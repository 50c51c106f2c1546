import { type JumpSigns } from "./jumps";

/** What stands at the edges of a measure. */
export interface MeasureSigns extends JumpSigns {
  readonly opens: boolean;
  /** How often what is repeated is played in all; null where nothing ends here. */
  readonly closes: number | null;
  /** The times for which an ending begins here, and whether one ends. */
  readonly ending: readonly number[] | null;
  readonly endsEnding: boolean;
}

/** Measures in the order in which they are played, and what of their signs is not followed. */
interface PlayedOrder {
  readonly order: readonly number[];
  readonly unfollowed: string | null;
}

/** More measures than any piece plays; repeats beyond are left out. */
const MAX_PLAYED = 20_000;

/**
 * The measures in the order in which they are played, repeats, endings and jumps followed. Signs that would leave a measure
 * out make no sense: then jumps are not followed, and if need be nothing is.
 */
export function playedOrder(measures: readonly MeasureSigns[]): PlayedOrder {
  const isWhole = (order: readonly number[]) =>
    order.length >= MAX_PLAYED || new Set(order).size === measures.length;
  const jumps = jumpsOf(measures);
  const jumped = follow(measures, jumps);
  if (isWhole(jumped)) return { order: jumped, unfollowed: withoutGoal(measures, jumps) };
  const repeated = follow(measures, new Map());
  if (isWhole(repeated)) {
    return {
      order: repeated,
      unfollowed: "jumps that leave measures out are not followed",
    };
  }
  return {
    order: measures.map((_, index) => index),
    unfollowed: "repeats that leave measures out are not followed",
  };
}

/** Where a measure jumps to at its end, back or on to a coda. */
interface Jump {
  readonly to: number;
  readonly isBack: boolean;
}

function jumpsOf(measures: readonly MeasureSigns[]): ReadonlyMap<number, Jump> {
  const jumps = new Map<number, Jump>();
  // Where nothing says that one leaves for the coda, the first of two signs does.
  const isSaid = measures.some(({ tocoda }) => tocoda !== null);
  for (const [index, { dacapo, dalsegno, tocoda, coda }] of measures.entries()) {
    const leaves = isSaid ? tocoda : coda;
    const back = dacapo ? 0 : dalsegno === null ? -1 : findSign(measures, "segno", dalsegno, 0);
    const on = leaves === null ? -1 : findSign(measures, "coda", leaves, index + 1);
    if (back >= 0) jumps.set(index, { to: back, isBack: true });
    else if (on >= 0) jumps.set(index, { to: on, isBack: false });
  }
  return jumps;
}

/** The first measure from one on with a sign of a name, else with any. */
function findSign(
  measures: readonly MeasureSigns[],
  sign: "segno" | "coda",
  name: string,
  from: number,
): number {
  const named = measures.findIndex((each, index) => index >= from && each[sign] === name);
  return named >= 0
    ? named
    : measures.findIndex((each, index) => index >= from && each[sign] !== null);
}

function withoutGoal(
  measures: readonly MeasureSigns[],
  jumps: ReadonlyMap<number, Jump>,
): string | null {
  const isLost = measures.some(
    ({ dalsegno, tocoda }, index) => (dalsegno ?? tocoda) !== null && !jumps.has(index),
  );
  return isLost ? "a jump to a sign that stands nowhere is not followed" : null;
}

/** Each jump back is taken once, after all repeats; from then on repeats are not, and the last endings are (common practice). */
function follow(
  measures: readonly MeasureSigns[],
  jumps: ReadonlyMap<number, Jump>,
): readonly number[] {
  const order: number[] = [];
  const taken = new Set<number>();
  let start = 0;
  let time = 1;
  let isAgain = false;
  for (let index = 0; index < measures.length && order.length < MAX_PLAYED;) {
    const measure = measures[index];
    if (!measure) break;
    if (measure.opens && start !== index) [start, time] = [index, 1];
    const turn = isAgain ? timesOf(measures, start, index) : time;
    if (measure.ending && !measure.ending.includes(turn)) {
      index = afterEnding(measures, index);
      continue;
    }
    order.push(index);
    if (isAgain && measure.fine) break;
    if (!isAgain && measure.closes !== null && time < timesOf(measures, start, index)) {
      time += 1;
      index = start;
      continue;
    }
    const jump = jumps.get(index);
    if (jump && !taken.has(index) && (jump.isBack || isAgain)) {
      taken.add(index);
      isAgain = jump.isBack;
      index = jump.to;
      [start, time] = [index, 1];
      continue;
    }
    const isOver = measure.endsEnding && !measures[index + 1]?.ending;
    if (measure.closes !== null || isOver) [start, time] = [index + 1, 1];
    index += 1;
  }
  return order;
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
