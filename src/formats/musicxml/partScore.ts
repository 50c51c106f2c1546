import { type Fretting } from "@/core/fretting";
import { type DetectedNote } from "@/core/detected";
import { type Midi } from "@/core/pitch";
import { keyOfSignature, quartersPerBeat } from "@/core/song";
import { oneLine } from "@/formats/chartText";
import {
  chordsInNotes,
  chordsOfPitches,
  EMPTY_SCORE,
  namedChord,
  problemAt,
  type FormatProblem,
  type Score,
  type ScoreBar,
  type ScoreChord,
  type ScoreLine,
  type ScoreNote,
  type ScoreSection,
} from "@/formats/score";
import { wordsOf } from "./lyrics";
import { playedOrder } from "./order";
import { type Part, type PartHarmony, type PartMeasure, type PartNote } from "./readPart";
import { tabStaff, tuningOf, tuningOfFrames } from "./stringsOfPart";

/** What a part says, as a score; chord names may stand over another part, `named`. */
export function partScore(
  part: Part,
  named: Part | null,
  title: string | null,
  problems: FormatProblem[],
): Score {
  const staff = tabStaff(part);
  const hasFrets = staff !== null;
  const tuning = hasFrets || part.tuning ? tuningOf(part, staff, problems) : tuningOfFrames(part);
  const open = (tuning?.midi ?? []).map((midi) => midi + part.capo);
  const harmonies = namesByMeasure(part, named);
  const isNamed = harmonies.some((each) => each.length > 0);
  const marked = slideMarks(part, staff);
  const bars = part.measures.map((measure, index): ScoreBar => {
    const notes = measure.notes.flatMap((note) => noteOf(note, staff, open.length, marked));
    const own = harmonies[index] ?? [];
    let chords: readonly ScoreChord[] = [];
    if (isNamed) {
      const before = harmonies
        .slice(0, index)
        .findLast((each) => each.length > 0)
        ?.at(-1);
      chords = namedChords(measure, own, before, notes, open, hasFrets);
    } else if (hasFrets) chords = chordsInNotes(open, notes, measure.beats, []);
    return {
      meter: measure.meter,
      beats: measure.beats,
      tempoBpm: bpmOf(measure),
      chords: withFingers(chords, measure.notes, staff),
      notes: notes.sort((a, b) => a.startBeat - b.startBeat || a.string - b.string),
    };
  });
  const found = isNamed || hasFrets ? bars : heardBars(part, bars);
  tellUnread(part, harmonies, problems);
  const { sections, places, kept } = sectionsOf(part.measures, found);
  const first = part.measures[0];
  const { order, unfollowed } = playedOrder(part.measures);
  if (unfollowed !== null) problems.push(problemAt(null, unfollowed));
  return {
    ...EMPTY_SCORE,
    title,
    key: keyOf(part),
    tempoBpm: part.measures.map(bpmOf).find((bpm) => bpm !== null) ?? null,
    meter: first?.meter ?? "4/4",
    tuning,
    capo: part.capo,
    sections,
    order: order.flatMap((index) => {
      const place = places[index];
      return place ? [place] : [];
    }),
    kept,
  };
}

function namesByMeasure(part: Part, named: Part | null): readonly (readonly PartHarmony[])[] {
  const from = part.measures.some(({ harmonies }) => harmonies.length > 0) ? part : named;
  return part.measures.map((_, index) =>
    [...(from?.measures[index]?.harmonies ?? [])].sort((a, b) => a.start - b.start),
  );
}

/** Whether a note that is slid to is reached from below or above: its string's note before it says. */
function slideMarks(part: Part, staff: number | null): ReadonlyMap<PartNote, string> {
  const marks = new Map<PartNote, string>();
  const last = new Map<number, number>();
  for (const { notes } of part.measures) {
    for (const note of notes.toSorted((a, b) => a.start - b.start)) {
      if (note.staff !== staff || note.string === null || note.fret === null) continue;
      const before = last.get(note.string);
      if (note.isSlidTo) marks.set(note, before !== undefined && before > note.fret ? "\\" : "/");
      last.set(note.string, note.fret);
    }
  }
  return marks;
}

function noteOf(
  note: PartNote,
  staff: number | null,
  strings: number,
  slides: ReadonlyMap<PartNote, string>,
): readonly ScoreNote[] {
  const { string, fret, start, beats, marks } = note;
  if (note.staff !== staff || string === null || fret === null || string > strings) return [];
  const slide = slides.get(note);
  const mark = [...marks, ...(slide === undefined ? [] : [slide])].join(" ") || null;
  return [{ startBeat: start, beats, string: strings - string, fret, mark }];
}

