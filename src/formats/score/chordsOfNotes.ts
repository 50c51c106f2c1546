import { type Fretting } from "@/core/fretting";
import { type Midi } from "@/core/pitch";
import { chordOfFretting, type NamedChord } from "./chordEntry";
import { type ScoreChord, type ScoreNote } from "./score";

/** A name that stands over the notes of a bar. */
interface WrittenName {
  readonly startBeat: number;
  readonly chord: NamedChord;
}

const ROUNDING = 1e-6;

/**
 * The chords of a bar that is written in notes: those whose names stand over it, with the grips under them, or without names
 * those that strings struck together make. A grip lasts while its own notes are struck again.
 */
export function chordsInNotes(
  open: readonly Midi[],
  notes: readonly ScoreNote[],
  beats: number,
  names: readonly WrittenName[],
): readonly ScoreChord[] {
  const groups = groupsOf(open.length, notes);
  if (names.length > 0) {
    return names.map(({ startBeat, chord }, at) => {
      const end = names[at + 1]?.startBeat ?? beats;
      const under = groups.filter(
        ({ time }) => time >= startBeat - ROUNDING && time < end - ROUNDING,
      );
      const grip = under.find(({ sounding }) => sounding >= 2) ?? null;
      return entry(chord, startBeat, end - startBeat, grip?.fretting ?? null);
    });
  }
  const chords: ScoreChord[] = [];
  let current: { chord: NamedChord | null; fretting: Fretting; start: number } | null = null;
  const end = (at: number) => {
    if (current?.chord) {
      chords.push(entry(current.chord, current.start, at - current.start, current.fretting));
    }
    current = null;
  };
  for (const { time, fretting, sounding, dead } of groups) {
    const goesOn = current !== null && isPartOf(fretting, current.fretting);
    // Dead strings are damped between two strums; they end nothing.
    if (goesOn || (sounding === 0 && dead > 0)) continue;
    end(time);
    if (sounding >= 2) current = { chord: chordOfFretting(open, fretting), fretting, start: time };
  }
  end(beats);
  return chords;
}

interface Group {
  readonly time: number;
  readonly fretting: Fretting;
  /** Strings that ring, and those that are only damped. */
  readonly sounding: number;
  readonly dead: number;
}

function groupsOf(strings: number, notes: readonly ScoreNote[]): readonly Group[] {
  const byTime = new Map<number, ScoreNote[]>();
  for (const note of notes) {
    const key = Math.round(note.startBeat / ROUNDING);
    byTime.set(key, [...(byTime.get(key) ?? []), note]);
  }
  return [...byTime]
    .sort(([a], [b]) => a - b)
    .map(([, struck]) => {
      const time = struck[0]?.startBeat ?? 0;
      const fretting: (number | null)[] = Array.from({ length: strings }, () => null);
      const ringing = struck.filter(({ mark }) => !mark?.split(" ").includes("x"));
      for (const { string, fret } of ringing) fretting[string] = fret;
      return { time, fretting, sounding: ringing.length, dead: struck.length - ringing.length };
    });
}

function isPartOf(part: Fretting, whole: Fretting): boolean {
  return (
    part.some((fret) => fret !== null) &&
    part.every((fret, string) => fret === null || fret === whole[string])
  );
}

function entry(
  chord: NamedChord,
  startBeat: number,
  beats: number,
  fretting: Fretting | null,
): ScoreChord {
  return { ...chord, startBeat, beats, texture: null, fretting, fingers: null };
}
