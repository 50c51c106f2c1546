import { noteText, parseNote, spellPitchClass, type Midi, type Note } from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import {
  doubleDropFamily,
  dropFamily,
  MIN_OPEN_STRINGS,
  openFamily,
  regularFamily,
  standardFamily,
  type Family,
  type OpenQuality,
} from "./families";
import { usualMidi } from "./tuning";

/** The number of steps, each a half or a whole step. */
const STEP_COUNTS: Readonly<Record<string, number>> = {
  a: 1,
  one: 1,
  "one and a half": 1.5,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
};

export const REGULAR_STEPS: Readonly<Record<string, number>> = {
  "minor thirds": 3,
  "major thirds": 4,
  fourths: 5,
  "augmented fourths": 6,
  fifths: 7,
};

const NOTE = "([a-g](?:##?|bb?)?)";

/** One form a tuning's name can take, in lower case and without its number of strings. */
interface NameRule {
  readonly pattern: RegExp;
  readonly read: (match: RegExpExecArray, strings: number) => Result<readonly (readonly Midi[])[]>;
}

export const NAME_RULES: readonly NameRule[] = [
  { pattern: /^(?:standard)?$/, read: (_, strings) => success([usualMidi(strings)]) },
  {
    pattern: new RegExp(`^${NOTE}(?: standard)?$`),
    read: (match, strings) => inFamily(standardFamily, match[1], strings),
  },
  { pattern: /^baritone$/, read: (_, strings) => inFamily(standardFamily, "b", strings) },
  {
    pattern: new RegExp(`^standard ${NOTE}$`),
    read: (match, strings) => inFamily(standardFamily, match[1], strings),
  },
  {
    pattern: new RegExp(
      `^(?:tuned )?(?:down )?(?:(?:(${Object.keys(STEP_COUNTS).join("|")}|\\d\\d?) )?(half |whole )?steps?|(\\d\\d?) semitones?)(?: (down|up))?$`,
    ),
    read: (match, strings) => {
      const [text, count = "one", size, semitones, direction] = match;
      const steps = STEP_COUNTS[count] ?? Number(count);
      const by = semitones ? Number(semitones) : steps * (size === "half " ? 1 : 2);
      if (!Number.isInteger(by)) {
        return failure("tuning", `${by} half steps: strings move by whole half steps here`);
      }
      const up = direction === "up" && !text.includes("down");
      return success([usualMidi(strings).map((midi) => (up ? midi + by : midi - by))]);
    },
  },
  {
    pattern: new RegExp(`^drop(?:ped)? ${NOTE}$`),
    read: (match, strings) => inFamily(dropFamily, match[1], strings),
  },
  {
    pattern: new RegExp(`^double drop(?:ped)? ${NOTE}$`),
    read: (match, strings) => inFamily(doubleDropFamily, match[1], strings),
  },
  {
    pattern: new RegExp(
      `^(?:open )?${NOTE} ?(sus[24])$|^open ${NOTE}(?: ?(major|maj|minor|min|m))?$`,
    ),
    read: (match, strings) => {
      const [, susNote, sus, note, word = ""] = match;
      if (strings < MIN_OPEN_STRINGS) {
        return failure(
          "tuning",
          `open tunings by name need six strings or more; write the ${strings} letters`,
        );
      }
      const quality: OpenQuality =
        sus === "sus2" || sus === "sus4" ? sus : /^m(in(or)?)?$/.test(word) ? "minor" : "major";
      return inFamily(openFamily(quality), susNote ?? note, strings);
    },
  },
  {
    pattern: new RegExp(
      `^(?:all |regular )?(${Object.keys(REGULAR_STEPS).join("|")})(?: from ${NOTE})?$`,
    ),
    read: (match, strings) => {
      const family = regularFamily(REGULAR_STEPS[match[1] ?? ""] ?? 0);
      const lowest = spellPitchClass(usualMidi(strings)[0] ?? 0);
      return inFamily(family, match[2] ?? noteText(lowest), strings);
    },
  },
  {
    // A name with an invalid note: report it rather than read it as letters.
    pattern: /^(?:double )?drop(?:ped)?(?: (\S+))?$|^open(?: (\S+))?$|^(\S+) standard$/,
    read: (match) => {
      const wrong = match[1] ?? match[2] ?? match[3];
      return failure(
        "tuning",
        wrong
          ? `'${wrong}' is not a note; write A to G, with # or b, like drop C#`
          : `'${match[0]}': say which note, like drop D or open G`,
      );
    },
  },
];

function inFamily(
  family: Family,
  noteWord: string | undefined,
  strings: number,
): Result<readonly (readonly Midi[])[]> {
  const note: Result<Note> = parseNote(noteWord ?? "", "tuning");
  return note.ok ? success(family(note.value, strings)) : note;
}
