import { type MidiEvent } from "midi-file";
import { quartersPerBeat, readKey, signatureOf } from "@/core/song";
import { type Tuning } from "@/core/tuning";
import { meterBeats, meterOf } from "@/formats/chartText";
import { midiFile, TICKS } from "./midiFile";
import {
  playedBars,
  playedScoreChords,
  playedNotes,
  type PlayedBar,
  type Score,
} from "@/formats/score";

const MICROS_A_MINUTE = 60_000_000;
const DEFAULT_BPM = 120;
/** General MIDI, from zero (its table of instruments): muted, overdriven and distorted electric guitar. */
const [MUTED, OVERDRIVEN, DISTORTED] = [28, 29, 30];
const PROGRAMS = [OVERDRIVEN, MUTED, DISTORTED];
const [LOUD, SOFT] = [96, 64];
const HIGHEST = 127;
const ROUNDING = 1e-6;

/** An event at its time in ticks; of those at one time, the lower order comes first. */
interface Placed {
  readonly tick: number;
  readonly order: number;
  readonly event: Record<string, unknown>;
}

/**
 * Writes a score as a Standard MIDI File of type 1, repeats written out: tempo, meter and sections in its first track, then
 * a track for each sound that is used. Strings that sound one pitch at a time become one note, the longer.
 */
export function writeMidi(score: Score, tuning: Tuning): Uint8Array {
  const bars = playedBars(score);
  const tracks = PROGRAMS.map((program, channel) => ({
    program,
    channel,
    notes: notesOf(score, tuning, bars, program),
  })).filter(({ notes }) => notes.length > 0);
  return midiFile([
    inOrder(conductor(score, bars)),
    ...tracks.map(({ program, channel, notes }) =>
      inOrder([
        place(0, 0, { type: "trackName", text: NAMES[program] ?? "Guitar" }),
        place(0, 1, { type: "programChange", channel, programNumber: program }),
        ...notes.flatMap(({ from, to, midi, isSoft }) => [
          place(from, 3, {
            type: "noteOn",
            channel,
            noteNumber: midi,
            velocity: isSoft ? SOFT : LOUD,
          }),
          place(to, 2, { type: "noteOff", channel, noteNumber: midi, velocity: 0 }),
        ]),
      ]),
    ),
  ]);
}

const NAMES: Readonly<Record<number, string>> = {
  [MUTED]: "Guitar, muted",
  [OVERDRIVEN]: "Guitar",
  [DISTORTED]: "Guitar, distorted",
};

function conductor(score: Score, bars: readonly PlayedBar[]): readonly Placed[] {
  const placed: Placed[] = [];
  if (score.title !== null) {
    placed.push(place(0, 0, { type: "trackName", text: asBytes(score.title) }));
  }
  const key = score.key === null ? null : readKey(score.key);
  if (key) {
    placed.push(
      place(0, 1, { type: "keySignature", key: signatureOf(key), scale: key.isMinor ? 1 : 0 }),
    );
  }
  let meter = "";
  let quarterBpm: number | null = null;
  for (const [index, bar] of bars.entries()) {
    const tick = ticks(bar.start);
    const isWhole = Math.abs(bar.beats - meterBeats(bar.meter)) < ROUNDING;
    const own = isWhole ? bar.meter : (meterOf(bar.beats) ?? bar.meter);
    if (own !== meter) {
      const [numerator = 4, denominator = 4] = own.split("/").map(Number);
      const clock = { metronome: 24 * quartersPerBeat(own), thirtyseconds: 8 };
      placed.push(place(tick, 1, { type: "timeSignature", numerator, denominator, ...clock }));
      meter = own;
    }
    const said = bar.tempoBpm ?? (index === 0 ? (score.tempoBpm ?? DEFAULT_BPM) : null);
    const saidQuarters = said === null ? null : said * quartersPerBeat(bar.meter);
    if (saidQuarters !== null && saidQuarters !== quarterBpm) {
      const microsecondsPerBeat = Math.round(MICROS_A_MINUTE / saidQuarters);
      placed.push(place(tick, 1, { type: "setTempo", microsecondsPerBeat }));
      quarterBpm = saidQuarters;
    }
    if (bar.begins) placed.push(place(tick, 2, { type: "marker", text: asBytes(bar.begins) }));
  }
  return placed;
}

interface SoundingNote {
  readonly from: number;
  to: number;
  readonly midi: number;
  readonly isSoft: boolean;
}

/** The notes of one sound, by pitch never more than one at a time. */
function notesOf(
  score: Score,
  tuning: Tuning,
  bars: readonly PlayedBar[],
  program: number,
): readonly SoundingNote[] {
  const chords = playedScoreChords(bars);
  let at = 0;
  // Notes come in their order, and so do the chords that they belong to.
  const programOf = (start: number, mark: string | null) => {
    while ((chords[at + 1]?.start ?? Infinity) <= start + ROUNDING) at++;
    if (mark !== null && /\b(?:pm|x)\b/.test(mark)) return MUTED;
    return chords[at]?.texture?.startsWith("ringing") ? DISTORTED : OVERDRIVEN;
  };
  const last = new Map<number, SoundingNote>();
  const notes: SoundingNote[] = [];
  for (const { start, beats, string, fret, mark } of playedNotes(bars)) {
    if (programOf(start, mark) !== program) continue;
    const midi = (tuning.midi[string] ?? 0) + score.capo + fret;
    const from = Math.max(0, ticks(start));
    const to = Math.max(from + 1, ticks(start + beats));
    if (midi > HIGHEST || to <= from) continue;
    const before = last.get(midi);
    if (before?.from === from) {
      before.to = Math.max(before.to, to);
      continue;
    }
    // A string that is struck again cuts the note that still sounds.
    if (before && before.to > from) before.to = from;
    const note = { from, to, midi, isSoft: mark?.split(" ").includes("x") ?? false };
    last.set(midi, note);
    notes.push(note);
  }
  return notes;
}

function place(tick: number, order: number, event: Record<string, unknown>): Placed {
  return { tick, order, event };
}

/** Events in the order of time, each with the ticks since the one before, and the end of the track. */
function inOrder(placed: readonly Placed[]): MidiEvent[] {
  const sorted = placed.toSorted((a, b) => a.tick - b.tick || a.order - b.order);
  const events = sorted.map(({ tick, event }, at) => ({
    deltaTime: tick - (sorted[at - 1]?.tick ?? 0),
    ...event,
  }));
  return [...events, { deltaTime: 0, type: "endOfTrack", meta: true }] as unknown as MidiEvent[];
}

function ticks(quarters: number): number {
  return Math.round(quarters * TICKS);
}

/** Text in MIDI files is bytes. */
function asBytes(text: string): string {
  return Array.from(new TextEncoder().encode(text), (byte) => String.fromCharCode(byte)).join("");
}
