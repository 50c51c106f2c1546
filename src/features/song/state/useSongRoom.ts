import { useCallback, useMemo, useState } from "react";
import { type ArrangedChord, type SongChange } from "@/core/arrangement";
import { type GripStop } from "@/core/plan";
import { nameTuning, type Tuning } from "@/core/tuning";
import { writeSongAddress } from "@/formats/address";
import { useAddress, useRig } from "@/session";
import { useEvent } from "@/ui/controls";
import { type Chart } from "@/core/song";
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
  readonly chosen: Chosen;
  readonly play: PlayAlong;
  readonly playhead: Playhead;
  readonly tuning: Tuning;
  /** Shows a chord and moves the start of playing to its bar. */
  readonly choose: (chord: number) => void;
  /** Shows a chord without moving the start, as for the cursor in the text. */
  readonly lookAt: (chord: number) => void;
  readonly goToSection: (section: number) => void;
}

export function useSongRoom(document: SongDocument, firstView: Partial<SongView>): SongRoom {
  const { profile } = useRig();
  const { id, song } = document;
  const view = useSongView(firstView);
  const { show } = view;
  const chart = useChart(song.chart);
  const planning = useSongPlan(song, chart, view.help);
  const { plan } = planning;
  const [playhead] = useState(makePlayhead);
  const chosen = useMemo(() => chosenOf(view, plan), [view, plan]);
  useAddress(writeSongAddress({ id, section: chosen.section, chord: view.chord }));
  const play = usePlayAlong({ plan, playhead });
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
  return {
    document,
    view,
    chart,
    ...planning,
    chosen,
    play,
    playhead,
    tuning,
    choose,
    lookAt,
    goToSection: (section) => {
      const { chords, bars } = plan.arrangement;
      const first = chords.findIndex((each) => each.section === section);
      show({ section, chord: first < 0 ? null : first });
      const bar = bars.findIndex((each) => each.section === section);
      if (bar >= 0 && !isPlaying) setStartBar(bar);
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
