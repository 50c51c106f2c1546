import { makeChangeTable } from "./changeTable";
import { type CostOfChange, type Stop } from "./stop";

/**
 * For each layer, a bound on what all other layers and all changes cost at least in any route, when each
 * layer may hold further stops that cost `further` or more and lie anywhere. What is over a known route's total
 * together with it is in no better route. Work grows with the number of layers.
 */
export function minRest<T extends Stop>(
  layers: readonly (readonly T[])[],
  further: readonly number[],
  costOfChange: CostOfChange<T>,
): readonly number[] {
  const { between } = makeChangeTable(costOfChange);
  const forward = minBefore(layers, further, (from, to) => {
    const change = between(from, to);
    return (index, goal) => (isOpen(from[index]) ? 0 : change(index, goal));
  });
  // The same from the end: a change is looked up the way it is played.
  const backward = minBefore(layers.toReversed(), further.toReversed(), (from, to) => {
    const change = between(to, from);
    return (index, goal) => (isOpen(to[goal]) ? 0 : change(goal, index));
  }).toReversed();
  return layers.map((_, at) => (forward[at] ?? 0) + (backward[at] ?? 0));
}

/** An open grip leaves the hand anywhere, so the change from it may cost nothing. */
function isOpen(stop: Stop | undefined): boolean {
  return stop?.position === null;
}

/** By two layers next to each other: what it costs at least from one stop to another. */
type Ways<T> = (from: readonly T[], to: readonly T[]) => (index: number, goal: number) => number;

/** By layer: what it costs at least to have come through all before it. */
function minBefore<T extends Stop>(
  layers: readonly (readonly T[])[],
  further: readonly number[],
  waysBetween: Ways<T>,
): readonly number[] {
  const min: number[] = [];
  let known = new Float64Array();
  let lowest = 0;
  let minFurther = 0;
  for (const [at, layer] of layers.entries()) {
    min.push(lowest);
    const before = layers[at - 1] ?? [];
    const way = waysBetween(before, layer);
    // Leaving a further stop of the previous layer, and reaching one of this layer, costs nothing.
    const anywhere = minFurther;
    const costs = new Float64Array(layer.length);
    // The least first: once one costs as much as the least sum so far, so do all after it.
    const order = Uint32Array.from(known, (_, index) => index).sort(
      (a, b) => (known[a] ?? 0) - (known[b] ?? 0),
    );
    for (let goal = 0; goal < layer.length; goal++) {
      let sum = anywhere;
      for (const index of order) {
        const sofar = known[index] ?? 0;
        if (sofar >= sum) break;
        sum = Math.min(sum, sofar + way(index, goal));
      }
      costs[goal] = sum + (layer[goal]?.cost ?? 0);
    }
    minFurther = lowest + (further[at] ?? Infinity);
    lowest = costs.reduce((low, cost) => Math.min(low, cost), minFurther);
    known = costs;
  }
  return min;
}
