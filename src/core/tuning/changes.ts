import { parseNote, pitchClass, pitchClassOf, SEMITONES_PER_OCTAVE, type Midi } from "../pitch";
import { failure, success, type Result } from "../result";
import { stepCost } from "./tuning";

/**
 * Tunings told as changes from another: "6 down 2, 2 up 1", "sixth string down a whole step; third
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
/** Words that carry nothing. */
const FILLERS = new Set(["the", "string", "strings", "by", "and", "then", "tuned", "other", "&"]);

/** Whether a text speaks of changes at all: a string's number, then a direction or "to". */
const CHANGE_START = new RegExp(
  `^(?:the )?(?:strings? )?(?:\\d\\d?(?:st|nd|rd|th)?|${ORDINALS.join("|")}|all)\\b[^a-z]*(?:strings?\\b|and\\b|the\\b|\\s|,|&|\\d\\d?(?:st|nd|rd|th)?\\b|${ORDINALS.join("\\b|")}\\b)*(?:${Object.keys(DIRECTIONS).join("|")}|to)\\b`,
);

export function speaksOfChanges(text: string): boolean {
  return CHANGE_START.test(text);
}

/**
 * Applies the changes in `text` (lower case, plain signs) to a tuning. The problem names the first
 * piece that makes no sense.
 */
export function readChanges(text: string, base: readonly Midi[]): Result<readonly Midi[]> {
  const words = text.match(/[a-g](?:#|b)+(?![a-z])|\d+(?:st|nd|rd|th)?|[a-z]+|[^\s,;.]/g) ?? [];
  const midi = [...base];
  let strings: number[] = [];
  let place = 0;
  while (place < words.length) {
    const word = words[place] ?? "";
    const direction = DIRECTIONS[word];
    if (FILLERS.has(word)) {
      place += 1;
    } else if (word === "all") {
      strings = base.map((_, index) => index);
      place += 1;
    } else if (direction !== undefined || word === "to") {
      if (strings.length === 0)
        return failure("tuning", `'${word}': say which string, like 6 ${word}`);
      const moved =
        direction === undefined
          ? moveTo(midi, strings, words[place + 1])
          : moveBy(midi, strings, direction, words.slice(place + 1));
      if (!moved.ok) return moved;
      place += 1 + moved.value;
      strings = [];
    } else {
      const string = readString(word, base.length);
      if (!string.ok) return string;
      strings.push(string.value);
      place += 1;
    }
  }
  if (strings.length > 0) {
    const number = base.length - (strings[0] ?? 0);
    return failure("tuning", `string ${number}: say how far, like ${number} down 2`);
  }
  return success(midi);
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
    return failure("tuning", `${semitones} semitones: a string moves by two octaves at most`);
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
