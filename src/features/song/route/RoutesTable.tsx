import { memo, useRef } from "react";
import { type NamedRoute, type RouteKind } from "@/core/arrangement";
import { useNames } from "@/ui/names";
import { TableButton } from "@/ui/save";
import { fretsText, NoteText, tempoText } from "@/ui/text";
import { HOLDS_WORDS, routeName } from "@/features/song/state";

interface RoutesTableProps {
  readonly routes: readonly NamedRoute[];
  /** The row of the current route. */
  readonly chosen: NamedRoute | undefined;
  readonly quartersPerBeat: number;
  readonly onChoose: (routeKind: RouteKind) => void;
}

const COLUMNS = ["Route", "Holds to", "Travel", "Shifts", "Lowest", "Effort", "Hardest"];

/** The routes through a song, each with what it costs. */
export const RoutesTable = memo(function RoutesTable(props: RoutesTableProps) {
  const { routes, chosen, quartersPerBeat, onChoose } = props;
  const { pitch } = useNames();
  const table = useRef<HTMLTableElement>(null);
  if (routes.length === 0) return null;
  return (
    <details className="min-w-0" data-figures="">
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">
        Figures of the routes
      </summary>
      <TableButton table={table} name="the routes" />
      <div
        className="overflow-x-auto"
        tabIndex={0}
        role="region"
        aria-label="Routes through the song"
      >
        <table ref={table} className="figures w-full text-left text-[16px]">
          <thead className="text-[15px] text-muted">
            <tr>
              {COLUMNS.map((name) => (
                <th key={name} scope="col" className="px-2 py-1 font-normal whitespace-nowrap">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {routes.map((route) => {
              const { timed, routeKind } = route;
              const isCurrent = route === chosen;
              return (
                <tr key={routeKind} className={isCurrent ? "bg-picked" : ""}>
                  <th scope="row" className="p-0 font-semibold">
                    <button
                      type="button"
                      aria-pressed={isCurrent}
                      className={`min-h-11 w-full min-w-44 border-l-4 px-2 text-left ${isCurrent ? "border-root" : "border-transparent hover:border-ink"}`}
                      onClick={() => onChoose(routeKind)}
                    >
                      {routeName(route)}
                    </button>
                  </th>
                  <td
                    className={`px-2 whitespace-nowrap ${timed.holds === "too fast" ? "font-semibold text-warning" : ""}`}
                  >
                    {tempoText(timed.cleanTempoBpm, quartersPerBeat)}
                    {timed.holds === "holds" ? "" : `, ${HOLDS_WORDS[timed.holds]}`}
                  </td>
                  <td className="px-2 whitespace-nowrap">{fretsText(timed.travelFrets)}</td>
                  <td className="px-2">{timed.shifts}</td>
                  <td className="px-2 whitespace-nowrap">
                    {timed.lowestMidi === null ? (
                      "–"
                    ) : (
                      <NoteText>{pitch(timed.lowestMidi)}</NoteText>
                    )}
                  </td>
                  <td className="px-2">{timed.total.toFixed(1)}</td>
                  <td className="px-2">{timed.hardest.toFixed(1)}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </details>
  );
});
