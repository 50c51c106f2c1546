import { useCallback, useDeferredValue, useEffect, useState } from "react";
import {
  type Advice,
  type Blockage,
  type Mark,
  type NamedRoute,
  type RouteKind,
} from "@/core/arrangement";
import { currentValue, type Computed } from "@/ui/computed";
import { useRig, useView } from "@/session";
import { onDemand, TryAgain } from "@/ui/controls";
import { HandPath } from "./HandPath";
import { SongSummary } from "./SongSummary";
import { type SongRoom } from "@/features/song/state";

// Fetched after mount: none of them can be shown before the first route is planned.
const PARTS = {
  blocked: async () => import("./BlockedNotice"),
  change: async () => import("./ChangePanel"),
  routes: async () => import("./RoutesTable"),
  strip: async () => import("@/features/song/grip"),
  choice: async () => import("./GripChoice"),
  neck: async () => import("@/ui/neck"),
  now: async () => import("@/features/song/grip"),
};
const BlockedNotice = onDemand("What blocks the route", async () =>
  PARTS.blocked().then((part) => part.BlockedNotice),
);
const ChangePanel = onDemand("The change", async () =>
  PARTS.change().then((part) => part.ChangePanel),
);
const RoutesTable = onDemand("The other routes", async () =>
  PARTS.routes().then((part) => part.RoutesTable),
);
const RoutePairDialog = onDemand("The two routes", async () =>
  import("./RoutePairDialog").then((part) => part.RoutePairDialog),
);
const GripStrip = onDemand("The grips", async () => PARTS.strip().then((part) => part.GripStrip));
const GripChoice = onDemand("The other grips", async () =>
  PARTS.choice().then((part) => part.GripChoice),
);
const ChangeOnNeck = onDemand("The change on the neck", async () =>
  PARTS.neck().then((part) => part.ChangeOnNeck),
);
const NowNext = onDemand("The grips to play", async () => PARTS.now().then((part) => part.NowNext));

interface RouteColumnProps {
  readonly room: SongRoom;
  readonly routes: readonly NamedRoute[];
  readonly advice: Computed<readonly Advice[] | null>;
  readonly blockage: Computed<Blockage | null>;
}

/** The route over the neck: its picture, whether it holds, what the chosen change asks, grips and other routes. */
export function RouteColumn({ room, routes, advice, blockage }: RouteColumnProps) {
  const { document, view, request, planned, plan, chosen, play, playhead, choose } = room;
  const { place } = play;
  const [compared, setCompared] = useState<readonly [NamedRoute, NamedRoute] | null>(null);
  useEffect(() => {
    // Where one cannot be fetched it is asked for once more when it is shown.
    for (const fetchPart of Object.values(PARTS)) fetchPart().catch(() => undefined);
  }, []);
  const { set, setSettings } = document;
  const { show } = view;
  const setMarks = useCallback((marks: readonly Mark[]) => setSettings({ marks }), [setSettings]);
  const setRouteKind = useCallback(
    (routeKind: RouteKind) => setSettings({ routeKind }),
    [setSettings],
  );
  const takeTip = useCallback((tip: Advice) => setSettings({ marks: tip.marks }), [setSettings]);
  const { isOnNeck } = view;
  const { thickOnTop, spacing } = useView().view;
  const { accidentals } = useRig().profile;
  const toggleNeck = useCallback(() => show({ isOnNeck: !isOnNeck }), [show, isOnNeck]);
  const { arrangement, route, neck, guitar } = plan;
  const { chord, section, stop, change, jump } = chosen;
  const blocked = currentValue(blockage);
  // The picture of the route renders first, its many grips in idle time.
  const later = useDeferredValue(plan);
  const shown = place?.chord ?? view.chord;
  const shownSection = place ? (arrangement.bars[place.bar]?.section ?? section) : section;
  return (
    <div className="min-w-0 space-y-4">
      {isOnNeck && jump ? (
        <ChangeOnNeck
          neck={neck}
          leftHanded={guitar.leftHanded}
          thickOnTop={thickOnTop}
          spacing={spacing}
          accidentals={accidentals}
          {...jump}
        />
      ) : (
        <HandPath
          arrangement={arrangement}
          route={route}
          neck={neck}
          isWaiting={planned.kind === "waiting"}
          chosen={shown}
          onChoose={choose}
          hardStrokes={plan.hardStrokes}
          playhead={playhead}
        />
      )}
      {planned.kind === "failed" && (
        <TryAgain onRetry={planned.retry}>The route could not be planned.</TryAgain>
      )}
      <SongSummary plan={plan} />
      {blocked && <BlockedNotice blockage={blocked} onLoosen={(settings) => set({ settings })} />}
      {route && place && !view.isStage && (
        <NowNext
          plan={plan}
          route={route}
          now={place.chord}
          next={place.next}
          isPlaying
          size="page"
        />
      )}
      {route && !place && change !== null && (
        <ChangePanel
          arrangement={arrangement}
          route={route}
          change={change}
          advice={advice}
          isOnNeck={isOnNeck}
          onNeck={toggleNeck}
          onTake={takeTip}
        />
      )}
      {later.route && (
        <GripStrip
          arrangement={later.arrangement}
          route={later.route}
          section={shownSection}
          chosen={shown}
          neck={neck}
          guitar={guitar}
          onChoose={choose}
        />
      )}
      {route && (
        <RoutesTable
          routes={routes}
          chosen={route}
          quartersPerBeat={arrangement.quartersPerBeat}
          onChoose={setRouteKind}
          onCompare={setCompared}
        />
      )}
      {chord && !place && view.chord !== null && (
        <GripChoice
          request={plan.request}
          marks={request.settings.marks}
          arrangement={arrangement}
          chord={chord}
          index={view.chord}
          current={route?.timed.stops[stop]?.fingering}
          neck={neck}
          guitar={guitar}
          onMarks={setMarks}
        />
      )}
      {compared && (
        <RoutePairDialog
          arrangement={arrangement}
          neck={neck}
          pair={compared}
          onClose={() => setCompared(null)}
        />
      )}
    </div>
  );
}
