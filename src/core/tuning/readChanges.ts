import { parseNote, pitchClass, pitchClassOf, SEMITONES_PER_OCTAVE, type Midi } from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import { stepCost } from "./tuning";

/**
 * Tunings given as changes from another: "6 down 2, 2 up 1", "sixth string down a whole step; third
 * down a half", "6 and 1 to D". Strings are counted from the thinnest, as players do.
 */
const ORDINALS = [
  "first",
  "second",
  "third",
  "fourth",
  "fifth",
  "sixth",
  "seventh",
  "eighth",
  "ninth",
  "tenth",
];
const COUNTS: Readonly<Record<string, number>> = { a: 1, an: 1, one: 1, two: 2, three: 3, four: 4 };
const UNITS: Readonly<Record<string, number>> = {
  half: 1,
  semitone: 1,
  semitones: 1,
  fret: 1,
  frets: 1,
  whole: 2,
  step: 2,
  steps: 2,
  tone: 2,
  tones: 2,
};
const DIRECTIONS: Readonly<Record<string, 1 | -1>> = {
  down: -1,
  lowered: -1,
  up: 1,
  raised: 1,
};
/** Verbs that come first: "lower 6 by 2", "drop the sixth string a whole step". */
const VERBS: Readonly<Record<string, 1 | -1>> = { lower: -1, drop: -1, raise: 1 };
/** Signs and words for reaching a note: "6 to D", "6: D", "6 = D". */
const REACHES = new Set(["to", ":", "="]);
/** Words that carry nothing. */
const FILLERS = new Set(["the", "string", "strings", "by", "and", "then", "tune", "tuned", "&"]);

const STRING = `(?:\\d\\d?(?:st|nd|rd|th)?|${ORDINALS.join("|")}|all)`;
const BETWEEN = `(?:strings?|and|the|&|,|${STRING}|\\s)*`;
const AMOUNT = `(?:(?:${[...Object.keys(COUNTS), ...Object.keys(UNITS)].join("|")}) )*`;

/** Whether a text describes changes at all: strings, then a direction; or a verb, then strings. */
const CHANGE_START = new RegExp(
  [
    `^(?:tune )?(?:the )?(?:strings? )?${STRING}\\b${BETWEEN}(?:${AMOUNT}(?:${Object.keys(DIRECTIONS).join("|")}|to)\\b|[:=])`,
    `^(?:${Object.keys(VERBS).join("|")}) (?:the )?(?:strings? )?${STRING}\\b`,
  ].join("|"),
);

export function speaksOfChanges(text: string): boolean {
  return CHANGE_START.test(text);
}

/**
 * Applies the changes in `text` (lower case, plain signs) to a tuning. The problem names the first
 * piece that cannot be read.
 */
