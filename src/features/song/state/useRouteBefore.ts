import { useState } from "react";
import { type Arrangement, type SongRoute, type SongSettings } from "@/core/arrangement";
import { type SongPlan } from "./useSongPlan";

/** A route offered for comparison, with the arrangement it was planned for. */
export interface ComparedRoute {
  readonly name: string;
  readonly route: SongRoute;
  readonly arrangement: Arrangement;
}

/**
 * The route before the last change of limits or marks, for comparison with the current one. Null if nothing has changed
 * since the last edit of the chart.
 */
export function useRouteBefore({ route, arrangement, request }: SongPlan): ComparedRoute | null {
  const own = { text: request.text, asked: askedOf(request.settings), route, arrangement };
  const [last, setLast] = useState(own);
  const [before, setBefore] = useState<ComparedRoute | null>(null);
  if (last.route !== route || last.text !== own.text) {
    setLast(own);
    if (last.text !== own.text) setBefore(null);
    else if (last.asked !== own.asked && last.route) {
      const { route: earlier, arrangement: arranged } = last;
      setBefore({ name: "Before the last change", route: earlier, arrangement: arranged });
    }
  }
  return before;
}

/** The settings that affect the grips, without the kind of route. */
function askedOf({ routeKind: _, ...asked }: SongSettings): string {
  return JSON.stringify(asked);
}
