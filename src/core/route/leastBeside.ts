import { type CostOfChange, type Stop } from "./routes";

/**
 * For each layer, a bound on what all other layers and all changes cost at least in any route, when each
 * layer may hold further stops that cost `further` or more and lie anywhere. What is over a known route's total
 * together with it is in no better route. Work grows with the number of layers.
 */
export function leastBeside<T extends Stop>(
  layers: readonly (readonly T[])[],
  further: readonly number[],
  costOfChange: CostOfChange<T>,
): readonly number[] {
  const forward = leastBefore(layers, further, costOfChange);
  const reverse: CostOfChange<T> = (from, _hand, to) => costOfChange(to, to, from);
  const backward = leastBefore(layers.toReversed(), further.toReversed(), reverse).toReversed();
  return layers.map((_, at) => (forward[at] ?? 0) + (backward[at] ?? 0));
}

/** By layer: what it costs at least to have come through all before it. */
function leastBefore<T extends Stop>(
  layers: readonly (readonly T[])[],
  further: readonly number[],
  costOfChange: CostOfChange<T>,
): readonly number[] {
  const least: number[] = [];
  let known: Float64Array = new Float64Array();
  let lowest = 0;
  let leastFurther = 0;
  for (const [at, layer] of layers.entries()) {
    least.push(lowest);
    const before = layers[at - 1] ?? [];
    // A further stop of the layer before is left, and one of this layer reached, for nothing.
    const anywhere = leastFurther;
    const costs = Float64Array.from(layer, (stop) => {
      let way = anywhere;
      for (const [index, from] of before.entries()) {
        const sofar = known[index] ?? 0;
        if (sofar >= way) continue;
        const change = from.position === null ? 0 : costOfChange(from, from, stop);
        if (sofar + change < way) way = sofar + change;
      }
      return way + stop.cost;
    });
    leastFurther = lowest + (further[at] ?? Infinity);
    lowest = costs.reduce((low, cost) => Math.min(low, cost), leastFurther);
    known = costs;
  }
  return least;
}
