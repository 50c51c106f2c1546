import { type Midi } from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import { nameTuning } from "./nameTuning";
import { readChanges, speaksOfChanges } from "./readChanges";
import { readLetters, type LetterOptions } from "./readLetters";
import { normaliseName, readName } from "./readName";
import {
  HIGHEST_STRING_MIDI,
  LOWEST_STRING_MIDI,
  MAX_STRINGS,
  MIN_STRINGS,
  samePitches,
  usualMidi,
  type Tuning,
} from "./tuning";

interface TuningReading {
  readonly tuning: Tuning;
  /** Other tunings the text could mean, likeliest first; empty where there is no doubt. */
  readonly alternatives: readonly Tuning[];
}

export type ReadTuningOptions = LetterOptions;

const LONGEST_TEXT = 200;
const DEFAULT_STRINGS = 6;
const MAX_ALTERNATIVES = 4;

/**
 * Reads a tuning in any way a player writes it: a name ("Drop C#", "7-string drop A"), changes ("6 down
 * 2, 2 up 1"), letters from thick to thin with or without octaves, spaces or capitals ("dadgad").
 */
export function readTuning(text: string, options: ReadTuningOptions = {}): Result<TuningReading> {
  const requested = options.strings;
  if (
    requested !== undefined &&
    !(requested >= MIN_STRINGS && requested <= MAX_STRINGS && Number.isInteger(requested))
  ) {
    return failure("strings", `${requested} strings: Tenon knows ${MIN_STRINGS} to ${MAX_STRINGS}`);
  }
  if (text.trim() === "")
    return failure("tuning", "nothing written; try 'drop D' or 'D A D G B E'");
  if (text.length > LONGEST_TEXT) {
    return failure("tuning", `${text.length} characters; a tuning has at most ${LONGEST_TEXT}`);
  }
  const said = readSaid(text, options);
  if (!said.ok) return said;
  const [best, ...others] = distinct(said.value);
  if (!best) return failure("tuning", `'${text.trim()}' names no tuning`);
  const outside = best.findIndex((midi) => !isStringPitch(midi));
  if (outside >= 0) {
    return failure(
      "tuning",
      `note ${outside + 1}: no string sounds that pitch; octaves run from 0 to 6`,
    );
  }
  const alternatives = others.filter((midi) => midi.every(isStringPitch));
  return success({
    tuning: nameTuning(best),
    alternatives: alternatives.slice(0, MAX_ALTERNATIVES).map((midi) => nameTuning(midi)),
  });
}

function isStringPitch(midi: Midi): boolean {
  return midi >= LOWEST_STRING_MIDI && midi <= HIGHEST_STRING_MIDI;
}

/** Everything a text can mean: a name, changes from a tuning, or letters; most likely first. */
function readSaid(text: string, options: ReadTuningOptions): Result<readonly (readonly Midi[])[]> {
  const name = readName(text, options.strings);
  const changes = readChanged(text, options);
  if (name?.ok) {
    return success([...name.value.readings, ...(changes?.ok ? [changes.value] : [])]);
  }
  if (changes) return changes.ok ? success([changes.value]) : changes;
  if (name) return name;
  return readLetters(text, options);
}

const BASE_END = /(?:,|;|:|\bwith\b|\bthen\b)/;

/**
 * Changes from the guitar's usual tuning, or from one named first ("drop D, 3 down 1"); null where
 * the text speaks of none.
 */
function readChanged(text: string, options: ReadTuningOptions): Result<readonly Midi[]> | null {
  const words = normaliseName(text);
  const count = options.strings ?? DEFAULT_STRINGS;
  const usual = options.usual?.length === count ? options.usual : usualMidi(count);
  if (speaksOfChanges(words)) return readChanges(words, usual);
  const end = BASE_END.exec(words);
  const rest = end ? words.slice(end.index + end[0].length).trim() : "";
  if (!end || !speaksOfChanges(rest)) return null;
  const base = readName(words.slice(0, end.index), options.strings);
  if (!base?.ok) return base;
  return readChanges(rest, base.value.readings[0] ?? usual);
}

function distinct(readings: readonly (readonly Midi[])[]): readonly (readonly Midi[])[] {
  return readings.filter(
    (midi, index) => readings.findIndex((other) => samePitches(other, midi)) === index,
  );
}
