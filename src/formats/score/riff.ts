import { type Midi } from "@/core/pitch";
import { noteName, type ChartNote } from "@/core/song";
import { type ScoreBar, type ScoreChord, type ScoreNote } from "./score";

const NO_PLACE = { offset: 0, length: 0 };
const REACHED = ["h", "p", "/", "\\", "b", "~", "x"] as const;

/** Notes of a file, struck together, as an entry among a bar's chords. */
export function riffEntry(notes: readonly ScoreNote[], strings: number): ScoreChord {
  const riff = notes.map((note) => chartNote(note, strings));
  const fretting = Array.from(
    { length: strings },
    (_, string) => notes.find((note) => note.string === string)?.fret ?? null,
  );
  return { ...riffOf(riff), fretting };
}

/** Adds an entry for every group of notes that lies outside the bar's chords. */
export function withRiffEntries(bar: ScoreBar, strings: number): ScoreBar {
  const starts = [...new Set(bar.notes.map(({ startBeat }) => startBeat))];
  const isInChord = (at: number) =>
    bar.chords.some(
      ({ startBeat, beats }) => at >= startBeat - ROUNDING && at < startBeat + beats - ROUNDING,
    );
  const entries = starts
    .filter((start) => !isInChord(start))
    .map((start) =>
      riffEntry(
        bar.notes.filter(({ startBeat }) => startBeat === start),
        strings,
      ),
    );
  const chords = [...bar.chords, ...entries].toSorted((a, b) => a.startBeat - b.startBeat);
  return entries.length > 0 ? { ...bar, chords } : bar;
}

const ROUNDING = 1e-6;

/** A note without a string, as an entry among a bar's chords. */
export function pitchEntry(midi: Midi, startBeat: number, beats: number): ScoreChord {
  const note = { startBeat, beats, string: null, fret: null, midi, mark: null, texture: null };
  return riffOf([{ ...note, place: NO_PLACE }]);
}

/** Notes struck together, as an entry among a bar's chords. */
export function riffOf(notes: readonly ChartNote[]): ScoreChord {
  const name = notes.map(noteName).join("+");
  return {
    name,
    reducedTo: name,
    leftOut: [],
    startBeat: notes[0]?.startBeat ?? 0,
    beats: Math.max(0, ...notes.map(({ beats }) => beats)),
    texture: notes[0]?.texture ?? null,
    fretting: null,
    fingers: null,
    riff: notes,
  };
}

function chartNote({ string, mark, ...note }: ScoreNote, strings: number): ChartNote {
  const marks = mark?.split(" ") ?? [];
  const reached = REACHED.find((each) => marks.includes(each)) ?? null;
  const isMuted = marks.includes("pm");
  return {
    ...note,
    string: strings - string,
    midi: null,
    mark: reached ?? (isMuted ? "m" : null),
    texture: reached !== null && isMuted ? "muted" : null,
    place: NO_PLACE,
  };
}
