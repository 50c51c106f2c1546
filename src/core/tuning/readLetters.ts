import { type Midi } from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import { takeLetterOrder, thickestFirst, withOtherEnd, type LetterOrder } from "./letterOrder";
import { chooseOctaves } from "./octaves";
import { cutTokens, type Cut } from "./tokens";
import { MAX_STRINGS, MIN_STRINGS, usualMidi } from "./tuning";

/** What helps to read letters that leave octaves, or the number of strings, open. */
export interface LetterOptions {
  /** How many strings the guitar has; without it, what the text says, or six. */
  readonly strings?: number;
  /** The guitar's usual tuning, to which letters without octaves are brought near. */
  readonly usual?: readonly Midi[];
  /** Unless the text itself says so: "high to low: E B G D A E". */
  readonly letterOrder?: LetterOrder;
}

const PREFERRED_COUNTS = [6, 7, 8, 5, 4, 9, 10];

/** Every tuning that a row of letters can mean, most likely first. */
export function readLetters(
  text: string,
  options: LetterOptions,
): Result<readonly (readonly Midi[])[]> {
  const { order, letters } = takeLetterOrder(text, options.letterOrder);
  const cuts = cutTokens(letters);
  if (!cuts.ok) return cuts;
  const counts = [...new Set(cuts.value.map((cut) => cut.tokens.length))];
  const strings = options.strings ?? PREFERRED_COUNTS.find((count) => counts.includes(count));
  if (strings === undefined || !counts.includes(strings)) {
    const found = counts.sort((a, b) => a - b).join(" or ");
    const wanted = options.strings ?? `${MIN_STRINGS} to ${MAX_STRINGS}`;
    return failure("tuning", `that is ${found} notes; write ${wanted}, one for each string`);
  }
  const usual = options.usual?.length === strings ? options.usual : usualMidi(strings);
  const fitting = cuts.value.filter((cut) => cut.tokens.length === strings);
  const inOrder = fitting.map((cut) => ({ ...cut, tokens: thickestFirst(cut.tokens, order) }));
  return success(withOtherEnd(rankReadings(inOrder, usual), order));
}

/** All octave choices of all cuts: the writer's capitals decide first, then nearness. */
function rankReadings(cuts: readonly Cut[], usual: readonly Midi[]): readonly (readonly Midi[])[] {
  const fewest = Math.min(...cuts.map((cut) => cut.oddities));
  return cuts
    .filter((cut) => cut.oddities === fewest)
    .flatMap((cut) => chooseOctaves(cut.tokens, usual))
    .sort((a, b) => a.cost - b.cost)
    .map((choice) => choice.midi);
}
