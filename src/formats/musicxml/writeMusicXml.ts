import { quartersPerBeat, readKey, signatureOf } from "@/core/song";
import { type Tuning } from "@/core/tuning";
import { meterBeats, meterOf, oneLine } from "@/formats/chartText";
import {
  playedBars,
  playedNotes,
  type InSong,
  type PlayedBar,
  type Score,
  type ScoreChord,
  type ScoreNote,
} from "@/formats/score";
import { valuesOf } from "./durations";
import { harmony } from "./harmonyElements";
import { divisions, noteElement, pitch, rest, type Links } from "./noteElements";
import { DIVISIONS, voicesByBar, type NoteGroup } from "./voices";
import { element, xmlText, type XmlElement } from "./xml";

/** MIDI programs count from one here: overdriven guitar. */
const PROGRAM = 30;
const ROUNDING = 1e-6;

/**
 * Writes a score as MusicXML 3.1, with nothing that 3.0 does not have: a part of tablature, repeats written out, with chord
 * names, frames of grips, fingers, palm mutes and dead notes. `names` that are shapes over a capo are written as they sound.
 */
export function writeMusicXml(score: Score, tuning: Tuning): string {
  const bars = playedBars(score);
  const notes = playedNotes(bars);
  const voices = voicesByBar(bars, notes);
  const links: Links = { next: nextOnString(notes), tuning, capo: score.capo };
  const chords = chordsByBar(bars);
  const state = { meter: "", quarterBpm: null as number | null };
  const measures = bars.map((bar, index) =>
    measure(bar, index, score, voices[index] ?? [], chords[index] ?? [], links, state),
  );
  const title = oneLine(score.title ?? "");
  return xmlText(
    element(
      "score-partwise",
      [
        title === "" ? null : element("work", [element("work-title", title)]),
        element("identification", [element("encoding", [element("software", "Tenon")])]),
        element("part-list", [
          element(
            "score-part",
            [
              element("part-name", "Guitar"),
              element("score-instrument", [element("instrument-name", "Guitar")], { id: "P1-I1" }),
              element(
                "midi-instrument",
                [element("midi-channel", 1), element("midi-program", PROGRAM)],
                { id: "P1-I1" },
              ),
            ],
            { id: "P1" },
          ),
        ]),
        element("part", measures.length > 0 ? measures : [emptyMeasure(tuning, score)], {
          id: "P1",
        }),
      ],
      { version: "3.1" },
    ),
  );
}

function emptyMeasure(tuning: Tuning, score: Score): XmlElement {
  return element("measure", [attributes(score, tuning, "4/4", true), rest(4, 1, true)], {
    number: 1,
  });
}

/** The chords of each bar in which they begin, times from its beginning; silence between them is no chord of its own. */
function chordsByBar(bars: readonly PlayedBar[]): readonly (readonly InSong<ScoreChord>[])[] {
  const all = bars.flatMap((bar) =>
    bar.chords
      .filter(({ riff }) => !riff)
      .map((chord) => ({ ...chord, start: Math.max(0, bar.start + chord.startBeat) })),
  );
  let isNamed = false;
  return bars.map((bar) => {
    const own = all
      .filter(
        ({ start }) => start >= bar.start - ROUNDING && start < bar.start + bar.beats - ROUNDING,
      )
      .map((chord) => ({ ...chord, start: chord.start - bar.start }));
    // A name holds until the next; where notes follow that are none of it, that is said.
    const isOver =
      isNamed &&
      bar.notes.some(({ startBeat }) => startBeat < (own[0]?.start ?? bar.beats) - ROUNDING);
    isNamed = own.length > 0 ? own.at(-1)?.name !== "N.C." : isNamed && !isOver;
    return isOver ? [{ ...NO_CHORD, start: 0 }, ...own] : own;
  });
}

const NO_CHORD: ScoreChord = {
  name: "N.C.",
  reducedTo: null,
  leftOut: [],
  startBeat: 0,
  beats: 0,
  texture: null,
  fretting: null,
  fingers: null,
};

function measure(
  bar: PlayedBar,
  index: number,
  score: Score,
  voices: readonly (readonly NoteGroup[])[],
  chords: readonly InSong<ScoreChord>[],
  links: Links,
  state: { meter: string; quarterBpm: number | null },
): XmlElement {
  const whole = meterBeats(bar.meter);
  const isPickup = index === 0 && bar.beats < whole - ROUNDING;
  const isWhole = Math.abs(bar.beats - whole) < ROUNDING;
  const meter = isWhole || isPickup ? bar.meter : (meterOf(bar.beats) ?? bar.meter);
  const bpm = bar.tempoBpm ?? (index === 0 ? score.tempoBpm : null);
  const content: (XmlElement | null)[] = [];
  if (index === 0 || meter !== state.meter) {
    content.push(attributes(score, links.tuning, meter, index === 0));
  }
  state.meter = meter;
  if (bar.begins) {
    content.push(direction([element("rehearsal", oneLine(bar.begins))]));
  }
  const quarterBpm = bpm === null ? null : bpm * quartersPerBeat(bar.meter);
  if (bpm !== null && quarterBpm !== state.quarterBpm) content.push(tempo(bpm, bar.meter));
  state.quarterBpm = quarterBpm ?? state.quarterBpm;
  const lead = voices[0] ?? [];
  content.push(...voiceElements(lead, 1, bar.beats, chords, score, links));
  for (const [at, voice] of voices.slice(1).entries()) {
    content.push(element("backup", [element("duration", divisions(bar.beats))]));
    content.push(...voiceElements(voice, at + 2, bar.beats, [], score, links));
  }
  const numbers = isPickup ? { number: 0, implicit: "yes" } : { number: index + 1 };
  return element("measure", content, numbers);
}

