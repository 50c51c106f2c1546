import { memo, useCallback, useDeferredValue, useMemo, useState } from "react";
import { readWords, say } from "@/core/song";
import { nameTuning } from "@/core/tuning";
import { useDeviceChoice, useRig, useTell, useTuningShelf, useView } from "@/session";
import { guitarFor, LONGEST_CHART } from "@/state";
import { currentValue, lastValue } from "@/ui/computed";
import { onDemand } from "@/ui/controls";
import { ChartColumn, StartSong } from "@/features/song/chart";
import { SongKeyListener } from "./SongKeyListener";
import { SongPanels } from "@/features/song/panels";
import { EditPanel, GuitarChanges, guitarNote, SongFoot, SongHeader } from "./header";
import { useSongActions } from "./useSongActions";
import { type RoutedSong } from "@/core/playing";
import { useAdvice, useBlockage, useRoutes } from "@/features/song/state";
import { TypedChart } from "@/features/song/chart";
import {
  useQuietDocument,
  useSongDocument,
  type SongDocument,
  type SongStart,
} from "@/features/song/state";
import { inTuning, useSongRoom } from "@/features/song/state";
import { type SongView } from "@/features/song/state";
import { RouteColumn } from "@/features/song/route";

const TuningDialog = onDemand("The list of tunings", () =>
  import("@/ui/tuning").then((part) => part.TuningDialog),
);
const SongSheet = onDemand("The sheet", () =>
  import("@/features/song/paper").then((part) => part.SongSheet),
);
const SaveDialog = onDemand("Saving as a file", () =>
  import("@/features/song/paper").then((part) => part.SaveDialog),
);
const StageView = onDemand("The stage view", () =>
  import("./SongStage").then((part) => part.SongStage),
);

interface OpenSongProps {
  readonly start: SongStart;
  readonly view: Partial<SongView>;
  readonly onOpen: (id: number) => void;
  readonly onNew: () => void;
}

const NONE: readonly never[] = [];
/** One object, so that a new route does not redraw the chart. */
const NONE_BLOCKED: ReadonlySet<string> = new Set();

/** An open song. What is typed is in the editor at once; all that follows from it comes as soon as there is time. */
export function OpenSong({ start, ...rest }: OpenSongProps) {
  const document = useSongDocument(start);
  const quiet = useQuietDocument(document);
  return (
    <TypedChart.Provider value={document.song.chart}>
      <OpenedRoom document={useDeferredValue(quiet)} {...rest} />
    </TypedChart.Provider>
  );
}

interface OpenedRoomProps extends Omit<OpenSongProps, "start"> {
  readonly document: SongDocument;
}

