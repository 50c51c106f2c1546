import { createRequire } from "node:module";
import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { writeMidi as bytesOf, type MidiEvent } from "midi-file";
import { playedBars, playedNotes, type Score } from "@/formats/score";
import { readSheet } from "@/formats/chartText";
import { madeScore, withGripsOf } from "@/formats/testing";
import { readMidi } from "./readMidi";
import { writeMidi } from "./writeMidi";

/** An event as another reader has it (jzz-midi-smf, which shares no code with the writer). */
interface OtherEvent {
  readonly tt: number;
  readonly isNoteOn: () => boolean;
  readonly isNoteOff: () => boolean;
  readonly isTempo: () => boolean;
  readonly isTimeSignature: () => boolean;
  readonly getNote: () => number;
  readonly getChannel: () => number;
  readonly getTempo: () => number;
  readonly getTimeSignature: () => readonly [number, number];
  readonly getText?: () => string | undefined;
  readonly ff?: number;
  readonly dd?: string;
  readonly 0?: number;
  readonly 1?: number;
}
interface OtherFile extends Array<readonly OtherEvent[] & { readonly type: string }> {
  readonly ppqn: number;
  readonly validate: () => unknown;
}
const require = createRequire(__filename);
const jzz = require("jzz") as { readonly MIDI: { readonly SMF: new (data: string) => OtherFile } };
(require("jzz-midi-smf") as (jzz: object) => void)(jzz);

const read = (bytes: Uint8Array) =>
  new jzz.MIDI.SMF(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(""));
const tuningOf = ({ tuning }: Score) => {
  if (!tuning) throw new RangeError("made scores have a tuning");
  return tuning;
};

/** What sounds, from a tick to another. */
function soundingIn(file: OtherFile): readonly string[] {
  const notes: string[] = [];
  for (const track of file.filter(({ type }) => type === "MTrk")) {
    const open = new Map<number, number>();
    for (const event of track) {
      if (event.isNoteOn()) open.set(event.getNote(), event.tt);
      else if (event.isNoteOff()) {
        notes.push(`${open.get(event.getNote())} ${event.tt} ${event.getNote()}`);
        open.delete(event.getNote());
      }
    }
    expect(open.size).toBe(0);
  }
  return notes.sort();
}

describe("another reader finds the same", () => {
  test("notes and ticks of random songs; strings on one pitch are one note, the longer", () => {
    fc.assert(
      fc.property(madeScore, (score) => {
        const file = read(writeMidi(score, tuningOf(score)));
        expect(file.validate()).toBeFalsy();
        const { midi } = tuningOf(score);
        const longest = new Map<string, { start: number; end: number; pitch: number }>();
        for (const { start, beats, string, fret } of playedNotes(playedBars(score))) {
          const pitch = (midi[string] ?? 0) + score.capo + fret;
          const note = {
            start: Math.round(480 * start),
            end: Math.round(480 * (start + beats)),
            pitch,
          };
          const key = `${note.start} ${pitch}`;
          longest.set(key, { ...note, end: Math.max(note.end, longest.get(key)?.end ?? 0) });
        }
        const own = [...longest.values()].map(
          ({ start, end, pitch }) => `${start} ${end} ${pitch}`,
        );
        expect(soundingIn(file)).toEqual(own.sort());
      }),
      { numRuns: 60 },
    );
  });

  test("a second tempo stands where its section begins, each time it is played", () => {
    const text = "Tempo: 120\nVerse\n| A5 |\nBridge\nTempo: 60\n| D5 |\nVerse\n";
    const tuning = { name: "Standard", kind: "standard", midi: [40, 45, 50, 55, 59, 64] } as const;
    const score = withGripsOf({ ...readSheet(text).score, tuning });
    const events = read(writeMidi(score, tuning)).flatMap((track) =>
      track.type === "MTrk" ? [...track] : [],
    );
    const tempos = events.filter((event) => event.isTempo());
    expect(tempos.map((event) => [event.tt, event.getTempo()])).toEqual([
      [0, 500_000],
      [1920, 1_000_000],
      [3840, 500_000],
    ]);
  });

  test("tempo in the meter's beat, meters, sections and programs", () => {
    const { score } = readSheet(
      "Title: Höhe\nTempo: 90\nTime: 6/8\n[Verse]\nTexture: muted\n| E5 |\nTime: 3/4\n[Chorus]\n| A5 |\nTexture: ringing\n",
    );
    const ringing = readSheet(
      "[A]\nTexture: ringing\n| E5 |\n[B]\n| A5 |\n[C]\nTexture: muted\n| D5 |\n",
    );
    const tuned = (of: Score) =>
      withGripsOf({
        ...of,
        tuning: { name: "Standard", kind: "standard", midi: [40, 45, 50, 55, 59, 64] },
      });
    const file = read(writeMidi(tuned(score), tuningOf(tuned(score))));
    const all = file.flatMap((track) => (track.type === "MTrk" ? [...track] : []));
    // 90 dotted quarters a minute are 135 quarters: 444,444 microseconds each.
    expect(
      all.filter((event) => event.isTempo()).map((event) => [event.tt, event.getTempo()]),
    ).toEqual([[0, 444_444]]);
    expect(
      all.filter((event) => event.isTimeSignature()).map((e) => [e.tt, e.getTimeSignature()]),
    ).toEqual([
      [0, [6, 8]],
      [1440, [3, 4]],
    ]);
    const markers = all.filter(({ ff }) => ff === 6).map(({ tt, dd }) => [tt, dd]);
    expect(markers).toEqual([
      [0, "Verse"],
      [1440, "Chorus"],
    ]);
    const programs = read(writeMidi(tuned(ringing.score), tuningOf(tuned(ringing.score))))
      .flatMap((track) => (track.type === "MTrk" ? [...track] : []))
      .filter((event) => ((event[0] ?? 0) & 0xf0) === 0xc0)
      .map((event) => event[1]);
    // General MIDI from zero: overdriven, muted, distortion.
    expect(programs.sort()).toEqual([28, 29, 30]);
  });
});

