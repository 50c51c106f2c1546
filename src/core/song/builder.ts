import {
  type Chart,
  type ChartBar,
  type ChartChord,
  type ChartProblem,
  type KeptLine,
  type TextPlace,
} from "./chart";
import { type OpenChord } from "./barChords";
import { makeFlow, type Flow } from "./flow";
import { type Line, type Word } from "./lines";
import { COMMON_METER, type Meter } from "./meter";
import { type Key } from "./roman";

/** More bars than any song plays; what is over is told. */
const MOST_PLAYED = 50_000;
const EIGHTHS = /\b(?:eighths?|8ths?)\b/i;
const EIGHTH_BEATS = 0.5;
const ENDS_ASIDE = /^\s*\{\s*(?:end_of_\w+|eo\w)\s*\}/i;

/** A section as its lines are read. */
interface OpenSection {
  readonly name: string;
  readonly line: number;
  readonly bars: ChartBar[];
  readonly flow: Flow;
  /** Where the `|:` that is open stands. */
  repeat: { readonly line: Line; readonly word: Word } | null;
}

/** Takes what the lines of a chart say, one after the other. */
export interface ChartBuilder {
  readonly key: () => Key | null;
  readonly meter: () => Meter;
  /** Quarters in a count, where chords are counted. */
  readonly countBeats: () => number;
  readonly set: (part: Partial<Settings>) => void;
  readonly settings: () => Settings;
  /** The length of the next bar; a pick-up counts once. */
  readonly takeBeats: () => number;
  readonly heading: (line: Line, name: string, times: number) => void;
  /** Plays a section again that was written before. */
  readonly playAgain: (line: Line, name: string, times: number) => void;
  /** Ends a section before the next heading. */
  readonly endSection: () => void;
  readonly flow: (line: Line) => Flow;
  readonly bar: (line: Line, bar: ChartBar) => void;
  /** How chords are played: as their section says, or else the song. */
  readonly texture: () => string | null;
  /** Before the first section said of the song, after it of the section. */
  readonly setTexture: (texture: string) => void;
  readonly lastBar: () => readonly ChartChord[] | null;
  readonly lastChord: () => OpenChord | undefined;
  readonly openRepeat: (line: Line, word: Word) => void;
  readonly closeRepeat: (line: Line, times: number) => void;
  readonly chordAt: (line: Line, word: Word) => void;
  readonly keyAt: (line: Line, word: Word) => void;
  readonly keep: (line: Line, text: string, kind: KeptLine["kind"]) => void;
  readonly problem: (line: Line, word: Word, message: string) => void;
  /** Begins lines that are kept as they stand, such as tabs; they end with a directive. */
  readonly beginAside: () => void;
  /** Keeps a line that belongs to those; whether it did. */
  readonly isAside: (line: Line) => boolean;
  readonly finish: () => Chart;
}

/** What directives have said so far. */
export interface Settings {
  readonly title: string | null;
  readonly keyText: string | null;
  readonly key: Key | null;
  readonly tempoBpm: number | null;
  readonly meter: Meter;
  readonly countBeats: number;
  readonly pickupBeats: number | null;
  /** Between the directives that begin and end a part. */
  readonly isInPart: boolean;
  /** Within a grid that is a part by itself. */
  readonly isPartGrid: boolean;
}

