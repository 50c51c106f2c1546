import { useCallback, useDeferredValue, useEffect } from "react";
import {
  type Advice,
  type Blockage,
  type Mark,
  type NamedRoute,
  type Way,
} from "@/core/arrangement";
import { currentValue, type Computed } from "@/ui/computed";
import { useRig, useView } from "@/session";
import { onDemand, TryAgain } from "@/ui/controls";
import { HandPath } from "./HandPath";
import { SongSummary } from "./SongSummary";
import { type SongRoom } from "./useSongRoom";

// None of these can be shown before there is a way, which is worked out once the page is there: they are fetched then.
const PARTS = {
  blocked: async () => import("./BlockedNotice"),
  change: async () => import("./ChangePanel"),
  ways: async () => import("./WaysTable"),
  strip: async () => import("./GripStrip"),
  choice: async () => import("./GripChoice"),
  neck: async () => import("@/ui/neck"),
  now: async () => import("./NowNext"),
};
const BlockedNotice = onDemand("What is in the way", async () =>
  PARTS.blocked().then((part) => part.BlockedNotice),
);
const ChangePanel = onDemand("The change", async () =>
  PARTS.change().then((part) => part.ChangePanel),
);
const WaysTable = onDemand("The other ways", async () =>
  PARTS.ways().then((part) => part.WaysTable),
);
const GripStrip = onDemand("The grips", async () => PARTS.strip().then((part) => part.GripStrip));
const GripChoice = onDemand("The other grips", async () =>
  PARTS.choice().then((part) => part.GripChoice),
);
const ChangeOnNeck = onDemand("The change on the neck", async () =>
  PARTS.neck().then((part) => part.ChangeOnNeck),
);
const NowNext = onDemand("The grips to play", async () => PARTS.now().then((part) => part.NowNext));

interface WayColumnProps {
  readonly room: SongRoom;
  readonly ways: readonly NamedRoute[];
  readonly advice: Computed<readonly Advice[] | null>;
  readonly blockage: Computed<Blockage | null>;
  readonly onBeside: (pair: readonly [NamedRoute, NamedRoute]) => void;
}

/** The way over the neck: its picture, whether it holds, what the chosen change asks, grips and other ways. */
export function WayColumn({ room, ways, advice, blockage, onBeside }: WayColumnProps) {
  const { document, view, answers, chosen, play, playhead, choose } = room;
  const { place } = play;
  useEffect(() => {
    // Where one cannot be fetched it is asked for once more when it is shown.
    for (const fetchPart of Object.values(PARTS)) fetchPart().catch(() => undefined);
  }, []);
  const { set, setSettings } = document;
  const { show } = view;
  const setMarks = useCallback((marks: readonly Mark[]) => setSettings({ marks }), [setSettings]);
  const setWay = useCallback((way: Way) => setSettings({ way }), [setSettings]);
  const takeTip = useCallback((tip: Advice) => setSettings({ marks: tip.marks }), [setSettings]);
  const { isOnNeck } = view;
  const { thickOnTop, spacing } = useView().view;
  const { accidentals } = useRig().profile;
  const toggleNeck = useCallback(() => show({ isOnNeck: !isOnNeck }), [show, isOnNeck]);
  const { arrangement, route, neck, guitar, asked, answered } = answers;
  const { chord, section, stop, change, jump } = chosen;
  const blocked = currentValue(blockage);
  // The picture of the way comes first, its many grips as soon as there is time.
  const later = useDeferredValue(answers);
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
          isWaiting={answers.isWaiting}
          chosen={shown}
          onChoose={choose}
          hardStrokes={answers.hardStrokes}
          playhead={playhead}
        />
      )}
      {answers.way.kind === "failed" && (
        <TryAgain onRetry={answers.way.retry}>The way could not be worked out.</TryAgain>
      )}
      <SongSummary answers={answers} />
      {blocked && <BlockedNotice blockage={blocked} onLoosen={(settings) => set({ settings })} />}
      {route && place && !view.isStage && (
        <NowNext
          answers={answers}
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
        <WaysTable
          ways={ways}
          chosen={route}
          quartersPerBeat={arrangement.quartersPerBeat}
          onChoose={setWay}
          onBeside={onBeside}
        />
      )}
      {chord && !place && view.chord !== null && (
        <GripChoice
          asked={answered}
          marks={asked.settings.marks}
          arrangement={arrangement}
          chord={chord}
          index={view.chord}
          current={route?.timed.stops[stop]?.fingering}
          neck={neck}
          guitar={guitar}
          onMarks={setMarks}
        />
      )}
    </div>
  );
}
