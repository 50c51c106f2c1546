import { useCallback, useDeferredValue, useEffect, useState } from "react";
import {
  rowOf,
  type Advice,
  type Blockage,
  type Mark,
  type NamedRoute,
  type RouteKind,
} from "@/core/arrangement";
import { type RoutedSong } from "@/core/playing";
import { type ChartWords } from "@/core/song";
import { currentValue, type Computed } from "@/ui/computed";
import { useDeviceChoice, useRig, useView } from "@/session";
import { onDemand, TryAgain } from "@/ui/controls";
import { PlayingView, usePlacePart, type GripLook } from "@/ui/playing";
import { HandPath } from "./HandPath";
import { SectionChoice } from "./SectionChoice";
import { SongSummary } from "./SongSummary";
import { useRouteBefore, type SongRoom } from "@/features/song/state";

// Fetched after mount: none of them can be shown before the first route is planned.
const PARTS = {
  blocked: async () => import("./BlockedNotice"),
  change: async () => import("./ChangePanel"),
  chips: async () => import("./RouteChips"),
  routes: async () => import("./RoutesTable"),
  strip: async () => import("@/features/song/grip"),
  choice: async () => import("./GripChoice"),
  neck: async () => import("@/ui/neck"),
};
const BlockedNotice = onDemand("What blocks the route", async () =>
  PARTS.blocked().then((part) => part.BlockedNotice),
);
const ChangePanel = onDemand("The change", async () =>
  PARTS.change().then((part) => part.ChangePanel),
);
const RouteChips = onDemand("The other routes", async () =>
  PARTS.chips().then((part) => part.RouteChips),
);
const RoutesTable = onDemand("The figures of the routes", async () =>
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

interface RouteColumnProps {
  readonly room: SongRoom;
  /** Null if the song has no route. */
  readonly song: RoutedSong | null;
  readonly words: ChartWords;
  readonly look: GripLook;
  readonly startQuarters: number;
  readonly routes: readonly NamedRoute[];
  readonly advice: Computed<readonly Advice[] | null>;
  readonly blockage: Computed<Blockage | null>;
}

/** The route over the neck and what is played of it: its picture, whether it holds, the playing view, grips and other routes. */
export function RouteColumn(props: RouteColumnProps) {
  const { room, song, words, look, startQuarters, routes, advice, blockage } = props;
  const { document, view, request, planned, plan, chosen, play, playhead, choose } = room;
  const [isComparing, setIsComparing] = useState(false);
  const before = useRouteBefore(plan);
  useEffect(() => {
    // Where one cannot be fetched it is asked for once more when it is shown.
    for (const fetchPart of Object.values(PARTS)) fetchPart().catch(() => undefined);
  }, []);
  const { set, setSettings } = document;
  const { show, isOnNeck } = view;
  const setMarks = useCallback((marks: readonly Mark[]) => setSettings({ marks }), [setSettings]);
  const setRouteKind = useCallback(
    (routeKind: RouteKind) => setSettings({ routeKind }),
    [setSettings],
  );
  const takeTip = useCallback((tip: Advice) => setSettings({ marks: tip.marks }), [setSettings]);
  const compare = useCallback(() => setIsComparing(true), []);
  const { spacing } = useView().view;
  const { accidentals } = useRig().profile;
  const toggleNeck = useCallback(() => show({ isOnNeck: !isOnNeck }), [show, isOnNeck]);
  const [scale] = useDeviceChoice("text size while playing", 1);
  const { arrangement, route, neck, guitar } = plan;
  const { chord, section, stop, change, jump } = chosen;
  const blocked = currentValue(blockage);
  // The picture of the route renders first; what is played and its many grips follow.
  const later = useDeferredValue(plan);
  const playable = useDeferredValue(song);
  const playedChord = usePlacePart(playhead, chordAt);
  const playedBar = usePlacePart(playhead, barAt);
  const shown = play.isPlaying ? playedChord : view.chord;
  const shownSection =
    playedBar === null ? section : (arrangement.bars[playedBar]?.section ?? section);
  const current = route ? rowOf(routes, route) : undefined;
  /** Phones show either the playing view or the route. */
  const [playPart, routePart] = [
    view.part === "play" ? "" : "max-md:hidden",
    view.part === "route" ? "" : "max-md:hidden",
  ];
  return (
    <div className={`flex min-w-0 flex-col gap-3 ${view.part === "chart" ? "max-lg:hidden" : ""}`}>
      <div className={`space-y-2 max-lg:order-2 ${routePart}`}>
        {isOnNeck && jump ? (
          <ChangeOnNeck
            neck={neck}
            {...look}
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
      </div>
      {playable && !view.isStage && (
        <div className={`max-lg:order-1 ${playPart}`}>
          <PlayingView
            song={playable}
            words={words}
            look={look}
            playhead={playhead}
            startQuarters={startQuarters}
            loop={play.options.loop}
            scale={scale}
            way="line"
            isBesideRoute
          />
        </div>
      )}
      {/* Not before the playing view, which would push it down. */}
      {(playable ?? (song === null && planned.kind !== "waiting")) && (
        <div className={`min-w-0 space-y-4 max-lg:order-3 ${routePart}`}>
          {route && (
            <RouteChips
              routes={routes}
              chosen={current}
              quartersPerBeat={arrangement.quartersPerBeat}
              onChoose={setRouteKind}
              onCompare={compare}
            />
          )}
          {route && !play.isPlaying && change !== null && (
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
          <SectionChoice
            sectionKeys={arrangement.sectionKeys}
            section={shownSection}
            onSection={room.goToSection}
          />
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
          {chord && !chord.notes && !play.isPlaying && view.chord !== null && (
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
          {route && (
            <RoutesTable
              routes={routes}
              chosen={current}
              quartersPerBeat={arrangement.quartersPerBeat}
              onChoose={setRouteKind}
            />
          )}
        </div>
      )}
      {isComparing && route && (
        <RoutePairDialog
          plan={plan}
          routes={routes}
          before={before}
          look={look}
          onClose={() => setIsComparing(false)}
        />
      )}
    </div>
  );
}

function chordAt(place: { readonly chord: number | null } | null): number | null {
  return place?.chord ?? null;
}

function barAt(place: { readonly bar: number } | null): number | null {
  return place?.bar ?? null;
}
