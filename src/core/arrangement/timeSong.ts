import { requestOf } from "@/core/chordGrips";
import { soundingMidi } from "@/core/fretting";
import { type Taste } from "@/core/grip";
import { type Fingering } from "@/core/hand";
import { type Neck } from "@/core/neck";
import {
  minOf,
  timeRoute,
  type ChangeTempos,
  type GripRoute,
  type TimedChange,
  type TimedRoute,
} from "@/core/plan";
import { preferencePoints } from "@/core/preference";
import { changeGaps } from "@/core/song";
import { type ArrangedChord } from "./arrange";
import { downStrokeLimit } from "./downStrokes";
import { lowestOf } from "./figures";
import { inSongTime, songTime } from "./songTime";
import { type SongRequest } from "./request";

/** The verdict at a tempo; "tight" is what only the fastest players of the level manage. */
export type HoldsAtTempo = "holds" | "tight" | "too fast";

export interface SongChange extends TimedChange {
  readonly holds: HoldsAtTempo;
}

/** What limits a song's tempo first: a change of its route, or the down strokes of one of its chords. */
type TempoLimit =
  | { readonly kind: "change"; readonly change: number }
  | { readonly kind: "down strokes"; readonly chord: number };

/** The timing of a whole song. Its tempos account for every change and for the player's down strokes. */
export interface TimedSong extends Omit<TimedRoute, "changes" | "total"> {
  /** Effort and preference of all grips and the cost of all changes, whatever the kind of route: effort points. */
  readonly total: number;
  /** One between each two stops. */
  readonly changes: readonly SongChange[];
  readonly holds: HoldsAtTempo;
  /** Null where nothing limits the tempo. */
  readonly limit: TempoLimit | null;
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

/** What a route through a song asks of the hand at the song's tempo. */
export function timeSong(
  { arrangement, neck, player, constants, downStrokesBpm }: SongRequest,
  played: readonly number[],
  route: GripRoute,
): TimedSong {
  const { chords, tempoBpm, quartersPerBeat } = arrangement;
  const time = songTime(arrangement);
  const gaps = changeGaps(
    played.flatMap((index) => (chords[index] ? [inSongTime(chords[index], time)] : [])),
  );
  const timed = timeRoute(neck, route, { gaps, tempoBpm, quartersPerBeat }, constants);
  const changes = timed.changes.map((change) => ({ ...change, holds: holdsAt(tempoBpm, change) }));
  const tempos = changes.map(({ cleanTempoBpm }) => cleanTempoBpm ?? Infinity);
  const min = Math.min(...tempos);
  const worst = min === Infinity ? null : tempos.indexOf(min);
  const strokes = downStrokeLimit(arrangement, downStrokesBpm);
  const ofAll = (change: number | null) => minOf([change, strokes?.tempoBpm ?? null]);
  const songTempos = {
    cleanTempoBpm: ofAll(timed.cleanTempoBpm),
    possibleTempoBpm: ofAll(timed.possibleTempoBpm),
  };
  const frets = timed.stops.flatMap(({ fingering }) =>
    fingering.fretting.filter((fret) => fret !== null),
  );
  const lowest = timed.stops.flatMap(({ fingering }) => lowestOf(neck, fingering.fretting) ?? []);
  const pressed = frets.filter((fret) => fret > 0);
  const grips = played.map((index, at) => {
    const chord = chords[index];
    const stop = timed.stops[at];
    if (!chord || !stop) return 0;
    return stop.riff?.points ?? gripPoints(neck, player, chord, stop.fingering);
  });
  return {
    ...timed,
    ...songTempos,
    holds: holdsAt(tempoBpm, songTempos),
    limit: limitOf(worst, min, strokes),
    total: sum(grips) + sum(changes.map(({ cost }) => cost)),
    changes,
    worst,
    lowestMidi: lowest.length > 0 ? Math.min(...lowest) : null,
    meanLowestMidi: mean(lowest),
    openStrings: frets.length - pressed.length,
    meanFret: mean(pressed),
  };
}

function limitOf(
  worst: number | null,
  cleanBpm: number,
  strokes: ReturnType<typeof downStrokeLimit>,
): TempoLimit | null {
  if (strokes && strokes.tempoBpm < cleanBpm) return { kind: "down strokes", chord: strokes.chord };
  return worst === null ? null : { kind: "change", change: worst };
}

/** Cost of a grip by the usual weights, whatever kind of route it was planned for. */
function gripPoints(
  neck: Neck,
  { tilts }: Taste,
  { chord }: ArrangedChord,
  { fretting, effort, presses }: Fingering,
): number {
  const midi = soundingMidi(neck, fretting);
  if (midi.length === 0) return effort;
  const look = { fretting, midi, fingers: presses.length, requested: requestOf(chord) };
  return effort + preferencePoints(look, tilts);
}

function sum(numbers: readonly number[]): number {
  return numbers.reduce((total, each) => total + each, 0);
}

function mean(numbers: readonly number[]): number {
  return sum(numbers) / Math.max(1, numbers.length);
}

/** The verdict at a tempo. */
function holdsAt(
  tempoBpm: number,
  { cleanTempoBpm, possibleTempoBpm }: ChangeTempos,
): HoldsAtTempo {
  if (tempoBpm <= (cleanTempoBpm ?? Infinity)) return "holds";
  return tempoBpm <= (possibleTempoBpm ?? Infinity) ? "tight" : "too fast";
}