export function readChanges(text: string, base: readonly Midi[]): Result<readonly Midi[]> {
  const words = text.match(/[a-g](?:#|b)+(?![a-z])|\d+(?:st|nd|rd|th)?|[a-z]+|[^\s,;.]/g) ?? [];
  const midi = [...base];
  let strings: number[] = [];
  let verb: 1 | -1 | null = null;
  let place = 0;
  /** Applies a move and continues after the words it used. */
  const carryOut = (move: Result<number>, words: number): Result<number> => {
    if (!move.ok) return move;
    place += words + move.value;
    strings = [];
    verb = null;
    return move;
  };
  while (place < words.length) {
    const word = words[place] ?? "";
    const next = words.slice(place + 1);
    const direction = DIRECTIONS[word];
    const started = VERBS[word];
    // "lower 6 and 5 by 2": what an "and" adds is a string; any other number behind a verb is how far.
    const isListed = words[place - 1] === "and" || words[place - 1] === "&";
    let done: Result<unknown> = success(null);
    if (started !== undefined && strings.length === 0) {
      verb = started;
      place += 1;
    } else if (FILLERS.has(word)) {
      place += 1;
    } else if (word === "all") {
      strings = base.map((_, index) => index);
      place += 1;
    } else if (strings.length === 0 && (direction !== undefined || REACHES.has(word))) {
      return failure("tuning", `'${word}': say which string, like 6 ${word}`);
    } else if (REACHES.has(word)) {
      done = carryOut(moveTo(midi, strings, next[0]), 1);
    } else if (direction !== undefined) {
      done = REACHES.has(next[0] ?? "")
        ? carryOut(moveTo(midi, strings, next[1]), 2)
        : carryOut(moveBy(midi, strings, direction, next), 1);
    } else if (strings.length > 0 && (word in COUNTS || word in UNITS || (verb && !isListed))) {
      done = carryOut(moveAsSaid(midi, strings, verb, words.slice(place)), 0);
    } else {
      const string = readString(word, base.length);
      if (string.ok) strings.push(string.value);
      done = string;
      place += 1;
    }
    if (!done.ok) return done;
  }
  if (strings.length > 0) {
    const number = base.length - (strings[0] ?? 0);
    return failure("tuning", `string ${number}: say how far, like ${number} down 2`);
  }
  return success(midi);
}

/** Moves by an amount whose direction was said before it ("lower 6 by 2") or comes after it. */
function moveAsSaid(
  midi: Midi[],
  strings: readonly number[],
  verb: 1 | -1 | null,
  words: readonly string[],
): Result<number> {
  if (verb !== null) return moveBy(midi, strings, verb, words);
  const end = words.findIndex((word) => word in DIRECTIONS);
  const direction = DIRECTIONS[words[end] ?? ""];
  if (direction === undefined) {
    return failure("tuning", `'${words[0]}': say down or up, like 6 down 2`);
  }
  const moved = moveBy(midi, strings, direction, words.slice(0, end));
  return moved.ok ? success(end + 1) : moved;
}

function readString(word: string, count: number): Result<number> {
  const ordinal = ORDINALS.indexOf(word);
  const number =
    ordinal >= 0 ? ordinal + 1 : /^\d+(st|nd|rd|th)?$/.test(word) ? parseInt(word) : NaN;
  if (Number.isNaN(number)) {
    return failure("tuning", `'${word}': write changes like '6 down 2, 2 up 1'`);
  }
  if (number < 1 || number > count) {
    return failure("tuning", `string ${number}: this guitar has strings 1 to ${count}`);
  }
  return success(count - number);
}

/** Moves strings by an amount ("2", "a half step", "two whole steps"); answers the words it took. */
function moveBy(
  midi: Midi[],
  strings: readonly number[],
  direction: 1 | -1,
  words: readonly string[],
): Result<number> {
  let taken = 0;
  const next = () => words[taken] ?? "";
  if (FILLERS.has(next())) taken += 1;
  const count = /^\d+$/.test(next()) ? Number(next()) : COUNTS[next()];
  if (count !== undefined) taken += 1;
  const unit = UNITS[next()];
  if (unit !== undefined) taken += 1;
  if (/^(step|tone)s?$/.test(next()) && unit !== undefined) taken += 1;
  if (count === undefined && unit === undefined) {
    return failure("tuning", `'${next() || "nothing"}' is no distance; write 2, or 'a half step'`);
  }
  const semitones = (count ?? 1) * (unit ?? 1);
  if (semitones > 2 * SEMITONES_PER_OCTAVE) {
    return failure("tuning", `${semitones} half steps: a string moves by two octaves at most`);
  }
  for (const string of strings) midi[string] = (midi[string] ?? 0) + direction * semitones;
  return success(taken);
}

/** Moves strings to the nearest pitch of a note, upward counted double. */
function moveTo(
  midi: Midi[],
  strings: readonly number[],
  word: string | undefined,
): Result<number> {
  const note = parseNote(word ?? "", "tuning");
  if (!note.ok) return note;
  for (const string of strings) {
    const now = midi[string] ?? 0;
    const down = pitchClass(now - pitchClassOf(note.value));
    const up = pitchClass(-down);
    midi[string] = stepCost(down) <= stepCost(-up) ? now - down : now + up;
  }
  return success(1);
}
