import { parseMidi, type MidiData, type MidiEvent } from "midi-file";
import { type DetectedNote } from "@/core/detected";
import { failure, success, type Result } from "@/core/result";
import { keyOfSignature, quartersPerBeat } from "@/core/song";
import { oneLine } from "@/formats/chartText";
import {
  chordsOfPitches,
  riffOfPitches,
  EMPTY_SCORE,
  problemAt,
  wholeOrder,
  type FormatProblem,
  type ScoreChord,
  type ReadScore,
  type ScoreBar,
} from "@/formats/score";
import { knownChunks } from "./chunks";

/** Onsets are rounded to the nearest eighth of a beat, in quarters. */
const GRID = 1 / 8;
const DRUMS = 9;
const MAX_BARS = 4_000;
const MICROS_A_MINUTE = 60_000_000;
const LONGEST_NAME = 60;

/** An event at its time, in quarters from the beginning. */
type Timed = MidiEvent & { readonly at: number };

/**
 * Reads a Standard MIDI File of type 0 or 1: bars, tempo and meter as they change, sections at its markers, and the chord of
 * every stretch in which its notes say one. Drums are left out; which strings were played it cannot know.
 */
export function readMidi(bytes: Uint8Array): Result<ReadScore> {
  const parsed = parse(bytes);
  if (!parsed.ok) return parsed;
  const { header, tracks } = parsed.value;
  if (header.format === 2) {
    return failure(
      "input",
      "a MIDI file of type 2 holds separate patterns; write it as type 0 or 1",
    );
  }
  const { ticksPerBeat } = header;
  if (!ticksPerBeat) {
    return failure(
      "input",
      "its time is counted in frames of film, not in beats; write it in beats",
    );
  }
  const events = tracks.flatMap((track) => timed(track, ticksPerBeat)).sort((a, b) => a.at - b.at);
  const problems: FormatProblem[] = [];
  const notes = notesOf(events);
  const lengthAtLeast = notes.reduce((most, { start, beats }) => Math.max(most, start + beats), 0);
  const sections: { name: string; bars: ScoreBar[] }[] = [];
  const markers = events.flatMap((event) =>
    event.type === "marker" ? [{ at: rounded(event.at), name: nameIn(event.text) }] : [],
  );
  const meters = events.flatMap((event) =>
    event.type === "timeSignature" && isMeter(event)
      ? [{ at: event.at, meter: `${event.numerator}/${event.denominator}` }]
      : [],
  );
  const tempos = events.flatMap((event) =>
    event.type === "setTempo" && event.microsecondsPerBeat > 0
      ? [{ at: event.at, quarters: MICROS_A_MINUTE / event.microsecondsPerBeat }]
      : [],
  );
  const end = markers.reduce((most, { at }) => Math.max(most, at + GRID), lengthAtLeast);
  const ordered = notes.toSorted((a, b) => a.start - b.start);
  const [meterUntil, tempoUntil] = [inOrder(meters), inOrder(tempos)];
  const markerUntil = inOrder(markers);
  let next = 0;
  let sounding: DetectedNote[] = [];
  let bars = 0;
  let firstMeter: string | null = null;
  let firstBpm: number | null = null;
  for (let start = 0; start < end; bars++) {
    if (bars >= MAX_BARS) {
      problems.push(problemAt(null, `only the first ${MAX_BARS} bars are read`));
      break;
    }
    const { last: metered, next: cut } = meterUntil((at) => at <= start + GRID / 2);
    const meter = metered?.meter ?? "4/4";
    const [counts = 4, unit = 4] = meter.split("/").map(Number);
    // A meter that changes within a bar ends it there.
    const untilCut = Math.max(GRID, rounded((cut?.at ?? Infinity) - start));
    const beats = Math.min((4 * counts) / unit, untilCut);
    const stop = start + beats;
    const { last: tempo } = tempoUntil((at) => at < stop - GRID / 2);
    const bpm =
      tempo && tempo.at >= start - GRID / 2
        ? Math.round((tempo.quarters / quartersPerBeat(meter)) * 1000) / 1000
        : null;
    firstMeter ??= meter;
    firstBpm ??= bpm;
    while ((ordered[next]?.start ?? Infinity) < stop) sounding.push(...ordered.slice(next, ++next));
    const inBar = sounding.map((note) => ({ ...note, start: note.start - start }));
    const named = chordsOfPitches(inBar, beats);
    const chords = isBrokenChord(inBar, named) ? named : (riffOfPitches(inBar) ?? named);
    sounding = sounding.filter((note) => note.start + note.beats > stop);
    const { last: marked } = markerUntil((at) => at < stop);
    const marker = marked && marked.at >= start ? marked : null;
    if (marker || sections.length === 0) sections.push({ name: marker?.name ?? "", bars: [] });
    sections.at(-1)?.bars.push({ meter, beats, tempoBpm: bpm, chords, notes: [] });
    start = stop;
  }
  if (notes.length === 0) problems.push(problemAt(null, "there are no notes but drums in it"));
  return success({
    score: {
      ...EMPTY_SCORE,
      title: titleOf(tracks),
      key: keyOf(events),
      tempoBpm: firstBpm,
      meter: firstMeter ?? "4/4",
      sections,
      order: wholeOrder(sections),
    },
    problems,
  });
}

