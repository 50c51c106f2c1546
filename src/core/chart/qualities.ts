/** A kind of chord as charts write it. */
export interface Quality {
  /** What follows the root: "m7", "" for major. */
  readonly suffix: string;
  /** Semitones over the root, in the order of the chord's thirds. */
  readonly semitones: readonly number[];
}

/**
 * Every kind of chord that is read: its suffix, its semitones, and other
 * spellings (common practice). Parentheses are ignored when a suffix is looked up.
 */
const KINDS: readonly (readonly [suffix: string, semitones: readonly number[], others: string])[] =
  [
    ["5", [0, 7], "no3 5no3"],
    ["", [0, 4, 7], "maj M major"],
    ["m", [0, 3, 7], "min mi - minor"],
    ["7", [0, 4, 7, 10], "dom7 dom"],
    ["m7", [0, 3, 7, 10], "min7 mi7 -7"],
    ["maj7", [0, 4, 7, 11], "M7 ma7 Δ Δ7 major7"],
    ["m(maj7)", [0, 3, 7, 11], "mM7 minmaj7 -M7"],
    ["sus4", [0, 5, 7], "sus"],
    ["sus2", [0, 2, 7], ""],
    ["7sus4", [0, 5, 7, 10], "7sus sus47"],
    ["sus2sus4", [0, 2, 5, 7], "sus24 sus4sus2 sus42"],
    ["7sus2", [0, 2, 7, 10], ""],
    ["9sus4", [0, 5, 7, 10, 14], "9sus"],
    ["maj7sus2", [0, 2, 7, 11], "M7sus2"],
    ["maj7sus4", [0, 5, 7, 11], "M7sus4 maj7sus"],
    ["(add4)", [0, 4, 5, 7], "add11"],
    ["m(add4)", [0, 3, 5, 7], "madd11"],
    ["maj7(no5)", [0, 4, 11], ""],
    ["maj7(no3)", [0, 7, 11], ""],
    ["6", [0, 4, 7, 9], "maj6 M6"],
    ["m6", [0, 3, 7, 9], "min6 mi6 -6"],
    ["6/9", [0, 4, 7, 9, 14], "69 6add9"],
    ["(add9)", [0, 4, 7, 14], "add2 2"],
    ["m(add9)", [0, 3, 7, 14], "madd2 minadd9"],
    ["9", [0, 4, 7, 10, 14], "7add9"],
    ["m9", [0, 3, 7, 10, 14], "min9 mi9 -9"],
    ["maj9", [0, 4, 7, 11, 14], "M9 ma9 Δ9"],
    ["11", [0, 7, 10, 14, 17], ""],
    ["m11", [0, 3, 7, 10, 14, 17], "min11 mi11 -11"],
    ["13", [0, 4, 7, 10, 14, 21], ""],
    ["m13", [0, 3, 7, 10, 14, 21], "min13 mi13 -13"],
    ["maj13", [0, 4, 7, 11, 14, 21], "M13 ma13 Δ13"],
    ["7b9", [0, 4, 7, 10, 13], ""],
    ["7#9", [0, 4, 7, 10, 15], ""],
    ["7#11", [0, 4, 7, 10, 18], ""],
    ["maj7#11", [0, 4, 7, 11, 18], "M7#11 ma7#11 Δ#11 Δ7#11"],
    ["9#11", [0, 4, 7, 10, 14, 18], ""],
    ["maj9#11", [0, 4, 7, 11, 14, 18], "M9#11"],
    ["7b13", [0, 4, 10, 20], ""],
    ["7b9b13", [0, 4, 7, 10, 13, 20], ""],
    ["13b9", [0, 4, 7, 10, 13, 21], "7b913"],
    ["13sus4", [0, 5, 7, 10, 14, 21], "13sus"],
    ["7b9sus4", [0, 5, 7, 10, 13], "7sus4b9 7b9sus"],
    ["m6/9", [0, 3, 7, 9, 14], "m69 min69 -69"],
    ["m(maj9)", [0, 3, 7, 11, 14], "mM9 minmaj9"],
    ["m(b6)", [0, 3, 7, 8], "mb13"],
    ["maj7#5", [0, 4, 8, 11], "M7#5 ma7#5 augmaj7 +maj7 +M7"],
    ["maj7b5", [0, 4, 6, 11], "M7b5 ma7b5"],
    ["9#5", [0, 4, 8, 10, 14], "+9 aug9 9+"],
    ["9b5", [0, 4, 6, 10, 14], ""],
    ["7#9#5", [0, 4, 8, 10, 15], "7#5#9 +7#9"],
    ["7b9#5", [0, 4, 8, 10, 13], "7#5b9 +7b9"],
    ["m9(b5)", [0, 3, 6, 10, 14], "ø9"],
    ["dim(maj7)", [0, 3, 6, 11], "°M7 oM7 dimM7"],
    ["dim", [0, 3, 6], "° o mb5"],
    ["dim7", [0, 3, 6, 9], "°7 o7"],
    ["m7(b5)", [0, 3, 6, 10], "ø ø7 min7b5 -7b5"],
    ["aug", [0, 4, 8], "+"],
    ["7#5", [0, 4, 8, 10], "7+ aug7 +7"],
    ["7b5", [0, 4, 6, 10], ""],
    ["(no5)", [0, 4], ""],
    ["m(no5)", [0, 3], ""],
    ["7(no5)", [0, 4, 10], ""],
    ["m7(no5)", [0, 3, 10], ""],
    ["7(no3)", [0, 7, 10], ""],
    ["5(b5)", [0, 6], ""],
    ["5(#5)", [0, 8], ""],
  ];

const BY_WRITING: ReadonlyMap<string, Quality> = new Map(
  KINDS.flatMap(([suffix, semitones, others]) =>
    [bare(suffix), ...others.split(" ").filter(Boolean)].map(
      (writing) => [writing, { suffix, semitones }] as const,
    ),
  ),
);

/** All kinds of chords, the simple ones first. */
export const QUALITIES: readonly Quality[] = KINDS.map(([suffix, semitones]) => ({
  suffix,
  semitones,
}));

/**
 * The kind of chord that a suffix stands for, in any spelling; null for none.
 *
 * @example findQuality("min7")?.suffix // "m7"
 */
export function findQuality(suffix: string): Quality | null {
  return BY_WRITING.get(bare(suffix)) ?? null;
}

function bare(suffix: string): string {
  return suffix.replace(/[()\s]/g, "");
}
