import { useCallback, useMemo, useState } from "react";
import { type ArrangedChord, type SongChange } from "@/core/arrangement";
import { type GripStop } from "@/core/plan";
import { nameTuning, type Tuning } from "@/core/tuning";
import { writeSongAddress } from "@/formats/address";
import { useAddress, useRig } from "@/session";
import { type Chart } from "@/core/song";
import { makePlayhead, type Playhead } from "./playhead";
import { useChart } from "./useChart";
import { usePlayAlong, type PlayAlong } from "./usePlayAlong";
import { useSongAnswers, type SongAnswers } from "./useSongAnswers";
import { type SongDocument } from "./useSongDocument";
import { useSongView, type SongView, type SongViewState } from "./useSongView";

/** What is chosen of a song: a chord, and with it the change to the next. */
export interface Chosen {
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
export interface SongRoom {
  readonly document: SongDocument;
  readonly view: SongViewState;
  readonly chart: Chart;
  readonly answers: SongAnswers;
  readonly chosen: Chosen;
  readonly play: PlayAlong;
  readonly playhead: Playhead;
  readonly tuning: Tuning;
  readonly choose: (chord: number) => void;
  readonly goToSection: (section: number) => void;
}

export function useSongRoom(document: SongDocument, firstView: Partial<SongView>): SongRoom {
  const { profile } = useRig();
  const { id, song } = document;
  const view = useSongView(firstView);
  const { show } = view;
  const chart = useChart(song.chart);
  const answers = useSongAnswers(song, chart, view.help);
  const { arrangement } = answers;
  const [playhead] = useState(makePlayhead);
  const chosen = useMemo(() => chosenOf(view, answers), [view, answers]);
  useAddress(writeSongAddress({ id, section: chosen.section, chord: view.chord }));
  const play = usePlayAlong({ answers, playhead });
  const tuning = useMemo(
    () => nameTuning(song.tuningMidi, profile.accidentals),
    [song.tuningMidi, profile.accidentals],
  );
  const choose = useCallback((chord: number) => show({ chord, isOnNeck: false }), [show]);
  const { isPlaying, setStartBar } = play;
  return {
    document,
    view,
    chart,
    answers,
    chosen,
    play,
    playhead,
    tuning,
    choose,
    goToSection: (section) => {
      const first = arrangement.chords.findIndex((each) => each.section === section);
      show({ section, chord: first < 0 ? null : first });
      const bar = arrangement.bars.findIndex((each) => each.section === section);
      if (bar >= 0 && !isPlaying) setStartBar(bar);
    },
  };
}

function chosenOf({ chord: index, section }: SongView, answers: SongAnswers): Chosen {
  const { arrangement, route } = answers;
  const chord = index === null ? undefined : arrangement.chords[index];
  const stop = route && index !== null ? route.played.indexOf(index) : -1;
  const change = route && stop >= 0 && stop < route.timed.changes.length ? stop : null;
  return {
    section: Math.min(chord?.section ?? section, Math.max(0, arrangement.sectionKeys.length - 1)),
    chord,
    stop,
    change,
    jump: change === null ? null : jumpOf(answers, change),
  };
}

function jumpOf({ arrangement, route }: SongAnswers, at: number): Jump | null {
  const change = route?.timed.changes[at];
  const [from, to] = [at, at + 1].map((stop) => {
    const chord = arrangement.chords[route?.played[stop] ?? -1];
    const fingering = route?.timed.stops[stop]?.fingering;
    return chord && fingering ? { chord, fingering } : null;
  });
  return change && from && to ? { change, from, to } : null;
}