/** The chords whose names stand over a measure, and before them the one that goes on from the measures before. */
function namedChords(
  measure: PartMeasure,
  own: readonly PartHarmony[],
  before: PartHarmony | undefined,
  notes: readonly ScoreNote[],
  open: readonly Midi[],
  hasFrets: boolean,
): readonly ScoreChord[] {
  const first = own[0]?.start ?? measure.beats;
  const goesOn =
    before && first > 0 && (!hasFrets || isStruckAgain(notes, first))
      ? [{ ...before, start: 0 }]
      : [];
  const all = [...goesOn, ...own];
  const chords = chordsInNotes(
    open,
    notes,
    measure.beats,
    all.map(({ start, name }) => ({ startBeat: start, chord: namedChord(name) })),
  );
  return chords.map((chord) => {
    if (chord.riff) return chord;
    const { frame = null } = all.findLast(({ start }) => start <= chord.startBeat) ?? {};
    const under = notes.filter(
      ({ startBeat }) => startBeat >= chord.startBeat && startBeat < chord.startBeat + chord.beats,
    );
    const sounding = under.map(({ startBeat, beats }) => startBeat + beats - chord.startBeat);
    const fretting: Fretting | null =
      frame && (open.length === 0 || frame.fretting.length === open.length)
        ? frame.fretting
        : chord.fretting;
    return {
      ...chord,
      // A chord that is cut short falls silent where its notes do.
      beats: under.length > 0 ? Math.min(chord.beats, Math.max(...sounding)) : chord.beats,
      fretting: chord.reducedTo === null ? null : fretting,
      fingers: frame?.fingers.some((finger) => finger !== 0) ? frame.fingers : null,
    };
  });
}

/** Whether strings are struck together before a time: a chord does not go on under single notes. */
function isStruckAgain(notes: readonly ScoreNote[], until: number): boolean {
  const early = notes.filter(({ startBeat }) => startBeat < until);
  return early.some(({ startBeat, string }) =>
    early.some((other) => other.startBeat === startBeat && other.string !== string),
  );
}

/** The fingers of a chord's own notes, where it has no others. */
function withFingers(
  chords: readonly ScoreChord[],
  notes: readonly PartNote[],
  staff: number | null,
): readonly ScoreChord[] {
  return chords.map((chord) => {
    const { fretting, startBeat } = chord;
    if (!fretting || chord.fingers) return chord;
    const fingers = fretting.map((fret, string) => {
      const own = notes.find(
        (note) =>
          note.staff === staff &&
          note.start >= startBeat &&
          note.string === fretting.length - string &&
          note.fret === fret,
      );
      return fret === null || fret === 0 ? 0 : (own?.finger ?? 0);
    });
    const isWhole = fretting.every((fret, string) => !fret || fingers[string] !== 0);
    return isWhole && fingers.some((finger) => finger !== 0) ? { ...chord, fingers } : chord;
  });
}

/** Without names and frets, the chords that the pitches say. */
function heardBars(part: Part, bars: readonly ScoreBar[]): readonly ScoreBar[] {
  return bars.map((bar, index) => {
    const heard = (part.measures[index]?.notes ?? []).flatMap((note): readonly DetectedNote[] =>
      note.midi === null ? [] : [{ start: note.start, beats: note.beats, midi: note.midi }],
    );
    return { ...bar, chords: chordsOfPitches(heard, bar.beats) };
  });
}

function bpmOf({ quartersPerMinute, meter }: PartMeasure): number | null {
  if (quartersPerMinute === null) return null;
  return Math.round((quartersPerMinute / quartersPerBeat(meter)) * 1000) / 1000;
}

function keyOf({ fifths, isMinor }: Part): string | null {
  if (fifths === null) return null;
  return keyOfSignature(fifths, isMinor);
}

function tellUnread(
  { unread }: Part,
  harmonies: readonly (readonly PartHarmony[])[],
  problems: FormatProblem[],
): void {
  for (const sign of unread)
    problems.push(problemAt(null, UNREAD_TEXT[sign] ?? `${sign} is left out`));
  for (const { name, isKnown, line } of harmonies.flat()) {
    if (!isKnown) problems.push(problemAt(line, `'${name}' is no chord that Tenon knows`));
  }
}

const UNREAD_TEXT: Readonly<Record<string, string>> = {
  grace: "grace notes are left out",
  bend: "bends are read as plain notes",
  harmony: "a chord that is no note with a kind is left out",
};

const BARS_A_LINE = 4;

/** Sections begin at rehearsal marks; four bars make a line, with the words that stand under it. */
function sectionsOf(
  measures: readonly PartMeasure[],
  bars: readonly ScoreBar[],
): {
  readonly sections: readonly ScoreSection[];
  readonly places: readonly (readonly [number, number])[];
  readonly kept: readonly ScoreLine[];
} {
  const sections: { name: string; bars: ScoreBar[] }[] = [];
  const lines: PartMeasure[][] = [];
  const places = bars.map((bar, index) => {
    const measure = measures[index];
    const name = measure?.rehearsal ?? null;
    if (name !== null || sections.length === 0)
      sections.push({ name: oneLine(name ?? ""), bars: [] });
    const own = sections.at(-1)?.bars ?? [];
    if (own.length % BARS_A_LINE === 0) lines.push([]);
    if (measure) lines.at(-1)?.push(measure);
    return [sections.length - 1, own.push({ ...bar, line: lines.length }) - 1] as const;
  });
  const kept = lines.flatMap((line, index) =>
    wordsOf(line.map(({ syllables }) => syllables)).map((text): ScoreLine => ({
      line: index + 1,
      text,
      kind: "lyric",
    })),
  );
  return { sections, places, kept };
}
