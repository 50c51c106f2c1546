import { noteText, spellDegree, type Note } from "@/core/pitch";

export const SONG_FORMS = ["blues", "quick change", "minor"] as const;
export type SongForm = (typeof SONG_FORMS)[number];
export const FORM_CHORDS = ["fives", "sevenths", "shuffle"] as const;
export type FormChords = (typeof FORM_CHORDS)[number];

const [ONE, FOUR, FIVE, FLAT_SIX] = [0, 5, 7, 8];
const BARS_PER_LINE = 4;

/** The degrees of twelve bars, in half steps over the key (common practice). */
const DEGREES: Readonly<Record<SongForm, readonly number[]>> = {
  blues: twelve(ONE, FIVE, FOUR),
  "quick change": twelve(FOUR, FIVE, FOUR),
  minor: twelve(ONE, FLAT_SIX, FIVE),
};

/** The second bar and the ninth and tenth are what forms differ in. */
function twelve(second: number, ninth: number, tenth: number): readonly number[] {
  return [ONE, second, ONE, ONE, FOUR, FOUR, ONE, ONE, ninth, tenth, ONE, ONE];
}

/**
 * Twelve bars in a key, as a chart.
 *
 * @example writeForm("blues", A, "power chords") // "Key: A\n| A5 | A5 | A5 | A5 |\n| D5 | ..."
 */
export function writeForm(form: SongForm, key: Note, chords: FormChords): string {
  const isMinor = form === "minor";
  const bars = DEGREES[form].map((degree) => {
    const root = noteText(spellDegree(key, degree));
    if (chords === "fives") return `${root}5`;
    // The fifth goes to the sixth and back on every beat.
    if (chords === "shuffle") return `${root}5 ${root}6 ${root}5 ${root}6`;
    const isMinorChord = isMinor && (degree === ONE || degree === FOUR);
    return `${root}${isMinorChord ? "m7" : "7"}`;
  });
  const lines = [0, 1, 2].map((line) =>
    bars.slice(line * BARS_PER_LINE, (line + 1) * BARS_PER_LINE),
  );
  return [
    `Key: ${noteText(key)}${isMinor ? "m" : ""}`,
    ...lines.map((line) => `| ${line.join(" | ")} |`),
    "",
  ].join("\n");
}