/** A file of one track, made by hand; times in quarters. */
function file(
  notes: readonly (readonly [start: number, beats: number, midi: number, channel?: number])[],
  more: readonly { readonly at: number; readonly event: object }[] = [],
  format: 0 | 1 = 0,
): Uint8Array {
  const events = [
    ...more,
    ...notes.flatMap(([start, beats, noteNumber, channel = 0]) => [
      { at: start, event: { type: "noteOn", channel, noteNumber, velocity: 90 } },
      { at: start + beats, event: { type: "noteOff", channel, noteNumber, velocity: 0 } },
    ]),
  ].sort((a, b) => a.at - b.at);
  const track = events.map(({ at, event }, index) => ({
    deltaTime: Math.round(96 * at) - Math.round(96 * (events[index - 1]?.at ?? 0)),
    ...event,
  }));
  const end = { deltaTime: 0, type: "endOfTrack", meta: true };
  return Uint8Array.from(
    bytesOf({
      header: { format, numTracks: 1, ticksPerBeat: 96 },
      tracks: [[...track, end] as unknown as MidiEvent[]],
    }),
  );
}
const chordsIn = (bytes: Uint8Array) => {
  const result = readMidi(bytes);
  if (!result.ok) throw new Error(result.problem.message);
  return playedBars(result.value.score).map(({ chords }) =>
    chords.map(({ name, startBeat, beats, sure }) => [name, startBeat, beats, sure]),
  );
};
const block = (start: number, beats: number, ...pitches: number[]) =>
  pitches.map((midi) => [start, beats, midi] as const);

describe("a MIDI file is read as chords", () => {
  test("block chords where they change, drums left out, single notes silent", () => {
    const notes = [
      ...block(0, 2, 40, 47, 52),
      ...block(2, 2, 43, 50, 55),
      ...block(4, 1, 45),
      ...block(6, 2, 48, 52, 55, 60),
      ...[0, 1, 2, 3].map((start) => [start, 0.5, 36, 9] as const),
    ];
    expect(chordsIn(file(notes))).toEqual([
      [
        ["E5", 0, 2, 1],
        ["G5", 2, 2, 1],
      ],
      [["C", 2, 2, 1]],
    ]);
  });

  test("broken chords, slash chords and loose timing", () => {
    const broken = [45, 52, 57, 60, 64, 60, 57, 52].map(
      (midi, index) => [0.5 * index + (index % 2) * 0.03, 0.45, midi] as const,
    );
    const slash = block(4, 4, 47, 55, 62, 67);
    expect(chordsIn(file([...broken, ...slash])).map((bar) => bar.map(([name]) => name))).toEqual([
      ["Am"],
      ["G/B"],
    ]);
    expect(chordsIn(file(slash)).flat()[0]?.[3]).toBeLessThan(1);
  });

  test("tempo, meter, key, title and sections as they stand", () => {
    const meta = (at: number, event: object) => ({ at, event: { meta: true, ...event } });
    const bytes = file(
      [...block(0, 3, 40, 47), ...block(3, 4, 45, 52)],
      [
        meta(0, { type: "trackName", text: "Night" }),
        meta(0, { type: "setTempo", microsecondsPerBeat: 500_000 }),
        meta(0, {
          type: "timeSignature",
          numerator: 3,
          denominator: 4,
          metronome: 24,
          thirtyseconds: 8,
        }),
        meta(0, { type: "keySignature", key: 1, scale: 1 }),
        meta(0, { type: "marker", text: "Verse" }),
        meta(3, {
          type: "timeSignature",
          numerator: 4,
          denominator: 4,
          metronome: 24,
          thirtyseconds: 8,
        }),
        meta(3, { type: "setTempo", microsecondsPerBeat: 400_000 }),
        meta(3, { type: "marker", text: "Chorus" }),
      ],
      1,
    );
    const result = readMidi(bytes);
    const score = result.ok ? result.value.score : null;
    expect(score).toMatchObject({ title: "Night", key: "Em", tempoBpm: 120, meter: "3/4" });
    expect(
      score?.sections.map(({ name, bars }) => [name, bars[0]?.meter, bars[0]?.tempoBpm]),
    ).toEqual([
      ["Verse", "3/4", 120],
      ["Chorus", "4/4", 150],
    ]);
  });

  test("what is no whole MIDI file is refused with the reason", () => {
    const whole = file(block(0, 1, 40, 47));
    const why = (bytes: Uint8Array) => {
      const result = readMidi(bytes);
      return result.ok ? "" : result.problem.message;
    };
    expect(why(whole.subarray(0, 30))).toMatch(/cut off/);
    expect(why(new TextEncoder().encode("MThx and more"))).toMatch(/begins with MThd/);
    const frames = Uint8Array.from(whole);
    frames[12] = 0xe7;
    expect(why(frames)).toMatch(/frames of film/);
    const patterns = Uint8Array.from(whole);
    patterns[9] = 2;
    expect(why(patterns)).toMatch(/type 2/);
  });
});
