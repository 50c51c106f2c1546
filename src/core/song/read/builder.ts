import { type Midi } from "@/core/pitch";
import {
  type Chart,
  type ChartBar,
  type ChartChord,
  type ChartProblem,
  type KeptLine,
  type Key,
  type Meter,
  quartersPerBeat,
  type TextPlace,
} from "../chart";
import { makeRepeatFlow, type RepeatFlow } from "./flow";
import { FIRST_SETTINGS, type ChartSettings } from "./settings";
import { type Line, type Word } from "../text";

/** More bars than any song plays; what is over is told. */
const MAX_PLAYED = 50_000;
const EIGHTHS = /\b(?:eighths?|8ths?)\b/i;
const EIGHTH_BEATS = 0.5;
const ENDS_ASIDE = /^\s*\{\s*(?:end_of_\w+|eo\w)\s*\}/i;

/** A section as its lines are read. */
interface OpenSection {
  readonly name: string;
  readonly isChorus: boolean;
  readonly line: number;
  readonly bars: ChartBar[];
  readonly flow: RepeatFlow;
  readonly tuningMidi: readonly Midi[] | null;
  /** Where the `|:` that is open stands. */
  repeat: { readonly line: Line; readonly word: Word } | null;
}

interface Heading {
  readonly line: Line;
  readonly name: string;
  readonly times: number;
  readonly isChorus: boolean;
  tuningMidi: readonly Midi[] | null;
}

/** Takes what the lines of a chart say, one after the other. */
export interface ChartBuilder {
  readonly key: () => Key | null;
  readonly meter: () => Meter;
  /** Quarters in a count, where chords are counted. */
  readonly countBeats: () => number;
  readonly set: (part: Partial<ChartSettings>) => void;
  readonly settings: () => ChartSettings;
  /**
   * Sets the song's tuning before the first section, and the section's between its heading and its first bar. False
   * elsewhere.
   */
  readonly setTuning: (tuningMidi: readonly Midi[]) => boolean;
  /** The length of the next bar; a pick-up counts once. */
  readonly takeBeats: () => number;
  /** A chorus may be called anything where its directive says that it is one. */
  readonly heading: (line: Line, name: string, times: number, isChorus?: boolean) => void;
  /** Plays the chorus called so again, or else the last one that was written, whatever it is called. */
  readonly playChorus: (line: Line, name: string) => void;
  /** Ends a section before the next heading. */
  readonly endSection: () => void;
  readonly flow: (line: Line) => RepeatFlow;
  readonly bar: (line: Line, bar: Omit<ChartBar, "quarterBpm">) => void;
  /** How chords are played: as their section says, or else the song. */
  readonly texture: () => string | null;
  /** Before the first section said of the song, after it of the section. */
  readonly setTexture: (texture: string) => void;
  readonly lastBar: () => ChartBar | null;
  /** What sounds at the end of the last bar: a chord, or "notes". */
  readonly lastPlayed: () => ChartChord | "notes" | null;
  /** Lets the last notes of the last bar sound so many quarters longer. */
  readonly holdNotes: (beats: number) => void;
  readonly openRepeat: (line: Line, word: Word) => void;
  readonly closeRepeat: (line: Line, times: number) => void;
  readonly chordAt: (line: Line, word: Word) => void;
  readonly noteAt: (line: Line, word: Word) => void;
  readonly keyAt: (line: Line, word: Word) => void;
  readonly keep: (line: Line, text: string, kind: KeptLine["kind"]) => void;
  readonly problem: (line: Line, word: Word, message: string) => void;
  /** Begins lines that are kept as they stand, such as tabs; they end with a directive. */
  readonly beginAside: (line: Line, word: Word) => void;
  /** Keeps a line that belongs to those; whether it did. */
  readonly isAside: (line: Line) => boolean;
  readonly finish: () => Chart;
}

