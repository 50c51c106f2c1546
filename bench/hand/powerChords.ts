/**
 * Grips of two to four notes with every fingering that players accept for them, labelled by hand
 * from common practice before the effort was fitted. `shape` is written at the lowest place it may
 * stand: each fretted string is raised to each of `places` (the fret of its lowest finger); shapes
 * with open strings stand where they are written. Fingerings leave out open and silent strings,
 * thickest string first.
 */
export interface LabelledShape {
  readonly midi: readonly number[];
  readonly shape: string;
  readonly places: readonly number[];
  readonly accepted: readonly string[];
}

const STANDARD = [40, 45, 50, 55, 59, 64];
const DROP_D = [38, 45, 50, 55, 59, 64];
const DROP_C = [36, 43, 48, 53, 57, 62];
const SEVEN = [35, 40, 45, 50, 55, 59, 64];
const DROP_A7 = [33, 40, 45, 50, 55, 59, 64];

const LOW = [1, 2, 3, 4, 5];
const HIGH = [7, 9, 10, 12];
const ALL = [1, 3, 5, 7, 9, 12];

const label = (
  midi: readonly number[],
  shape: string,
  places: readonly number[],
  ...accepted: string[]
): LabelledShape => ({ midi, shape, places, accepted });

export const LABELLED_POWER_CHORDS: readonly LabelledShape[] = [
  // Root and fifth, two frets apart. Index and middle only where the frets are narrow.
  label(STANDARD, "1 3 x x x x", LOW, "13", "14"),
  label(STANDARD, "1 3 x x x x", HIGH, "13", "14", "12"),
  label(STANDARD, "x 1 3 x x x", LOW, "13", "14"),
  label(STANDARD, "x 1 3 x x x", HIGH, "13", "14", "12"),
  label(STANDARD, "x x 1 3 x x", ALL, "13", "14"),
  label(STANDARD, "x x x x 1 3", ALL, "13", "14"),
  label(SEVEN, "1 3 x x x x x", ALL, "13", "14"),
  // Root and fifth over the narrow gap between strings 3 and 2.
  label(STANDARD, "x x x 1 4 x", LOW, "14"),
  label(STANDARD, "x x x 1 4 x", HIGH, "14", "13"),
  // Root, fifth, octave.
  label(STANDARD, "1 3 3 x x x", ALL, "134", "133"),
  label(STANDARD, "x 1 3 3 x x", ALL, "134", "133"),
  label(STANDARD, "x x 1 3 4 x", ALL, "134"),
  label(STANDARD, "x x x 1 4 4", LOW, "144", "134"),
  label(STANDARD, "x x x 1 4 4", HIGH, "144", "134", "133"),
  label(SEVEN, "1 3 3 x x x x", ALL, "134", "133"),
  label(SEVEN, "x 1 3 3 x x x", ALL, "134", "133"),
  // Four notes: fifth, root, fifth, octave.
  label(STANDARD, "1 1 3 3 x x", ALL, "1134", "1133", "1144"),
  label(SEVEN, "1 1 3 3 x x x", ALL, "1134", "1133", "1144"),
  // Fifth in the bass: one finger over both, or one finger each.
  label(STANDARD, "1 1 x x x x", ALL, "11"),
  label(STANDARD, "x 1 1 x x x", ALL, "11"),
  label(STANDARD, "x x 1 1 x x", ALL, "11"),
  label(STANDARD, "x x x x 1 1", ALL, "11"),
  label(STANDARD, "x x x 1 2 x", ALL, "12"),
  label(STANDARD, "1 1 3 x x x", ALL, "113", "114"),
  label(STANDARD, "x 1 1 3 x x", ALL, "113", "114"),
  label(STANDARD, "x x 1 1 4 x", ALL, "114"),
  // Fifth, root, third.
  label(STANDARD, "2 2 1 x x x", ALL, "231"),
  label(STANDARD, "x 2 2 1 x x", ALL, "231"),
  label(STANDARD, "x x 1 1 1 x", ALL, "111"),
  // "132" is how the open data finger the same three strings below an open D.
  label(STANDARD, "x x x 1 2 1", ALL, "121", "132"),
  // Drop tunings: one finger across the lowest strings.
  label(DROP_D, "1 1 x x x x", ALL, "11"),
  label(DROP_D, "1 1 1 x x x", ALL, "111"),
  label(DROP_C, "1 1 1 x x x", ALL, "111"),
  label(DROP_C, "1 1 1 3 x x", [1, 3, 5, 8], "1113", "1114"),
  label(DROP_A7, "1 1 1 x x x x", ALL, "111"),
  label(DROP_D, "3 1 x x x x", ALL, "31"),
  label(DROP_C, "3 1 x x x x", ALL, "31"),
  label(DROP_D, "x 1 3 3 x x", ALL, "134", "133"),
  // Octaves with a silent string between.
  label(STANDARD, "1 x 3 x x x", ALL, "13", "14"),
  label(STANDARD, "x 1 x 3 x x", ALL, "13", "14"),
  label(STANDARD, "x x 1 x 4 x", LOW, "14"),
  label(STANDARD, "x x 1 x 4 x", HIGH, "14", "13"),
  label(STANDARD, "x x x 1 x 4", LOW, "14"),
  label(STANDARD, "x x x 1 x 4", HIGH, "14", "13"),
  // Open strings.
  label(STANDARD, "0 2 x x x x", [2], "1", "2", "3"),
  label(STANDARD, "0 2 2 x x x", [2], "11", "12", "23", "34"),
  label(STANDARD, "x 0 2 x x x", [2], "1", "2", "3"),
  label(STANDARD, "x 0 2 2 x x", [2], "11", "12", "23", "34"),
  label(STANDARD, "x x 0 2 x x", [2], "1", "2"),
  label(STANDARD, "x x 0 2 3 x", [2], "12", "13"),
  label(STANDARD, "0 2 2 x 0 0", [2], "12", "23"),
  label(DROP_D, "0 0 0 x x x", [0], ""),
  label(DROP_D, "x 0 2 2 x x", [2], "11", "12", "23", "34"),
];
