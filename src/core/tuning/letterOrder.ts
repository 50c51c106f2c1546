/** From which end the letters of a tuning are written. */
export type LetterOrder = "low to high" | "high to low" | "unsaid";

const SAID: readonly (readonly [LetterOrder, RegExp])[] = [
  ["high to low", /\(?\b(?:high to low|thin to thick)\b\)?:?/i],
  ["low to high", /\(?\b(?:low to high|thick to thin)\b\)?:?/i],
];

/**
 * What a text says of the order of its letters, before or behind them, and the letters without it. What
 * the text says counts before what was asked for beside it.
 *
 * @example takeLetterOrder("high to low: E B G D A E") // { order: "high to low", letters: " E B G D A E" }
 */
export function takeLetterOrder(
  text: string,
  asked: LetterOrder = "unsaid",
): { readonly order: LetterOrder; readonly letters: string } {
  const said = SAID.find(([, pattern]) => pattern.test(text));
  return {
    order: said?.[0] ?? asked,
    letters: SAID.reduce((rest, [, pattern]) => rest.replace(pattern, " "), text),
  };
}

/** Letters in the order of the strings, from the thickest; unsaid, as most players write them. */
export function thickestFirst<T>(letters: readonly T[], order: LetterOrder): readonly T[] {
  return order === "high to low" ? letters.toReversed() : letters;
}

/**
 * Every tuning that some readings can mean. If the order was not given and the
 * likeliest reading falls, it may be a crossed tuning, or one written from the other end.
 */
export function withOtherEnd(
  readings: readonly (readonly number[])[],
  order: LetterOrder,
): readonly (readonly number[])[] {
  const [first] = readings;
  if (!first || order !== "unsaid") return readings;
  const falls = first.every((midi, string) => string === 0 || midi < (first[string - 1] ?? 0));
  return falls ? [...readings, first.toReversed()] : readings;
}