export function makeBuilder(): ChartBuilder {
  let settings = FIRST_SETTINGS;
  /** The song's own are those in force when its first bar is met. */
  let atFirst: ChartSettings | null = null;
  const sections: OpenSection[] = [];
  const plays: { section: number; times: number }[] = [];
  const kept: KeptLine[] = [];
  const problems: ChartProblem[] = [];
  const chordPlaces: TextPlace[] = [];
  const notePlaces: TextPlace[] = [];
  const keyPlaces: TextPlace[] = [];
  /** A heading whose first bar has not been met. */
  let waiting: Heading | null = null;
  let current: OpenSection | null = null;
  /** Current tempo in quarter notes per minute. A new tempo uses the beat of the next bar's meter. */
  let quarterBpm: number | null = null;
  let isTempoNew = false;
  /** Where the lines that are kept as they stand begin. */
  let aside: { readonly line: Line; readonly word: Word } | null = null;
  /** What was said of counts before the first section holds wherever a section says nothing. */
  let songCountBeats: number | null = null;
  let songTexture: string | null = null;
  let sectionTexture: string | null = null;

  const problem: ChartBuilder["problem"] = (line, { text, column }, message) => {
    const { length } = text;
    // As it stands in the line, with whatever is between its words.
    const written = line.text.slice(column, column + length);
    problems.push({ line: line.number, column: column + 1, length, text: written, message });
  };
  const placeOf = ({ offset }: Line, { column, text }: Word): TextPlace => ({
    offset: offset + column,
    length: text.length,
  });
  const begin = (heading: Heading | null, line: number): OpenSection => {
    const { name, times, isChorus, tuningMidi } = heading ?? UNTITLED;
    const section: OpenSection = {
      name,
      isChorus,
      line,
      bars: [],
      flow: makeRepeatFlow(),
      tuningMidi,
      repeat: null,
    };
    plays.push({ section: sections.push(section) - 1, times });
    return section;
  };
  /** The section that bars go to now. */
  const section = (line: number): OpenSection => {
    if (waiting || !current) {
      closeSection();
      current = begin(waiting, waiting?.line.number ?? line);
      waiting = null;
    }
    return current;
  };
  const closeSection = () => {
    const open = current?.repeat;
    if (open) problem(open.line, open.word, UNCLOSED);
    if (current) current.repeat = null;
  };
  /** What follows without a heading is a section of its own, played after this one. */
  const endSection = () => {
    closeSection();
    current = null;
    sectionTexture = null;
  };
  const writtenLast = (name: string) =>
    sections.findLastIndex((each) => each.name.toLowerCase() === name.toLowerCase());
  const playAgain = (found: number, { line, name, times }: Omit<Heading, "tuningMidi">) => {
    if (found >= 0) {
      plays.push({ section: found, times });
      return;
    }
    const column = line.text.toLowerCase().indexOf(name.toLowerCase());
    const word = column < 0 ? { text: line.text, column: 0 } : { text: name, column };
    problem(line, word, `${name} has no bars, here or before; write them under it`);
  };
  const settleHeading = () => {
    if (waiting) playAgain(writtenLast(waiting.name), waiting);
    waiting = null;
  };

  return {
    key: () => settings.key,
    meter: () => settings.meter,
    countBeats: () => settings.countBeats,
    set: (part) => {
      isTempoNew ||= part.tempoBpm !== undefined;
      settings = { ...settings, ...part };
    },
    settings: () => settings,
    setTuning: (tuningMidi) => {
      if (waiting) waiting.tuningMidi = tuningMidi;
      else if (!current && sections.length === 0) settings = { ...settings, tuningMidi };
      else return false;
      return true;
    },
    takeBeats: () => {
      const beats = settings.pickupBeats ?? settings.meter.beats;
      settings = { ...settings, pickupBeats: null };
      return beats;
    },
    heading: (line, name, times, isChorus = /^chorus\b/i.test(name)) => {
      settleHeading();
      sectionTexture = null;
      waiting = { line, name, times, isChorus, tuningMidi: null };
      // What a section says of its counts ends with it.
      const isOfEighths = EIGHTHS.test(name);
      songCountBeats ??= settings.countBeats;
      settings = { ...settings, countBeats: isOfEighths ? EIGHTH_BEATS : songCountBeats };
    },
    playChorus: (line, name) => {
      settleHeading();
      const named = writtenLast(name);
      const found = named >= 0 ? named : sections.findLastIndex(({ isChorus }) => isChorus);
      playAgain(found, { line, name, times: 1, isChorus: true });
      endSection();
    },
    endSection: () => {
      settleHeading();
      endSection();
    },
    flow: (line) => section(line.number).flow,
    bar: (line, bar) => {
      const into = section(line.number);
      atFirst ??= settings;
      if (isTempoNew && settings.tempoBpm !== null) {
        quarterBpm = settings.tempoBpm * quartersPerBeat(settings.meter.text);
      }
      isTempoNew = false;
      into.bars.push({ ...bar, quarterBpm });
      into.flow.add();
    },
    texture: () => sectionTexture ?? songTexture,
    setTexture: (texture) => {
      if (waiting || current) sectionTexture = texture;
      else songTexture = texture;
    },
    lastBar: () => current?.bars.at(-1) ?? null,
    lastPlayed: () => {
      const { chords = [], notes = [] } = current?.bars.at(-1) ?? {};
      const [chord, note] = [chords.at(-1), notes.at(-1)];
      const isNote = note !== undefined && note.startBeat > (chord?.startBeat ?? -Infinity);
      return isNote ? "notes" : (chord ?? null);
    },
    holdNotes: (beats) => {
      const bars = current?.bars ?? [];
      const last = bars.at(-1);
      if (!last) return;
      const end = Math.max(...last.notes.map((note) => note.startBeat + note.beats));
      const notes = last.notes.map((note) =>
        note.startBeat + note.beats < end ? note : { ...note, beats: note.beats + beats },
      );
      bars[bars.length - 1] = { ...last, notes };
    },
    openRepeat: (line, word) => {
      const into = section(line.number);
      if (into.repeat) problem(into.repeat.line, into.repeat.word, UNCLOSED);
      into.repeat = { line, word };
      into.flow.open();
    },
    closeRepeat: (line, times) => {
      const into = section(line.number);
      into.repeat = null;
      into.flow.close(times);
    },
    chordAt: (line, word) => chordPlaces.push(placeOf(line, word)),
    noteAt: (line, word) => notePlaces.push(placeOf(line, word)),
    keyAt: (line, word) => keyPlaces.push(placeOf(line, word)),
    keep: ({ number }, text, kind) => {
      const last = kept.at(-1);
      // A line has one entry, however many pieces of it are kept.
      if (last?.line === number) kept[kept.length - 1] = { ...last, text: `${last.text} ${text}` };
      else kept.push({ line: number, text, kind });
    },
    problem,
    beginAside: (line, word) => {
      aside = { line, word };
    },
    isAside: (line) => {
      if (!aside) return false;
      if (ENDS_ASIDE.test(line.text)) aside = null;
      kept.push({ line: line.number, text: line.text, kind: "comment" });
      return true;
    },
    finish: () => {
      settleHeading();
      closeSection();
      if (aside) problem(aside.line, aside.word, UNENDED);
      const order: (readonly [number, number])[] = [];
      for (const { section: index, times } of plays) {
        const played = sections[index]?.flow.played() ?? [];
        for (let time = 0; time < times && order.length < MAX_PLAYED; time++) {
          for (const bar of played) order.push([index, bar]);
        }
      }
      const { title, keyText, tempoBpm } = settings;
      const first = atFirst ?? settings;
      return {
        title,
        key: first.keyText ?? keyText,
        tempoBpm: first.tempoBpm ?? tempoBpm,
        meter: first.meter.text,
        tuningMidi: settings.tuningMidi,
        sections: sections.map(({ name, line, bars, tuningMidi }) => ({
          name,
          line,
          bars,
          tuningMidi,
        })),
        order,
        kept,
        problems: problems.toSorted((a, b) => a.line - b.line || a.column - b.column),
        chordPlaces,
        notePlaces,
        keyPlaces,
      };
    },
  };
}

const UNTITLED = { name: "", times: 1, isChorus: false, tuningMidi: null };

const UNENDED =
  "nothing after this line is read as chords, for it is never ended; write its 'end_of' where it ends, like {end_of_tab}";
const UNCLOSED = "this repeat is never closed; write ':|' where it ends";
