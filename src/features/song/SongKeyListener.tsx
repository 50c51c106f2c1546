import { rowOf, type Advice, type NamedRoute } from "@/core/arrangement";
import { useKeys } from "@/ui/controls";
import { SONG_KEYS } from "@/features/song/state";
import { type SongRoom } from "@/features/song/state";

interface SongKeyListenerProps {
  readonly room: SongRoom;
  readonly routes: readonly NamedRoute[];
  readonly advice: readonly Advice[];
}

/** Listens to the keys of the room. */
export function SongKeyListener({ room, routes, advice }: SongKeyListenerProps) {
  const { document, view, plan, chosen, play } = room;
  const { route, arrangement } = plan;
  const step = (by: number) => {
    if (!route) return;
    const { stop } = chosen;
    const at = stop < 0 ? (by > 0 ? 0 : route.played.length - 1) : stop + by;
    const next = route.played[Math.min(route.played.length - 1, Math.max(0, at))];
    if (next === undefined) return;
    const { isOnNeck } = view;
    room.choose(next);
    view.show({ isOnNeck });
  };
  const stepRoute = (by: number) => {
    const at = routes.findIndex((each) => route && each === rowOf(routes, route));
    const next = routes[(at + by + routes.length) % Math.max(1, routes.length)];
    if (next) document.setSettings({ routeKind: next.routeKind });
  };
  useKeys(
    SONG_KEYS,
    {
      next: () => step(1),
      previous: () => step(-1),
      worst: () => {
        const worst = route?.timed.worst;
        const next = worst === null || worst === undefined ? undefined : route?.played[worst];
        if (next !== undefined) room.choose(next);
      },
      takeAdvice: (place) => {
        const tip = advice[place];
        if (tip) document.setSettings({ marks: tip.marks });
      },
      routeKind: (place) => stepRoute(place === 0 ? 1 : -1),
      section: () =>
        room.goToSection((chosen.section + 1) % Math.max(1, arrangement.sectionKeys.length)),
      write: () =>
        window.document.querySelector<HTMLElement>("[data-editor=chart] .cm-content")?.focus(),
      limits: () => view.toggle("limits"),
      play: play.toggle,
      stage: () => {
        if (route) view.show({ isStage: true });
      },
    },
    "page",
    true,
  );
  return null;
}
