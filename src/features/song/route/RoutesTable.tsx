import { memo, useRef, useState } from "react";
import { Columns2 } from "lucide-react";
import { keyOf, type NamedRoute, type SongRoute, type RouteKind } from "@/core/arrangement";
import { useNames } from "@/ui/names";
import { TableButton } from "@/ui/save";
import { NoteText, tempoText } from "@/ui/text";
import { fretsText, HOLDS_WORDS, routeName } from "@/features/song/state";

interface RoutesTableProps {
  readonly routes: readonly NamedRoute[];
  readonly chosen: SongRoute;
  readonly quartersPerBeat: number;
  readonly onChoose: (routeKind: RouteKind) => void;
  readonly onCompare: (pair: readonly [NamedRoute, NamedRoute]) => void;
}

/** The routes through a song, each with what it costs. */
export const RoutesTable = memo(function RoutesTable({
  routes,
  chosen,
  quartersPerBeat,
  onChoose,
  onCompare,
}: RoutesTableProps) {
  const { pitch } = useNames();
  const table = useRef<HTMLTableElement>(null);
  const [other, setOther] = useState<string | null>(null);
  const current = routes.find((each) => keyOf(each) === keyOf(chosen));
  const compared =
    routes.find((each) => keyOf(each) === other) ?? routes.find((each) => each !== current);
  return (
    <section aria-labelledby="ways-title" className="min-w-0 space-y-2">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 id="ways-title" className="text-xl font-semibold">
          Routes
        </h2>
        {current && compared && (
          <div className="flex flex-wrap items-center gap-2">
            <TableButton table={table} name="the routes" />
            <button
              type="button"
              className="button px-3"
              onClick={() => onCompare([current, compared])}
            >
              <Columns2 size={18} aria-hidden="true" />
              Compare
            </button>
            <select
              aria-label="Route to compare with the chosen one"
              className="field w-72 max-w-full"
              value={keyOf(compared)}
              onChange={({ target }) => setOther(target.value)}
            >
              {routes
                .filter((each) => each !== current)
                .map((each) => (
                  <option key={keyOf(each)} value={keyOf(each)}>
                    {routeName(each)}
                  </option>
                ))}
            </select>
          </div>
        )}
      </div>
      <div
        className="overflow-x-auto"
        tabIndex={0}
        role="region"
        aria-label="Routes through the song"
      >
        <table ref={table} className="figures w-full text-left text-[16px]">
          <thead className="text-[15px] text-muted">
            <tr>
              {["Route", "Effort", "Travel", "Shifts", "Hardest", "Lowest", "Holds to"].map(
                (name) => (
                  <th key={name} scope="col" className="px-2 py-1 font-normal whitespace-nowrap">
                    {name}
                  </th>
                ),
              )}
            </tr>
          </thead>
          <tbody>
            {routes.map((routeKind) => {
              const { timed } = routeKind;
              const isCurrent = routeKind === current;
              return (
                <tr key={keyOf(routeKind)} className={isCurrent ? "bg-picked" : ""}>
                  <th scope="row" className="p-0 font-semibold">
                    <button
                      type="button"
                      aria-pressed={isCurrent}
                      disabled={routeKind.routeKind === "another"}
                      className={`min-h-11 w-full min-w-44 border-l-4 px-2 text-left ${isCurrent ? "border-root" : "border-transparent hover:border-ink"}`}
                      onClick={() =>
                        routeKind.routeKind !== "another" && onChoose(routeKind.routeKind)
                      }
                    >
                      {routeName(routeKind)}
                    </button>
                  </th>
                  <td className="px-2">{timed.total.toFixed(1)}</td>
                  <td className="px-2 whitespace-nowrap">{fretsText(timed.travelFrets)}</td>
                  <td className="px-2">{timed.shifts}</td>
                  <td className="px-2">{timed.hardest.toFixed(1)}</td>
                  <td className="px-2 whitespace-nowrap">
                    {timed.lowestMidi === null ? (
                      "–"
                    ) : (
                      <NoteText>{pitch(timed.lowestMidi)}</NoteText>
                    )}
                  </td>
                  <td
                    className={`px-2 whitespace-nowrap ${timed.holds === "too fast" ? "font-semibold text-warning" : ""}`}
                  >
                    {tempoText(timed.cleanTempoBpm, quartersPerBeat)}
                    {timed.holds === "holds" ? "" : `, ${HOLDS_WORDS[timed.holds]}`}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </section>
  );
});
