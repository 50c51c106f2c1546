import { memo, useCallback, useDeferredValue, useMemo, useState } from "react";
import { say } from "@/core/song";
import { useRig, useTell, useTuningShelf } from "@/session";
import { guitarFor, LONGEST_CHART } from "@/state";
import { currentValue, lastValue } from "@/ui/computed";
import { onDemand } from "@/ui/controls";
import { ChartColumn } from "@/features/song/chart";
import { SongBar } from "./SongBar";
import { SongKeyListener } from "./SongKeyListener";
import { SongPanels } from "@/features/song/panels";
import { SongTools } from "./SongTools";
import { useAdvice, useBlockage, useRoutes } from "@/features/song/state";
import { TypedChart } from "@/features/song/chart";
import {
  useQuietDocument,
  useSongDocument,
  type SongDocument,
  type SongStart,
} from "@/features/song/state";
import { useSongInstrument } from "./useSongInstrument";
import { useSongRoom } from "@/features/song/state";
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
  useSongInstrument(document);
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
    tuning,
    choose,
    goToSection,
  } = room;
  const { song, set, type } = document;
  const { route, guitar } = plan;
  const { guitars } = useRig();
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
      <div className="space-y-3" inert={view.isStage}>
        <div className="flex flex-wrap items-end justify-between gap-x-4 gap-y-2">
          <SongBar
            name={song.name}
            tuning={tuning}
            arrangement={arrangement}
            section={chosen.section}
            isListOpen={view.panel === "songs"}
            onName={(name) => set({ name })}
            onList={() => view.toggle("songs")}
            onTempo={(bpm) => type(say(song.chart, "Tempo", String(bpm)))}
            onTuning={() => setDialog("tuning")}
            onSection={goToSection}
          />
          <SongTools
            room={room}
            onSheet={() => setDialog("sheet")}
            onSave={() => setDialog("save")}
          />
        </div>
        <SongPanels room={room} onOpen={onOpen} onNew={onNew} />
        <div className="grid gap-4 lg:grid-cols-[minmax(20rem,27rem)_minmax(0,1fr)]">
          <ChartColumn
            chart={chart}
            arrangement={arrangement}
            chosen={view.chord}
            blocked={blocked}
            isLocked={play.isPlaying}
            onType={type}
            onChoose={choose}
            onTooLong={tellTooLong}
          />
          <RouteColumn room={room} routes={found} advice={advice} blockage={blockage} />
        </div>
      </div>
      {dialog === "tuning" && (
        <TuningDialog
          title={`Play ${song.name} in`}
          shelf={shelf}
          current={song.tuningMidi}
          onChoose={(midi) => {
            const on = guitarFor(guitars, guitar, midi.length);
            if (on) set({ guitarId: on.id, tuningMidi: midi });
            setDialog(null);
          }}
          onClose={() => setDialog(null)}
        />
      )}
      {dialog === "sheet" && route && (
        <SongSheet
          song={song}
          chart={chart}
          tuning={tuning}
          plan={plan}
          route={route}
          onClose={() => setDialog(null)}
        />
      )}
      {dialog === "save" && route && (
        <SaveDialog song={song} plan={plan} route={route} onClose={() => setDialog(null)} />
      )}
      {view.isStage && route && (
        <StageView
          plan={plan}
          route={route}
          play={play}
          name={song.name}
          onClose={() => view.show({ isStage: false })}
        />
      )}
    </>
  );
});

function count(characters: number): string {
  return characters.toLocaleString("en");
}