function attributes(score: Score, tuning: Tuning, meter: string, isFirst: boolean): XmlElement {
  const [beats = "4", unit = "4"] = meter.split("/");
  const time = element("time", [element("beats", beats), element("beat-type", unit)]);
  if (!isFirst) return element("attributes", [time]);
  const key = score.key === null ? null : readKey(score.key);
  return element("attributes", [
    element("divisions", DIVISIONS),
    element("key", [
      element("fifths", key ? signatureOf(key) : 0),
      element("mode", key?.isMinor ? "minor" : "major"),
    ]),
    time,
    element("clef", [element("sign", "TAB"), element("line", 5)]),
    element("staff-details", [
      element("staff-lines", tuning.midi.length),
      ...tuning.midi.map((midi, string) =>
        element("staff-tuning", pitch(midi, "tuning-step", "tuning-alter", "tuning-octave"), {
          line: string + 1,
        }),
      ),
      score.capo > 0 ? element("capo", score.capo) : null,
    ]),
  ]);
}

function direction(type: readonly XmlElement[], sound: XmlElement | null = null): XmlElement {
  return element("direction", [element("direction-type", type), sound], { placement: "above" });
}

function tempo(bpm: number, meter: string): XmlElement {
  const quarters = quartersPerBeat(meter);
  const [unit, isDotted] =
    quarters === 1.5
      ? ["quarter", true]
      : quarters === 2
        ? ["half", false]
        : quarters === 0.5
          ? ["eighth", false]
          : ["quarter", false];
  const shown = quarters === 0.25 ? bpm * quarters : bpm;
  return direction(
    [
      element("metronome", [
        element("beat-unit", unit as string),
        isDotted ? element("beat-unit-dot") : null,
        element("per-minute", shown),
      ]),
    ],
    element("sound", [], { tempo: Math.round(bpm * quarters * 1000) / 1000 }),
  );
}

/** A voice from the beginning of its bar to the end: its notes, rests between them, and chords where they begin. */
function voiceElements(
  groups: readonly NoteGroup[],
  voice: number,
  beats: number,
  chords: readonly InSong<ScoreChord>[],
  score: Score,
  links: Links,
): readonly XmlElement[] {
  const made: XmlElement[] = [];
  const waiting = [...chords];
  let cursor = 0;
  /** Chords that begin before `until` stand before what is written next, each so far into it. */
  const putChords = (until: number) => {
    while (waiting[0] && waiting[0].start < until - ROUNDING) {
      const chord = waiting.shift();
      if (chord) made.push(...harmony(chord, chord.start - cursor, score, links.tuning));
    }
  };
  const putRest = (length: number) => {
    if (length <= ROUNDING) return;
    const isWholeBar = Math.abs(length - beats) < ROUNDING;
    putChords(cursor + length);
    if (isWholeBar) made.push(rest(length, voice, true));
    else for (const value of valuesOf(length)) made.push(rest(value.quarters, voice, false, value));
    cursor += length;
  };
  for (const group of groups) {
    putRest(group.start - cursor);
    const values = valuesOf(group.beats);
    for (const [at, value] of values.entries()) {
      putChords(cursor + value.quarters);
      const chord = chords.findLast(({ start }) => start <= group.start + ROUNDING);
      for (const [index, each] of group.notes.entries()) {
        const piece = { isFirst: at === 0, isLast: at === values.length - 1 };
        made.push(noteElement(each, index > 0, value, piece, voice, chord, links));
      }
      cursor += value.quarters;
    }
  }
  putRest(beats - cursor);
  putChords(Infinity);
  return made;
}

/** The note that follows each on its string. */
function nextOnString(
  notes: readonly InSong<ScoreNote>[],
): ReadonlyMap<InSong<ScoreNote>, InSong<ScoreNote>> {
  const next = new Map<InSong<ScoreNote>, InSong<ScoreNote>>();
  const last = new Map<number, InSong<ScoreNote>>();
  for (const note of notes) {
    const before = last.get(note.string);
    if (before) next.set(before, note);
    last.set(note.string, note);
  }
  return next;
}
