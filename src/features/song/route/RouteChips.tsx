import { memo } from "react";
import { Columns2 } from "lucide-react";
import { type NamedRoute, type RouteKind } from "@/core/arrangement";
import { tempoText } from "@/ui/text";
import { HOLDS_WORDS, routeName, shortRouteName } from "@/features/song/state";

interface RouteChipsProps {
  readonly routes: readonly NamedRoute[];
  /** The row of the current route. */
  readonly chosen: NamedRoute | undefined;
  readonly quartersPerBeat: number;
  readonly onChoose: (routeKind: RouteKind) => void;
  readonly onCompare: () => void;
}

/** The routes as buttons, with the tempo each one holds to. */
export const RouteChips = memo(function RouteChips(props: RouteChipsProps) {
  const { routes, chosen, quartersPerBeat, onChoose, onCompare } = props;
  return (
    <div className="flex items-stretch gap-2">
      <div
        role="group"
        aria-label="Routes"
        className="flex min-h-14 min-w-0 flex-1 gap-1.5 overflow-x-auto pb-1"
      >
        {routes.map((route) => {
          const isCurrent = route === chosen;
          const { cleanTempoBpm, holds } = route.timed;
          return (
            <button
              key={route.routeKind}
              type="button"
              aria-pressed={isCurrent}
              title={routeName(route)}
              className={`shrink-0 rounded-lg border px-3 py-1 text-left leading-tight ${isCurrent ? "border-root bg-picked" : "border-line bg-surface hover:border-ink"}`}
              onClick={() => onChoose(route.routeKind)}
            >
              <span className="block font-semibold whitespace-nowrap">{shortRouteName(route)}</span>
              <span
                className={`figures block text-[15px] whitespace-nowrap ${holds === "too fast" ? "font-semibold text-warning" : "text-muted"}`}
              >
                {tempoText(cleanTempoBpm, quartersPerBeat)}
                {holds === "holds" ? "" : `, ${HOLDS_WORDS[holds]}`}
              </span>
            </button>
          );
        })}
      </div>
      {routes.length > 1 && (
        <button type="button" className="button h-14 px-3" onClick={onCompare}>
          <Columns2 size={18} aria-hidden="true" />
          Compare two
        </button>
      )}
    </div>
  );
});
