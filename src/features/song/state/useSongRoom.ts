import { useCallback, useMemo, useState } from "react";
import { type ArrangedChord, type SongChange } from "@/core/arrangement";
import { type GripStop } from "@/core/plan";
import { nameTuning, type Tuning } from "@/core/tuning";
import { writeSongAddress } from "@/formats/address";
import { useAddress, useRig } from "@/session";
import { useEvent } from "@/ui/controls";
import { onlyPlayed, tuningRuns, type Chart, type TuningRun } from "@/core/song";
import { makePlayhead, type Playhead } from "@/ui/playing";
import { useChart } from "./useChart";
import { usePlayAlong, type PlayAlong } from "./usePlayAlong";
import { useSongPlan, type SongPlan, type SongPlanning } from "./useSongPlan";
import { type SongDocument } from "./useSongDocument";
import { useSongView, type SongView, type SongViewState } from "./useSongView";

/** What is chosen of a song: a chord, and with it the change to the next. */
interface Chosen {
  /** The section that is shown. */
  readonly section: number;
  readonly chord: ArrangedChord | undefined;
  /** Its stop in the route; -1 where it has none. */
  readonly stop: number;
  /** The change from that stop to the next; null after the last. */
  readonly change: number | null;
  readonly jump: Jump | null;
}

/** A change with the grips on both of its sides. */
export interface Jump {
  readonly change: SongChange;
  readonly from: { readonly chord: ArrangedChord } & Pick<GripStop, "fingering">;
  readonly to: { readonly chord: ArrangedChord } & Pick<GripStop, "fingering">;
}

/** All that the parts of an open song share. */
export interface SongRoom extends SongPlanning {
  readonly document: SongDocument;
  readonly view: SongViewState;
  readonly chart: Chart;
  /** The song split at guitar changes; one run for most songs. */
  readonly runs: readonly TuningRun[];
  readonly run: TuningRun;
  /** The chart with only the current run's bars played. */
  readonly runChart: Chart;
  readonly chosen: Chosen;
  readonly play: PlayAlong;
  readonly playhead: Playhead;
  /** The song's own tuning. */
  readonly tuning: Tuning;
  /** Shows a chord and moves the start of playing to its bar. */
  readonly choose: (chord: number) => void;
  /** Shows a chord without moving the start, as for the cursor in the text. */
  readonly lookAt: (chord: number) => void;
  /** Shows a section, in the run that plays it. */
  readonly goToSection: (section: number) => void;
}

export function useSongRoom(document: SongDocument, firstView: Partial<SongView>): SongRoom {
  const { profile } = useRig();
  const { id, song } = document;
  const view = useSongView(firstView);
  const { show } = view;
  const chart = useChart(song.chart);
  const runs = useMemo(() => tuningRuns(chart, song.tuningMidi), [chart, song.tuningMidi]);
  const runIndex = Math.min(view.run, runs.length - 1);
  const run = runs[runIndex] ?? runs[0];
  const runChart = useMemo(() => onlyPlayed(chart, run.range), [chart, run.range]);
  const planning = useSongPlan(song, run, runChart, view.help);
  const { plan } = planning;
  const [playhead] = useState(makePlayhead);
  const chosen = useMemo(() => chosenOf(view, plan), [view, plan]);
  useAddress(writeSongAddress({ id, section: chosen.section, chord: view.chord }));
  const play = usePlayAlong({
    plan,
    playhead,
    onStart: () => show({ isGuitarChange: false }),
    onEnd: () => {
      if (runIndex + 1 < runs.length) startRun(runIndex + 1, true);
    },
  });
  const tuning = useMemo(
    () => nameTuning(song.tuningMidi, profile.accidentals),
    [song.tuningMidi, profile.accidentals],
  );
  const { isPlaying, setStartBar } = play;
  const lookAt = useCallback((chord: number) => show({ chord, isOnNeck: false }), [show]);
  const choose = useEvent((chord: number) => {
    lookAt(chord);
    const bar = plan.arrangement.chords[chord]?.playedBar;
    if (bar !== undefined && !isPlaying) setStartBar(bar);
  });
  const startRun = useEvent((index: number, isGuitarChange: boolean) => {
    const section = chart.order[runs[index]?.range[0] ?? 0]?.[0] ?? 0;
    show({ run: index, section, chord: null, isGuitarChange });
    setStartBar(0);
  });
  return {
    document,
    view,
    chart,
    runs,
    run,
    runChart,
    ...planning,
    chosen,
    play,
    playhead,
    tuning,
    choose,
    lookAt,
    goToSection: (section) => {
      const barIn = ({ range: [from, to] }: TuningRun) =>
        chart.order.slice(from, to).findIndex(([each]) => each === section);
      if (barIn(run) < 0) {
        const other = runs.findIndex((each) => barIn(each) >= 0);
        if (other < 0 || isPlaying) return;
        show({ run: other, section, chord: null, isGuitarChange: false });
        setStartBar(barIn(runs[other] ?? run));
        return;
      }
      const first = plan.arrangement.chords.findIndex((each) => each.section === section);
      show({ section, chord: first < 0 ? null : first });
      if (!isPlaying) setStartBar(barIn(run));
    },
  };
}

function chosenOf({ chord: index, section }: SongView, plan: SongPlan): Chosen {
  const { arrangement, route } = plan;
  const chord = index === null ? undefined : arrangement.chords[index];
  const stop = route && index !== null ? route.played.indexOf(index) : -1;
  const change = route && stop >= 0 && stop < route.timed.changes.length ? stop : null;
  return {
    section: Math.min(chord?.section ?? section, Math.max(0, arrangement.sectionKeys.length - 1)),
    chord,
    stop,
    change,
    jump: change === null ? null : jumpOf(plan, change),
  };
}

function jumpOf({ arrangement, route }: SongPlan, at: number): Jump | null {
  const change = route?.timed.changes[at];
  const [from, to] = [at, at + 1].map((stop) => {
    const chord = arrangement.chords[route?.played[stop] ?? -1];
    const fingering = route?.timed.stops[stop]?.fingering;
    return chord && fingering ? { chord, fingering } : null;
  });
  return change && from && to ? { change, from, to } : null;
}
