import { type Fretting } from "@/core/fretting";
import { type Midi } from "@/core/pitch";
import { chordOfFretting, type NamedChord } from "./chordEntry";
import { riffEntry } from "./riff";
import { type ScoreChord, type ScoreNote } from "./score";

/** A name that stands over the notes of a bar. */
interface WrittenName {
  readonly startBeat: number;
  readonly chord: NamedChord;
}

const ROUNDING = 1e-6;

/**
 * The chords of a bar that is written in notes: those whose names stand over it, with the grips under them, or without names
 * those that strings struck together make, and the notes of riffs between them. A grip lasts while its own notes are struck
 * again.
 */
export function chordsInNotes(
  open: readonly Midi[],
  notes: readonly ScoreNote[],
  beats: number,
  names: readonly WrittenName[],
): readonly ScoreChord[] {
  const groups = groupsOf(open.length, notes);
  if (names.length > 0) {
    const first = names[0]?.startBeat ?? 0;
    const early = notes.filter((note) => note.startBeat < first - ROUNDING);
    const named = names.flatMap(({ startBeat, chord }, at) => {
      const end = names[at + 1]?.startBeat ?? beats;
      const under = groups.filter(
        ({ time }) => time >= startBeat - ROUNDING && time < end - ROUNDING,
      );
      const grip = under.find(({ sounding }) => sounding >= 2) ?? null;
      return underName(chord, startBeat, end, grip?.fretting ?? null, under, open);
    });
    return [...chordsInNotes(open, early, first, []), ...named];
  }
  const chords: ScoreChord[] = [];
  let current: { chord: NamedChord; fretting: Fretting; start: number } | null = null;
  const end = (at: number) => {
    if (current) {
      chords.push(entry(current.chord, current.start, at - current.start, current.fretting));
    }
    current = null;
  };
  for (const { time, fretting, sounding, dead, struck } of groups) {
    const goesOn = current !== null && isPartOf(fretting, current.fretting);
    // Dead strings are damped between two strums; they end nothing.
    if (goesOn || (current !== null && sounding === 0 && dead > 0)) continue;
    end(time);
    const chord = sounding >= 2 ? chordOfFretting(open, fretting) : null;
    if (chord) current = { chord, fretting, start: time };
    else chords.push(riffEntry(struck, open.length));
  }
  end(beats);
  return chords;
}

/** A chord under its name, with the notes of a riff between its strums: those that are none of its grip and no chord. */
function underName(
  chord: NamedChord,
  start: number,
  end: number,
  grip: Fretting | null,
  groups: readonly Group[],
  open: readonly Midi[],
): readonly ScoreChord[] {
  // Under "N.C." and names that say nothing, only notes are played.
  if (chord.reducedTo === null) {
    const riff = groups.map(({ struck }) => riffEntry(struck, open.length));
    return riff.length > 0 ? riff : [entry(chord, start, end - start, null)];
  }
  const isRiff = ({ sounding, fretting }: Group) =>
    grip !== null &&
    sounding > 0 &&
    !isPartOf(fretting, grip) &&
    chordOfFretting(open, fretting) === null;
  const entries: ScoreChord[] = [];
  let from: number | null = start;
  for (const group of groups) {
    // Once notes have come between, a single note is one of them.
    const isAlone = from === null && group.sounding === 1;
    if (isAlone || isRiff(group)) {
      if (from !== null && group.time > from + ROUNDING) {
        entries.push(entry(chord, from, group.time - from, grip));
      }
      entries.push(riffEntry(group.struck, open.length));
      from = null;
    } else if (group.sounding > 0) from ??= group.time;
  }
  return from === null ? entries : [...entries, entry(chord, from, end - from, grip)];
}

interface Group {
  readonly time: number;
  readonly fretting: Fretting;
  /** Strings that ring, and those that are only damped. */
  readonly sounding: number;
  readonly dead: number;
  readonly struck: readonly ScoreNote[];
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
      return {
        time,
        fretting,
        sounding: ringing.length,
        dead: struck.length - ringing.length,
        struck,
      };
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