/** A song: its chart, its route over the neck, what holds, and playing along. */
const OpenedRoom = memo(function OpenedRoom(props: OpenedRoomProps) {
  const { document, view: firstView, onOpen, onNew } = props;
  const room = useSongRoom(document, firstView);
  const {
    view,
    chart,
    request,
    arrangement,
    planned,
    plan,
    chosen,
    play,
    playhead,
    tuning,
    choose,
    lookAt,
    goToSection,
  } = room;
  const { song, set, type } = document;
  const { route, guitar } = plan;
  const { guitars, profile } = useRig();
  const shelf = useTuningShelf();
  const tell = useTell();
  const [dialog, setDialog] = useState<"tuning" | "sheet" | "save" | null>(null);
  const isReady = route !== null && planned.kind !== "waiting";
  const isBlocked =
    planned.kind === "ready" && (route?.played.length ?? 0) < plan.arrangement.chords.length;
  const routes = useRoutes(request, isReady);
  const advice = useAdvice(request, isReady ? chosen.change : null);
  const blockage = useBlockage(request, isBlocked);
  const blocked = useMemo(() => {
    if (!isBlocked) return NONE_BLOCKED;
    const played = new Set(route?.played);
    const without = plan.arrangement.chords.filter((_, index) => !played.has(index));
    return new Set(without.map(({ section, bar, inBar }) => `${section} ${bar} ${inBar}`));
  }, [plan.arrangement, route, isBlocked]);
  const found = lastValue(routes) ?? NONE;
  const routed = useMemo(
    (): RoutedSong | null =>
      plan.route && { arrangement: plan.arrangement, route: plan.route, neck: plan.neck },
    [plan],
  );
  const words = useMemo(() => readWords(plan.request.text, chart), [plan.request.text, chart]);
  const startQuarters =
    (chosen.chord?.playedBar === play.startBar ? chosen.chord.start : undefined) ??
    plan.arrangement.bars[play.startBar]?.start ??
    0;
  const { thickOnTop } = useView().view;
  const look = useMemo(
    () => ({ leftHanded: guitar.leftHanded, thickOnTop }),
    [guitar.leftHanded, thickOnTop],
  );
  const [chartShown, setChartShown] = useDeviceChoice("chart beside the route", 1);
  const isChartShown = chartShown !== 0;
  const isBlank = arrangement.chords.length === 0;
  const actions = useSongActions(room, setDialog);
  const tellTooLong = useCallback(
    (length: number) =>
      tell({
        text: `That makes ${count(length)} characters; a chart may have ${count(LONGEST_CHART)}. Nothing was changed.`,
      }),
    [tell],
  );
  return (
    <>
      {/* On stage the same keys do other things. */}
      {!view.isStage && (
        <SongKeyListener room={room} routes={found} advice={currentValue(advice) ?? NONE} />
      )}
      <div className="space-y-3 max-lg:pb-16" inert={view.isStage}>
        <SongHeader room={room} isBlank={isBlank} {...actions} />
        {view.panel === "edit" && (
          <EditPanel
            tempoBpm={arrangement.tempoBpm}
            tuningName={tuning.name}
            isChartShown={isChartShown}
            onTempo={(bpm) => type(say(song.chart, "Tempo", String(bpm)))}
            onTuning={() => setDialog("tuning")}
            onChart={() => setChartShown(isChartShown ? 0 : 1)}
          />
        )}
        <GuitarChanges room={room} />
        <SongPanels room={room} onOpen={onOpen} onNew={onNew} />
        <div
          className={`grid gap-4 ${isBlank || isChartShown ? "lg:grid-cols-[minmax(18rem,23rem)_minmax(0,1fr)]" : ""}`}
        >
          <div
            className={`min-w-0 ${isBlank || view.part === "chart" ? "" : "max-lg:hidden"} ${isBlank || isChartShown ? "" : "lg:hidden"}`}
          >
            <ChartColumn
              text={song.chart}
              chart={chart}
              arrangement={arrangement}
              chosen={view.chord}
              asPowerChords={song.settings.allAsPowerChords}
              blocked={blocked}
              isLocked={play.isPlaying}
              onType={type}
              onChoose={choose}
              onSection={goToSection}
              onCursor={lookAt}
              onTooLong={tellTooLong}
            />
          </div>
          {isBlank && <StartSong onText={type} />}
          {!isBlank && (
            <RouteColumn
              room={room}
              song={routed}
              words={words}
              look={look}
              startQuarters={startQuarters}
              routes={found}
              advice={advice}
              blockage={blockage}
            />
          )}
        </div>
        {!isBlank && <SongFoot view={view} {...actions} />}
      </div>
      {dialog === "tuning" && (
        <TuningDialog
          title={`${song.name} wants`}
          shelf={shelf}
          current={song.tuningMidi}
          onChoose={(midi) => {
            const on = guitarFor(guitars, guitar, midi.length);
            if (on) set(inTuning(song, on.id, midi));
            setDialog(null);
          }}
          onClose={() => setDialog(null)}
        />
      )}
      {dialog === "sheet" && route && (
        <SongSheet
          song={song}
          chart={room.runChart}
          tuning={nameTuning(room.run.tuningMidi, profile.accidentals)}
          plan={plan}
          route={route}
          onClose={() => setDialog(null)}
        />
      )}
      {dialog === "save" && route && (
        <SaveDialog song={song} plan={plan} route={route} onClose={() => setDialog(null)} />
      )}
      {view.isStage && routed && (
        <StageView
          song={routed}
          words={words}
          look={look}
          play={play}
          playhead={playhead}
          startQuarters={startQuarters}
          name={song.name}
          note={guitarNote(room)}
          onClose={() => view.show({ isStage: false })}
        />
      )}
    </>
  );
});

function count(characters: number): string {
  return characters.toLocaleString("en");
}
