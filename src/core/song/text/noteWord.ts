import { midiOf, noteText, parseNote, type Midi } from "@/core/pitch";
import { type NoteMark } from "../chart";
import { plainWord } from "./lines";

/** One note of a slot. A string has several where they are hammered on, pulled off or slid to. */
export interface NoteStep {
  readonly string: number | null;
  readonly fret: number | null;
  readonly midi: Midi | null;
  readonly mark: NoteMark | null;
}

/** What a slot of notes says. */
export interface NoteWord {
  /** The notes of each string in order: "6:3h5+5:5" has two on string 6 and one on string 5. */
  readonly strings: readonly (readonly NoteStep[])[];
  /** What is wrong, and what would be right; null where nothing is. */
  readonly problem: string | null;
}

const [MAX_STRING, MAX_FRET] = [10, 36];
const [MIN_OCTAVE, MAX_OCTAVE] = [0, 8];

/** A word that means notes, right or wrong. No chord begins with a number and a colon, or with @. */
const LOOKS_LIKE_NOTES = /^<?(?:\d{1,3}:|@)/;
const ON_STRING = /^(\d{1,3}):(.*)$/s;
const FIRST_FRET = /^(?:x|[hp/\\]?\d{1,3})/i;
const REACHED = /^([hp/\\])(\d{1,3})?/i;
const PITCHED = /^@([A-Za-z](?:##|bb|#|b)?)(-?\d{1,2})?(.*)$/s;

export function isNoteWord(text: string): boolean {
  return LOOKS_LIKE_NOTES.test(plainWord(text));
}

/** Whether a word is a slot of notes without a mistake. */
export function isValidNoteWord(text: string): boolean {
  return isNoteWord(text) && readNoteWord(text).problem === null;
}

/**
 * Reads a slot of notes. A slot with a mistake has no notes and says what would be right.
 *
 * @example readNoteWord("6:3h5").strings // one string, fret 3 and then fret 5 with mark "h"
 */
export function readNoteWord(text: string): NoteWord {
  const plain = plainWord(text);
  if (plain.startsWith("<") || plain.endsWith("!")) {
    return wrong(`'${text}': a note is not marked early or cut; write '.' and 'r' around it`);
  }
  const strings: (readonly NoteStep[])[] = [];
  const taken = new Set<number>();
  for (const part of plain.split("+")) {
    if (part === "") return wrong(`'${text}': a note is missing beside '+'; write 6:3+5:5`);
    const read = part.startsWith("@") ? readPitched(part) : readOnString(part);
    if (typeof read === "string") return wrong(`'${text}': ${read}`);
    const string = read[0]?.string ?? null;
    if (string !== null && taken.has(string)) {
      return wrong(`'${text}': string ${string} stands twice; write one note a string`);
    }
    if (string !== null) taken.add(string);
    strings.push(read);
  }
  return { strings, problem: null };
}

function wrong(problem: string): NoteWord {
  return { strings: [], problem };
}

/** Reads one string of a slot, "6:3h5". Returns the message if it has a mistake. */
function readOnString(part: string): readonly NoteStep[] | string {
  const [, stringText = "", after = ""] = ON_STRING.exec(part) ?? [];
  if (stringText === "") return `write a string and a fret, like 6:3, or a note, like @E2`;
  const string = Number(stringText);
  if (string < 1 || string > MAX_STRING || stringText.startsWith("0")) {
    return `string ${stringText}: strings count from 1, the thinnest, to ${MAX_STRING}`;
  }
  const [first] = FIRST_FRET.exec(after) ?? [];
  if (first === undefined) return `write a fret after the string, like ${string}:3`;
  const isDead = first.toLowerCase() === "x";
  // "6:h5" is reached from the note before on its string.
  const [sign = ""] = /^\D/.exec(first) ?? [];
  const fret = isDead ? 0 : Number(first.slice(sign.length));
  const mark = sign === "" ? null : (sign.toLowerCase() as NoteMark);
  const steps: NoteStep[] = [{ string, fret, midi: null, mark }];
  let rest = after.slice(first.length);
  if (isDead && rest !== "") return `a dead string takes no fret and no mark: ${string}:x`;
  for (let found = REACHED.exec(rest); found; found = REACHED.exec(rest)) {
    const [whole, sign = "", fretText] = found;
    const from = steps.at(-1)?.fret ?? 0;
    const mark = sign.toLowerCase() as NoteMark;
    if (fretText === undefined) return `write the fret that '${sign}' leads to: ${string}:3h5`;
    const fret = Number(fretText);
    const direction = directionProblem(mark, string, from, fret);
    if (direction !== null) return direction;
    steps.push({ string, fret, midi: null, mark });
    rest = rest.slice(whole.length);
  }
  const high = steps.find(({ fret }) => (fret ?? 0) > MAX_FRET);
  if (high) return `fret ${high.fret}: write 0 to ${MAX_FRET}`;
  return withLastMark(steps, rest);
}

const UPWARD: ReadonlySet<NoteMark> = new Set(["h", "/"]);
const MOVES: Readonly<Partial<Record<NoteMark, readonly [name: string, opposite: NoteMark]>>> = {
  h: ["a hammer-on", "p"],
  p: ["a pull-off", "h"],
  "/": ["a slide with /", "\\"],
  "\\": ["a slide with \\", "/"],
};

function directionProblem(mark: NoteMark, string: number, from: number, to: number): string | null {
  const isRight = UPWARD.has(mark) ? to > from : to < from;
  if (isRight) return null;
  const [name = "", opposite = ""] = MOVES[mark] ?? [];
  const direction = UPWARD.has(mark) ? "up" : "down";
  if (from === to) return `${name} goes ${direction} to another fret`;
  return `${name} goes ${direction}; write ${string}:${from}${opposite}${to}`;
}

/** Reads a note whose string Tenon picks, "@E2". Returns the message if it has a mistake. */
function readPitched(part: string): readonly NoteStep[] | string {
  const [, name = "", octaveText, rest = ""] = PITCHED.exec(part) ?? [];
  const note = parseNote(name);
  if (!note.ok) return `write a note from A to G and its octave, like @E2`;
  if (octaveText === undefined) {
    return `write an octave after the note, like @${noteText(note.value)}2`;
  }
  const octave = Number(octaveText);
  if (octave < MIN_OCTAVE || octave > MAX_OCTAVE) {
    return `octave ${octave}: write ${MIN_OCTAVE} to ${MAX_OCTAVE}`;
  }
  if (REACHED.test(rest)) return `write strings and frets where one note leads to another: 6:3h5`;
  const midi = midiOf(note.value, octave);
  return withLastMark([{ string: null, fret: null, midi, mark: null }], rest);
}

const LAST_MARKS: ReadonlySet<string> = new Set(["b", "~", "m"]);

/** Adds the mark after the last fret. Returns the message if something else stands there. */
function withLastMark(steps: readonly NoteStep[], rest: string): readonly NoteStep[] | string {
  if (rest === "") return steps;
  const last = steps.at(-1);
  const mark = rest.charAt(0).toLowerCase();
  if (mark === "x") return "a dead string takes no fret: write 6:x";
  if (!LAST_MARKS.has(mark)) return `'${rest}' is no mark; use h p / \\ b ~ m x`;
  if (/^b\d/i.test(rest)) return "a bend takes no fret: write 6:3b";
  if (rest.length > 1 || !last || last.mark !== null) return "write one mark a note";
  return [...steps.slice(0, -1), { ...last, mark: mark as NoteMark }];
}
