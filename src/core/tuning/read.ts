import { noteText, octaveOf, spellPitchClass, type Midi } from "../pitch";
import { failure, success, type Result } from "../result";
import { findName, readName } from "./names";
import { chooseOctaves } from "./octaves";
import { cutTokens, type Cut } from "./tokens";
import {
  HIGHEST_STRING_MIDI,
  LOWEST_STRING_MIDI,
  MAX_STRINGS,
  MIN_STRINGS,
  samePitches,
  usualMidi,
  type Tuning,
} from "./tuning";

export interface TuningReading {
  readonly tuning: Tuning;
  /** Other tunings the text could mean, likeliest first; empty where there is no doubt. */
  readonly alternatives: readonly Tuning[];
}

export interface ReadTuningOptions {
  /** How many strings the guitar has; without it, what the text says, or six. */
  readonly strings?: number;
  /** The guitar's usual tuning, to which letters without octaves are brought near. */
  readonly usual?: readonly Midi[];
}

const LONGEST_TEXT = 200;
const PREFERRED_COUNTS = [6, 7, 8, 5, 4, 9, 10];
const MAX_ALTERNATIVES = 4;

/**
 * Reads a tuning however a player says it: a name ("Drop C#", "7-string drop A"), letters from
 * thick to thin with or without octaves, spaces or capitals ("D A D F# A D", "dadgad").
 */
export function readTuning(text: string, options: ReadTuningOptions = {}): Result<TuningReading> {
  const asked = options.strings;
  if (
    asked !== undefined &&
    !(asked >= MIN_STRINGS && asked <= MAX_STRINGS && Number.isInteger(asked))
  ) {
    return failure("strings", `${asked} strings: Tenon knows ${MIN_STRINGS} to ${MAX_STRINGS}`);
  }
  if (text.trim() === "")
    return failure("tuning", "nothing written; try 'drop D' or 'D A D G B E'");
  if (text.length > LONGEST_TEXT) {
    return failure("tuning", `${text.length} characters; a tuning has at most ${LONGEST_TEXT}`);
  }
  const named = readName(text, asked);
  if (named && !named.ok) return named;
  const readings = named ? success(named.value.readings) : readLetters(text, options);
  if (!readings.ok) return readings;
  const [best, ...others] = readings.value.map(nameTuning);
  if (!best) return failure("tuning", `'${text.trim()}' names no tuning`);
  const outside = best.midi.findIndex(
    (midi) => midi < LOWEST_STRING_MIDI || midi > HIGHEST_STRING_MIDI,
  );
  if (outside >= 0) {
    return failure(
      "tuning",
      `note ${outside + 1}: no string sounds that pitch; octaves run from 0 to 6`,
    );
  }
  return success({ tuning: best, alternatives: others.slice(0, MAX_ALTERNATIVES) });
}

/** The best name and kind for a set of pitches; letters, with octaves where needed, if it has none. */
export function nameTuning(midi: readonly Midi[]): Tuning {
  const named = findName(midi);
  if (named) return named;
  const letters = midi.map((pitch) => noteText(spellPitchClass(pitch))).join(" ");
  const read = readLetters(letters, { strings: midi.length });
  const [first, ...others] = read.ok ? read.value : [];
  if (first && others.length === 0 && samePitches(first, midi))
    return { name: letters, kind: "own", midi };
  const name = midi
    .map((pitch) => {
      const note = spellPitchClass(pitch);
      return noteText(note) + octaveOf(note, pitch);
    })
    .join(" ");
  return { name, kind: "own", midi };
}

function readLetters(
  text: string,
  options: ReadTuningOptions,
): Result<readonly (readonly Midi[])[]> {
  const cuts = cutTokens(text);
  if (!cuts.ok) return cuts;
  const counts = [...new Set(cuts.value.map((cut) => cut.tokens.length))];
  const strings = options.strings ?? PREFERRED_COUNTS.find((count) => counts.includes(count));
  if (strings === undefined || !counts.includes(strings)) {
    const found = counts.sort((a, b) => a - b).join(" or ");
    const wanted = options.strings ?? `${MIN_STRINGS} to ${MAX_STRINGS}`;
    return failure("tuning", `that is ${found} notes; write ${wanted}, one for each string`);
  }
  const usual = options.usual?.length === strings ? options.usual : usualMidi(strings);
  return success(
    rankReadings(
      cuts.value.filter((cut) => cut.tokens.length === strings),
      usual,
    ),
  );
}

/** All octave choices of all cuts: the writer's capitals decide first, then nearness. */
function rankReadings(cuts: readonly Cut[], usual: readonly Midi[]): readonly (readonly Midi[])[] {
  const fewest = Math.min(...cuts.map((cut) => cut.oddities));
  return cuts
    .filter((cut) => cut.oddities === fewest)
    .flatMap((cut) => chooseOctaves(cut.tokens, usual))
    .sort((a, b) => a.cost - b.cost)
    .map((choice) => choice.midi)
    .filter((midi, index, all) => all.findIndex((other) => samePitches(other, midi)) === index);
}
