import { useCallback, useMemo } from "react";
import { type SongRoute } from "@/core/arrangement";
import { TIMING } from "@/core/motion";
import { usePlayer, useRig } from "@/session";
import { guitarFor, neckOf, type SongContent } from "@/state";
import { lastValue, useComputed } from "@/ui/computed";
import { computeFreely } from "@/worker/client";

interface AgainstTenonProps {
  readonly song: Omit<SongContent, "guitarId">;
}

/** What the file plays beside Tenon's best, and what that would save. */
export function AgainstTenon({ song }: AgainstTenonProps) {
  const { guitars, profile } = useRig();
  const { player } = usePlayer();
  const { level, practice, downStrokesBpm } = profile;
  const asked = useMemo(() => {
    const guitar = guitarFor(guitars, guitars[0], song.tuningMidi.length);
    if (!guitar) return null;
    const { chart: text, settings, tuningMidi } = song;
    return {
      text,
      settings,
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
        asked &&
        computeFreely("brought", async (api) => {
          const own = await api.songWay(asked, "usual");
          const bare = { ...asked, settings: { ...asked.settings, marks: [] } };
          return [own.route, (await api.songWay(bare, "usual")).route] as const;
        }),
      [asked],
    ),
  );
  const [own, best] = lastValue(answer) ?? [null, null];
  if (answer.kind === "waiting") return <p className="text-muted">Looking for a better way…</p>;
  if (!own || !best) return null;
  return (
    <section aria-label="Beside Tenon's way">
      <table className="figures text-left text-lg">
        <thead>
          <tr className="text-[15px] text-muted">
            <th scope="col" className="pr-6 font-normal">
              <span className="sr-only">Way</span>
            </th>
            <th scope="col" className="pr-6 font-normal">
              Hand travels
            </th>
            <th scope="col" className="font-normal">
              Clean to
            </th>
          </tr>
        </thead>
        <tbody>
          <WayRow name="As the file plays it" route={own} />
          <WayRow name="Tenon's way" route={best} />
        </tbody>
      </table>
      <p className="text-lg">{savedText(own, best)}</p>
    </section>
  );
}

function WayRow({ name, route }: { readonly name: string; readonly route: SongRoute }) {
  const { travelMm, cleanTempoBpm } = route.timed;
  return (
    <tr>
      <th scope="row" className="pr-6 font-normal">
        {name}
      </th>
      <td className="pr-6">{`${Math.round(travelMm)} mm`}</td>
      <td>{cleanTempoBpm === null ? "any tempo" : `${Math.floor(cleanTempoBpm)} a minute`}</td>
    </tr>
  );
}

/** What Tenon's way saves of the hand's, in mm and in tempo. */
function savedText({ timed: own }: SongRoute, { timed: best }: SongRoute): string {
  const mm = Math.round(own.travelMm - best.travelMm);
  const gained = Math.floor((best.cleanTempoBpm ?? Infinity) - (own.cleanTempoBpm ?? Infinity));
  const way = mm > 0 ? `saves ${mm} mm` : mm < 0 ? `takes ${-mm} mm more` : "travels as far";
  const tempo =
    own.cleanTempoBpm === null || Number.isNaN(gained)
      ? ""
      : gained === Infinity
        ? " and holds at any tempo"
        : gained > 0
          ? ` and holds ${gained} a minute faster`
          : gained < 0
            ? ` and holds ${-gained} a minute less`
            : " and holds as fast";
  return `Tenon's way ${way}${tempo}. The file's grips are pinned; let any of them go in the song.`;
}
