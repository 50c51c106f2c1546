import { readChart } from "../read";

const MARKED = /^(<?)[^~]*?(!?(?:~.*)?)$/s;

/**
 * Rewrites every chord of a chart as its power chord. All other text is unchanged.
 *
 * @example writeAsPowerChords("| Am . <F! |") // "| A5 . <F5! |"
 */
export function writeAsPowerChords(text: string): string {
  const places = readChart(text).sections.flatMap(({ bars }) =>
    bars.flatMap(({ chords }) =>
      chords.flatMap(({ place, reducedTo }) =>
        place && reducedTo !== null ? { place, reducedTo } : [],
      ),
    ),
  );
  let rest = 0;
  const parts: string[] = [];
  for (const { place, reducedTo } of places) {
    if (place.offset < rest) continue;
    const end = place.offset + place.length;
    const [, early = "", after = ""] = MARKED.exec(text.slice(place.offset, end)) ?? [];
    parts.push(text.slice(rest, place.offset), early, reducedTo, after);
    rest = end;
  }
  return [...parts, text.slice(rest)].join("");
}
