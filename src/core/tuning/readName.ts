import {
  noteText,
  pitchClass,
  plainSigns,
  spellPitchClass,
  type Accidentals,
  type Midi,
} from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import { NAME_RULES, REGULAR_STEPS } from "./nameRules";
import {
  MAX_STRINGS,
  MIN_STRINGS,
  samePitches,
  usualMidi,
  type Tuning,
  type TuningKind,
} from "./tuning";

const DEFAULT_STRINGS = 6;
const COUNT_WORDS = ["four", "five", "six", "seven", "eight", "nine", "ten"];

/** Tunings with a name of their own that no family explains (the last two are GNU LilyPond's). */
const SPECIAL: readonly Tuning[] = [
  { name: "DADGAD", kind: "modal", midi: [38, 45, 50, 55, 57, 62] },
  { name: "Asus4", kind: "modal", midi: [40, 45, 50, 52, 57, 64] },
  { name: "Lute", kind: "modal", midi: [40, 45, 50, 54, 59, 64] },
];

/** A six-string bass is not tuned like a guitar (GNU LilyPond 2.24: bass-six-string-tuning). */
const SIX_STRING_BASS: Tuning = {
  name: "6-string bass",
  kind: "standard",
  midi: [23, 28, 33, 38, 43, 48],
};
const BASS_STRINGS = 4;

/** What a name means: the most likely pitches first, then other octaves it could mean. */
interface NamedReading {
  readonly readings: readonly (readonly Midi[])[];
}

/**
 * Reads a tuning given by name: "Drop C#", "E flat standard", "7-string drop A", "open G minor",
 * "half step down", "all fourths from E". Returns null where the text is no name at all.
 */
export function readName(text: string, strings?: number): Result<NamedReading> | null {
  const { words, stated, isBass } = splitCount(normaliseName(text));
  if (
    isBass &&
    (stated ?? strings) === SIX_STRING_BASS.midi.length &&
    /^(standard)?$/.test(words)
  ) {
    return success({ readings: [SIX_STRING_BASS.midi] });
  }
  const special = SPECIAL.find((tuning) => tuning.name.toLowerCase() === words);
  const rule = NAME_RULES.find(({ pattern }) => pattern.test(words));
  if (!special && (!rule || (words === "" && stated === undefined && !isBass))) return null;
  if (stated !== undefined && strings !== undefined && stated !== strings) {
    return failure(
      "tuning",
      `'${text.trim()}' is for ${stated} strings; this guitar has ${strings}`,
    );
  }
  const count = stated ?? strings ?? (isBass ? BASS_STRINGS : DEFAULT_STRINGS);
  if (count < MIN_STRINGS || count > MAX_STRINGS) {
    return failure("tuning", `${count} strings: Tenon knows ${MIN_STRINGS} to ${MAX_STRINGS}`);
  }
  if (special && special.midi.length === count) return success({ readings: [special.midi] });
  const match = rule?.pattern.exec(words);
  if (!rule || !match)
    return failure("tuning", `${special?.name ?? words} is for six strings, not ${count}`);
  const read = rule.read(match, count);
  return read.ok ? success({ readings: read.value }) : read;
}

/** The name and kind of a set of pitches, or null where no name fits. Reading the name gives the pitches. */
export function findName(midi: readonly Midi[], accidentals: Accidentals = "mixed"): Tuning | null {
  const special = [...SPECIAL, SIX_STRING_BASS].find((tuning) => samePitches(tuning.midi, midi));
  if (special) return special;
  const prefix = midi.length === DEFAULT_STRINGS ? "" : `${midi.length}-string `;
  const named = [...nameCandidates(midi, accidentals)].find(({ name }) => {
    const read = readName(prefix + name);
    return read?.ok && samePitches(read.value.readings[0] ?? [], midi);
  });
  if (!named) return null;
  const name = prefix ? prefix + lowerFirstWord(named.name) : named.name;
  return { name, kind: named.kind, midi };
}

function* nameCandidates(
  midi: readonly Midi[],
  accidentals: Accidentals,
): Generator<{ name: string; kind: TuningKind }> {
  const lowest = midi[0] ?? 0;
  const second = midi[1] ?? 0;
  const note = noteText(spellPitchClass(lowest, accidentals));
  const isUsual = samePitches(usualMidi(midi.length), midi);
  yield {
    name: isUsual && midi.length === DEFAULT_STRINGS ? "Standard" : `${note} standard`,
    kind: "standard",
  };
  yield { name: `Drop ${note}`, kind: "drop" };
  yield { name: `Double drop ${note}`, kind: "double drop" };
  for (const root of new Set([pitchClass(lowest), pitchClass(second)])) {
    const rootText = noteText(spellPitchClass(root, accidentals));
    yield { name: `Open ${rootText}`, kind: "open" };
    yield { name: `Open ${rootText} minor`, kind: "open" };
    yield { name: `${rootText}sus4`, kind: "modal" };
    yield { name: `${rootText}sus2`, kind: "modal" };
  }
  for (const steps of Object.keys(REGULAR_STEPS)) {
    yield { name: `All ${steps}`, kind: "regular" };
    yield { name: `All ${steps} from ${note}`, kind: "regular" };
  }
}

/** "Drop A" is "7-string drop A"; a note's own capital stays. */
function lowerFirstWord(name: string): string {
  return /^(Drop|Double|Open|All) /.test(name)
    ? name.charAt(0).toLowerCase() + name.slice(1)
    : name;
}

/** A name in small letters with plain signs and single spaces. */
export function normaliseName(text: string): string {
  return plainSigns(text)
    .toLowerCase()
    .replace(/\s+/g, " ")
    .replace(/\b([a-g])[ -]flat\b/g, "$1b")
    .replace(/\b([a-g])[ -]sharp\b/g, "$1#")
    .replace(/\b(drop|dropped|open|half|whole)-/g, "$1 ")
    .replace(/\b1\/2 (?=steps?\b)/g, "half ")
    .replace(/\b(guitar|tuning)\b/g, "")
    .replace(/^(.+) baritone$|^baritone (.+)$/, "$1$2")
    .replace(/\s+/g, " ")
    .trim();
}

interface CountedName {
  /** The name without its count and without "bass". */
  readonly words: string;
  readonly stated: number | undefined;
  readonly isBass: boolean;
}

function splitCount(name: string): CountedName {
  const isBass = /\bbass\b/.test(name);
  const text = name
    .replace(/\bbass\b/, "")
    .replace(/\s+/g, " ")
    .trim();
  const match = new RegExp(`\\b(\\d+|${COUNT_WORDS.join("|")})[ -]?strings?\\b,?`).exec(text);
  if (!match) return { words: text, stated: undefined, isBass };
  const word = match[1] ?? "";
  const index = COUNT_WORDS.indexOf(word);
  const words = text.replace(match[0], "").replace(/\s+/g, " ").trim();
  return { words, stated: index < 0 ? Number(word) : index + MIN_STRINGS, isBass };
}
