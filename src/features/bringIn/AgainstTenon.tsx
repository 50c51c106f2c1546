import { useCallback, useMemo, useRef } from "react";
import { type SongRoute } from "@/core/arrangement";
import { TIMING } from "@/core/motion";
import { UNLIMITED_QUARTERS_BPM } from "@/core/song";
import { usePlayer, useRig } from "@/session";
import { guitarFor, neckOf, type SongContent } from "@/state";
import { lastValue, useComputed } from "@/ui/computed";
import { TableButton } from "@/ui/save";
import { tempoText } from "@/ui/text";
import { ask } from "@/worker/client";

interface AgainstTenonProps {
  readonly song: Omit<SongContent, "guitarId">;
}

/** What the file plays beside Tenon's best, and what that would save. */
export function AgainstTenon({ song }: AgainstTenonProps) {
  const { guitars, profile } = useRig();
  const { player } = usePlayer();
  const { level, practice, downStrokesBpm } = profile;
  const requested = useMemo(() => {
    const guitar = guitarFor(guitars, guitars[0], song.tuningMidi.length);
    if (!guitar) return null;
    const { chart: text, settings, tuningMidi } = song;
    return {
      text,
      settings: { ...settings, routeKind: "usual" },
      help: "full",
      neck: neckOf(guitar, tuningMidi),
      player,
      constants: practice.ownTiming ?? TIMING[level],
      downStrokesBpm,
    } as const;
  }, [guitars, song, player, practice.ownTiming, level, downStrokesBpm]);
  const answer = useComputed(
    useCallback(
      async () =>
        requested &&
        ask("brought", requested, async (api) => {
          const own = await api.songRoute(requested);
          const bare = { ...requested, settings: { ...requested.settings, marks: [] } };
          return [own.route, (await api.songRoute(bare)).route] as const;
        }),
      [requested],
    ),
  );
  const table = useRef<HTMLTableElement>(null);
  const [own, best] = lastValue(answer) ?? [null, null];
  if (answer.kind === "waiting") return <p className="text-muted">Looking for a better route…</p>;
  if (!own || !best) return null;
  return (
    <section aria-label="Compared with Tenon's route" className="space-y-3">
      <table ref={table} className="figures text-left text-lg">
        <thead>
          <tr className="text-[15px] text-muted">
            <th scope="col" className="pr-6 font-normal">
              <span className="sr-only">Route</span>
            </th>
            <th scope="col" className="pr-6 font-normal">
              Hand travels
            </th>
            <th scope="col" className="font-normal">
              Holds to
            </th>
          </tr>
        </thead>
        <tbody>
          <RouteRow name="As the file plays it" route={own} />
          <RouteRow name="Tenon's route" route={best} />
        </tbody>
      </table>
      <p className="text-lg">{savedText(own.timed, best.timed)}</p>
      <TableButton table={table} name="the file’s route and Tenon’s" />
    </section>
  );
}

function RouteRow({ name, route }: { readonly name: string; readonly route: SongRoute }) {
  const { travelFrets, cleanTempoBpm } = route.timed;
  return (
    <tr>
      <th scope="row" className="pr-6 font-normal">
        {name}
      </th>
      <td className="pr-6">{`${travelFrets} frets`}</td>
      <td>{tempoText(cleanTempoBpm)}</td>
    </tr>
  );
}

/** What Tenon's route saves, in frets of travel and in tempo. */
export function savedText(own: RouteFigures, best: RouteFigures): string {
  const frets = own.travelFrets - best.travelFrets;
  const gained = tempoOf(best) - tempoOf(own);
  const parts = [
    frets > 0 ? `saves ${frets} ${frets === 1 ? "fret" : "frets"} of travel` : null,
    gained === Infinity ? "holds at any tempo" : gained > 0 ? `holds ${gained} bpm faster` : null,
  ].filter((part) => part !== null);
  if (parts.length === 0) {
    return "The file's route is as easy on the hand or easier; Tenon's takes grips that are more usual.";
  }
  return `Tenon's route ${parts.join(" and ")}. The file's grips are pinned; let any of them go in the song.`;
}

type RouteFigures = Pick<SongRoute["timed"], "travelFrets" | "cleanTempoBpm">;

/** Infinity where nothing limits the tempo. */
function tempoOf({ cleanTempoBpm }: RouteFigures): number {
  const isLimited = cleanTempoBpm !== null && cleanTempoBpm <= UNLIMITED_QUARTERS_BPM;
  return isLimited ? Math.floor(cleanTempoBpm) : Infinity;
}