export function makeBuilder(): ChartBuilder {
  let settings: Settings = {
    title: null,
    keyText: null,
    key: null,
    tempoBpm: null,
    meter: COMMON_METER,
    countBeats: 1,
    pickupBeats: null,
    isInPart: false,
    isPartGrid: false,
  };
  /** The song's own are those in force when its first bar is met. */
  let atFirst: Settings | null = null;
  const sections: OpenSection[] = [];
  const plays: { section: number; times: number }[] = [];
  const kept: KeptLine[] = [];
  const problems: ChartProblem[] = [];
  const chordPlaces: TextPlace[] = [];
  const keyPlaces: TextPlace[] = [];
  /** A heading whose first bar has not been met. */
  let waiting: { readonly line: Line; readonly name: string; readonly times: number } | null = null;
  let current: OpenSection | null = null;
  let isBeside = false;
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
  const begin = (name: string, line: number, times: number): OpenSection => {
    const section: OpenSection = { name, line, bars: [], flow: makeFlow(), repeat: null };
    plays.push({ section: sections.push(section) - 1, times });
    return section;
  };
  /** The section that bars go to now. */
  const section = (line: number): OpenSection => {
    if (waiting || !current) {
      closeSection();
      current = begin(waiting?.name ?? "", waiting?.line.number ?? line, waiting?.times ?? 1);
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
  const playAgain: ChartBuilder["playAgain"] = (line, name, times) => {
    const found = sections.findLastIndex((each) => each.name.toLowerCase() === name.toLowerCase());
    if (found >= 0) plays.push({ section: found, times });
    else {
      const column = Math.max(0, line.text.indexOf(name));
      problem(
        line,
        { text: name, column },
        `${name} has no bars, here or before; write them under it`,
      );
    }
  };
  const settleHeading = () => {
    if (waiting) playAgain(waiting.line, waiting.name, waiting.times);
    waiting = null;
  };

  return {
    key: () => settings.key,
    meter: () => settings.meter,
    countBeats: () => settings.countBeats,
    set: (part) => {
      settings = { ...settings, ...part };
    },
    settings: () => settings,
    takeBeats: () => {
      const beats = settings.pickupBeats ?? settings.meter.beats;
      settings = { ...settings, pickupBeats: null };
      return beats;
    },
    heading: (line, name, times) => {
      settleHeading();
      sectionTexture = null;
      waiting = { line, name, times };
      // What a section says of its counts ends with it.
      const isOfEighths = EIGHTHS.test(name);
      songCountBeats ??= settings.countBeats;
      settings = { ...settings, countBeats: isOfEighths ? EIGHTH_BEATS : songCountBeats };
    },
    playAgain: (line, name, times) => {
      settleHeading();
      playAgain(line, name, times);
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
      into.bars.push(bar);
      into.flow.add();
    },
    texture: () => sectionTexture ?? songTexture,
    setTexture: (texture) => {
      if (waiting || current) sectionTexture = texture;
      else songTexture = texture;
    },
    lastBar: () => current?.bars.at(-1)?.chords ?? null,
    lastChord: () => current?.bars.at(-1)?.chords.at(-1) as OpenChord | undefined,
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
    keyAt: (line, word) => keyPlaces.push(placeOf(line, word)),
    keep: ({ number }, text, kind) => {
      const last = kept.at(-1);
      // A line has one entry, however many pieces of it are kept.
      if (last?.line === number) kept[kept.length - 1] = { ...last, text: `${last.text} ${text}` };
      else kept.push({ line: number, text, kind });
    },
    problem,
    beginAside: () => {
      isBeside = true;
    },
    isAside: (line) => {
      if (!isBeside) return false;
      if (ENDS_ASIDE.test(line.text)) isBeside = false;
      kept.push({ line: line.number, text: line.text, kind: "comment" });
      return true;
    },
    finish: () => {
      settleHeading();
      closeSection();
      const order: (readonly [number, number])[] = [];
      for (const { section: index, times } of plays) {
        const played = sections[index]?.flow.played() ?? [];
        for (let time = 0; time < times && order.length < MOST_PLAYED; time++) {
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
        sections: sections.map(({ name, line, bars }) => ({ name, line, bars })),
        order,
        kept,
        problems: problems.toSorted((a, b) => a.line - b.line || a.column - b.column),
        chordPlaces,
        keyPlaces,
      };
    },
  };
}

const UNCLOSED = "this repeat is never closed; write ':|' where it ends";
