import { type Route, type Stop } from "@/core/route";

/** A cost that knows the two stops and, where the first leaves the hand free, where it was before. */
export function costOfChange(from: Stop, hand: Stop | null, to: Stop): number {
  if (to.position === null) return 0;
  const travel = hand?.position ? Math.abs(to.position - hand.position) : 0;
  return travel + (from.place === to.place ? 0 : 1.5);
}

/** Every route there is, counted out, those through the same places too. */
export function everyRoute(layers: readonly (readonly Stop[])[]): readonly Route<Stop>[] {
  return layers
    .reduce<Stop[][]>(
      (routes, stops) => routes.flatMap((route) => stops.map((stop) => [...route, stop])),
      [[]],
    )
    .map((stops) => {
      let hand: Stop | null = null;
      let total = 0;
      let hardest = 0;
      for (const [at, stop] of stops.entries()) {
        const before = stops[at - 1];
        const change: number = before ? costOfChange(before, hand, stop) : 0;
        total += stop.cost + change;
        hardest = Math.max(hardest, change);
        if (stop.position !== null) hand = stop;
      }
      return { stops, total, hardest };
    });
}
