import { askedOf } from "@/core/chordGrips";
import { soundingMidi } from "@/core/fretting";
import { type Taste } from "@/core/grip";
import { type Fingering } from "@/core/hand";
import { type Neck } from "@/core/neck";
import {
  struckOnBeats,
  timeRoute,
  type ChordTime,
  type GripRoute,
  type TimedChange,
  type TimedRoute,
} from "@/core/plan";
import { preferencePoints } from "@/core/preference";
import { type ArrangedChord } from "./arrange";
import { lowestOf } from "./figures";
import { type SongQuestion } from "./question";

/** How a change holds at the song's tempo. */
export const HOLDS_AT_TEMPO = ["comfortable", "tight", "impossible"] as const;
export type HoldsAtTempo = (typeof HOLDS_AT_TEMPO)[number];

export interface SongChange extends TimedChange {
  readonly holds: HoldsAtTempo;
}

export interface TimedSong extends Omit<TimedRoute, "changes" | "total"> {
  /** Effort and preference of all grips and the cost of all changes, the same for every way: effort points. */
  readonly total: number;
  /** One between each two stops. */
  readonly changes: readonly SongChange[];
  /** The highest tempo at which every change is in time, over the written one; null where nothing has to move. */
  readonly tempoShare: number | null;
  /** The change that breaks first; null where nothing has to move. */
  readonly worst: number | null;
  /** The lowest note, as a MIDI number; null where nothing sounds. */
  readonly lowestMidi: number | null;
  /** The mean of the lowest notes of all grips. */
  readonly meanLowestMidi: number;
  /** Open strings that sound, over all stops. */
  readonly openStrings: number;
  /** The mean fret of what is pressed. */
  readonly meanFret: number;
}

/** A change that takes more than this share of its time is tight (a judgement). */
const TIGHT_SHARE = 0.75;

/** What a route through a song asks of the hand at the song's tempo. */
export function timeSong(
  { arrangement, neck, player, constants }: SongQuestion,
  played: readonly number[],
  route: GripRoute,
): TimedSong {
  const { chords, tempoBpm, quartersPerBeat } = arrangement;
  const times = played.map((index, at) => {
    const chord = chords[index];
    const next = chords[played[at + 1] ?? -1];
    return chord ? timeOf(chord, next, quartersPerBeat) : struckOnBeats(1);
  });
  const timed = timeRoute(neck, route, times, tempoBpm, constants);
  const changes = timed.changes.map((change) => ({ ...change, holds: holdsOf(change) }));
  const tempos = changes.map(({ cleanTempoBpm }) => cleanTempoBpm ?? Infinity);
  const least = Math.min(...tempos);
  const frets = timed.stops.flatMap(({ fingering }) =>
    fingering.fretting.filter((fret) => fret !== null),
  );
  const lowest = timed.stops.flatMap(({ fingering }) => lowestOf(neck, fingering.fretting) ?? []);
  const pressed = frets.filter((fret) => fret > 0);
  const grips = played.map((index, at) => {
    const chord = chords[index];
    const stop = timed.stops[at];
    return chord && stop ? gripPoints(neck, player, chord, stop.fingering) : 0;
  });
  return {
    ...timed,
    total: sum(grips) + sum(changes.map(({ cost }) => cost)),
    changes,
    tempoShare: least === Infinity ? null : least / tempoBpm,
    worst: least === Infinity ? null : tempos.indexOf(least),
    lowestMidi: lowest.length > 0 ? Math.min(...lowest) : null,
    meanLowestMidi: mean(lowest),
    openStrings: frets.length - pressed.length,
    meanFret: mean(pressed),
  };
}

/** Until the next chord that is played; the hand is free from the last strum on, through any silence. */
function timeOf(chord: ArrangedChord, next: ArrangedChord | undefined, beat: number): ChordTime {
  const { beats, strikes, texture, marks } = chord;
  const until = next ? Math.max(0, next.start - chord.start) : beats;
  const isPlain = texture === null && !marks.some(({ act }) => act === "leave");
  const last = isPlain
    ? beats - struckOnBeats(beats / beat).lastStrumBeats * beat
    : (strikes.at(-1)?.at ?? 0);
  return { beats: until / beat, lastStrumBeats: Math.max(0, until - last) / beat };
}

/** What a grip costs this player as it is usual, whatever the way was looked for. */
function gripPoints(
  neck: Neck,
  { tilts }: Taste,
  { chord }: ArrangedChord,
  { fretting, effort, presses }: Fingering,
): number {
  const midi = soundingMidi(neck, fretting);
  if (midi.length === 0) return effort;
  const look = { fretting, midi, fingers: presses.length, asked: askedOf(chord) };
  return effort + preferencePoints(look, tilts);
}

function sum(numbers: readonly number[]): number {
  return numbers.reduce((total, each) => total + each, 0);
}

function mean(numbers: readonly number[]): number {
  return sum(numbers) / Math.max(1, numbers.length);
}

function holdsOf({ neededMs, availableMs }: TimedChange): HoldsAtTempo {
  if (neededMs > availableMs) return "impossible";
  return neededMs > TIGHT_SHARE * availableMs ? "tight" : "comfortable";
}
