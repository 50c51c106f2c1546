import fc from "fast-check";
import { DEFAULT_TEMPO_BPM } from "@/core/song";
import { nameTuning, usualMidi } from "@/core/tuning";
import {
  chordsInNotes,
  EMPTY_SCORE,
  openMidi,
  wholeOrder,
  type Score,
  type ScoreNote,
} from "@/formats/score";

/** Places of a bar of four quarters that are eighths, triplets or sixteenths of one beat. */
const STEPS = [1, 1 / 2, 1 / 3, 1 / 4];
const MARKS = [null, null, null, "pm", "h", "p", "/", "pm h"];

/** Notes on the strings of a bar, each until the next begins. */
function notesOf(
  strings: number,
  step: number,
  beats: number,
  struck: readonly (readonly [
    slot: number,
    from: number,
    frets: readonly number[],
    mark: number,
  ])[],
): readonly ScoreNote[] {
  const slots = Math.round(beats / step);
  const bySlot = new Map(struck.map((each) => [each[0] % slots, each]));
  const used = [...bySlot.keys()].sort((a, b) => a - b);
  return used.flatMap((slot, at) => {
    const [, from, frets, mark] = bySlot.get(slot) ?? [0, 0, [], 0];
    const next = used[at + 1] ?? slots;
    return frets.slice(0, Math.max(1, strings - (from % strings))).map((fret, index) => ({
      startBeat: slot * step,
      beats: (next - slot) * step,
      string: (from % strings) + index,
      fret,
      mark: MARKS[mark % MARKS.length] ?? null,
    }));
  });
}

/** Random songs in tablature: 4 to 10 strings, several sections, meters and ways to divide a beat. */
export const madeScore: fc.Arbitrary<Score> = fc
  .record({
    strings: fc.integer({ min: 4, max: 10 }),
    shift: fc.integer({ min: -3, max: 3 }),
    capo: fc.integer({ min: 0, max: 4 }),
    tempoBpm: fc.integer({ min: 40, max: 240 }),
    sections: fc.array(
      fc.array(
        fc.record({
          meter: fc.constantFrom("4/4", "3/4", "6/8", "5/4"),
          step: fc.nat(3),
          struck: fc.array(
            fc.tuple(
              fc.nat(23),
              fc.nat(9),
              fc.array(fc.nat(22), { minLength: 1, maxLength: 4 }),
              fc.nat(20),
            ),
            { maxLength: 6 },
          ),
        }),
        { minLength: 1, maxLength: 4 },
      ),
      { minLength: 1, maxLength: 3 },
    ),
  })
  .map(({ strings, shift, capo, tempoBpm, sections }): Score => {
    const tuning = nameTuning(usualMidi(strings).map((midi) => midi + shift));
    const open = openMidi({ tuning, capo });
    const made = sections.map((bars, section) => ({
      name: `Part ${section + 1}`,
      bars: bars.map(({ meter, step, struck }) => {
        const [counts = 4, unit = 4] = meter.split("/").map(Number);
        const beats = (4 * counts) / unit;
        const notes = notesOf(strings, STEPS[step] ?? 1, beats, struck);
        return {
          meter,
          beats,
          tempoBpm: null,
          notes,
          chords: chordsInNotes(open, notes, beats, []),
        };
      }),
    }));
    return {
      ...EMPTY_SCORE,
      title: "Made up",
      tempoBpm: tempoBpm === DEFAULT_TEMPO_BPM ? null : tempoBpm,
      meter: made[0]?.bars[0]?.meter ?? "4/4",
      tuning,
      capo,
      sections: made,
      order: wholeOrder(made),
    };
  });

/** The notes of each bar, as they can be told apart. */
export function noteLines(score: Score): readonly string[] {
  return score.sections.flatMap(({ bars }) =>
    bars.map(({ notes }) =>
      notes
        .map(
          ({ startBeat, string, fret, mark }) =>
            `${Math.round(startBeat * 96)}:${string}/${fret}${mark === null ? "" : ` ${mark}`}`,
        )
        .sort()
        .join(", "),
    ),
  );
}