/** Notes one by one, by leaps alone, that surely make chords are chords that are picked; others are a riff. */
function isBrokenChord(notes: readonly DetectedNote[], chords: readonly ScoreChord[]): boolean {
  const inOrder = notes.toSorted((one, other) => one.start - other.start);
  const hasStep = inOrder.some(
    ({ midi }, at) => Math.abs(midi - (inOrder[at + 1]?.midi ?? Infinity)) <= STEP_SEMITONES,
  );
  return !hasStep && chords.every(({ sure = 0 }) => sure >= BROKEN_SURE);
}

const STEP_SEMITONES = 2;
/** What a broken chord explains of a bar at least. */
const BROKEN_SURE = 0.9;

function parse(bytes: Uint8Array): Result<MidiData> {
  const chunks = knownChunks(bytes);
  if (!chunks.ok) return chunks;
  try {
    return success(parseMidi(chunks.value));
  } catch (error) {
    // The package throws words, not errors.
    const why = error instanceof Error ? "a track ends before its events do" : String(error);
    return failure("input", `no whole MIDI file: ${why}`);
  }
}

function timed(track: readonly MidiEvent[], ticksPerBeat: number): readonly Timed[] {
  let ticks = 0;
  return track.map((event) => {
    ticks += event.deltaTime;
    return { ...event, at: ticks / ticksPerBeat };
  });
}

/**
 * Walks through things in the order of their times: answers with the last that is past and the first that is not. What is
 * past must stay past at the next step.
 */
function inOrder<T extends { readonly at: number }>(things: readonly T[]) {
  let next = 0;
  return (isPast: (at: number) => boolean) => {
    for (let thing = things[next]; thing && isPast(thing.at); thing = things[++next]);
    return { last: things[next - 1], next: things[next] };
  };
}

/** Notes other than drums, their ends where they are let go; of the same pitch at the same time, the longest. */
function notesOf(events: readonly Timed[]): readonly DetectedNote[] {
  const longest = new Map<string, DetectedNote>();
  const open = new Map<number, { readonly starts: number[]; closed: number }>();
  const close = (key: number, at: number) => {
    const held = open.get(key);
    const start = held?.starts[held.closed++];
    if (start === undefined) return;
    const from = rounded(start);
    const note = { start: from, beats: Math.max(GRID, rounded(at) - from), midi: key % 128 };
    const name = `${from} ${note.midi}`;
    if (note.beats > (longest.get(name)?.beats ?? 0)) longest.set(name, note);
  };
  for (const event of events) {
    if ((event.type !== "noteOn" && event.type !== "noteOff") || event.channel === DRUMS) continue;
    const key = event.channel * 128 + event.noteNumber;
    if (event.type === "noteOff" || event.velocity === 0) close(key, event.at);
    else {
      const held = open.get(key) ?? { starts: [], closed: 0 };
      open.set(key, held);
      held.starts.push(event.at);
    }
  }
  const end = events.at(-1)?.at ?? 0;
  for (const [key, held] of open) while (held.closed < held.starts.length) close(key, end);
  return [...longest.values()];
}

function rounded(quarters: number): number {
  return Math.round(quarters / GRID) * GRID;
}

function isMeter({ numerator, denominator }: { numerator: number; denominator: number }): boolean {
  return numerator >= 1 && numerator <= 32 && [1, 2, 4, 8, 16, 32].includes(denominator);
}

function titleOf(tracks: MidiData["tracks"]): string | null {
  const named = tracks[0]?.find(({ type }) => type === "trackName");
  return named?.type === "trackName" ? nameIn(named.text) || null : null;
}

function keyOf(events: readonly Timed[]): string | null {
  const said = events.find(({ type }) => type === "keySignature");
  if (said?.type !== "keySignature") return null;
  return keyOfSignature(said.key, said.scale === 1);
}

/** Text of a MIDI file is bytes; they are UTF-8 where they can be. */
function nameIn(text: string): string {
  const bytes = Uint8Array.from(text, (sign) => sign.charCodeAt(0));
  const utf8 = new TextDecoder("utf-8").decode(bytes);
  return oneLine(utf8.includes("\uFFFD") ? text : utf8).slice(0, LONGEST_NAME);
}
