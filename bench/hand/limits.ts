/**
 * Shapes at the edge of what an average hand (150 mm from index tip to little tip, spread flat)
 * can hold, told apart by anatomy before any effort was fitted: the effort must separate them.
 * Frets are written thickest string first, x for a silent string. The distances in the reasons are
 * between fingertips, from the equal-tempered frets of the scale named (648 mm where none is).
 */
export interface EdgeShape {
  readonly frets: string;
  readonly reason: string;
  /** Pitches of the strings, thickest first; standard tuning where it is missing. */
  readonly midi?: readonly number[];
  readonly scaleMm?: number;
}

const BASS = { midi: [28, 33, 38, 43], scaleMm: 864 };
const BARITONE = { midi: [35, 40, 45, 50, 54, 59], scaleMm: 762 };
const SEVEN = { midi: [35, 40, 45, 50, 55, 59, 64], scaleMm: 648 };
const EIGHT = { midi: [30, 35, 40, 45, 50, 55, 59, 64], scaleMm: 711 };
const TEN = { midi: [20, 25, 30, 35, 40, 45, 50, 55, 59, 64], scaleMm: 711 };

const each = (reason: string, frets: readonly string[], instrument = {}): readonly EdgeShape[] =>
  frets.map((shape) => ({ frets: shape, reason, ...instrument }));

export const IMPOSSIBLE: readonly EdgeShape[] = [
  ...each("more than 140 mm, nearly the whole flat span, while pressing with bent fingers", [
    "1 6 x x x x",
    "x 1 6 x x x",
    "x x 1 6 x x",
    "1 7 7 x x x",
    "1 x 6 x x x",
    "1 3 6 x x x",
    "x x 1 6 6 6",
    "1 0 6 0 x x",
    "1 x x x x 6",
    "2 7 7 x x x",
    "x 2 7 x x x",
    "2 4 8 x x x",
    "x x 3 9 x x",
    "3 5 9 x x x",
    "5 11 x x x x",
    "x 5 11 11 x x",
    "5 7 11 x x x",
    "7 14 x x x x",
    "x x 7 14 x x",
    "9 17 x x x x",
    "12 22 22 x x x",
  ]),
  ...each("139 mm with the little finger curled over a neighbouring string", [
    "3 8 8 x x x",
    "x 3 8 x x x",
    "3 5 8 x x x",
  ]),
  ...each("over 130 mm, the little finger on the thick side: the hand would have to turn over", [
    "6 x x x x 1",
    "8 x x x x 3",
    "x 7 x x x 2",
  ]),
  ...each("four frets, four fingers: index and middle 85 mm apart or more", [
    "x x 7 11 12 13",
    "x x 5 9 10 11",
    "x x 1 4 5 6",
  ]),
  ...each("four frets, four fingers: middle and ring 75 mm apart or more", [
    "x x 9 10 14 15",
    "x x 7 8 12 13",
    "x 1 2 5 6 x",
    "x 13 12 8 7 x",
  ]),
  ...each(
    "four frets, four fingers: ring and little 70 mm apart or more, though they share a tendon",
    ["x x 5 6 7 10", "x x 9 10 11 15", "x x 7 8 9 13", "x x 3 4 5 8"],
  ),
  ...each("five frets need five fingers, and the thumb reaches only the thickest string", [
    "x 1 2 3 4 5",
    "x 5 4 3 2 1",
    "x 3 4 5 6 7",
    "x 7 6 5 4 3",
    "x 5 7 6 8 9",
    "x 9 8 7 6 5",
    "3 5 4 6 7 8",
  ]),
  ...each("two notes of one fret with a lower note between: no bar, and so five fingers", [
    "x 1 3 2 3 4",
    "x 2 4 3 4 5",
    "x 3 5 4 5 6",
    "x 5 8 6 8 9",
    "x 3 6 4 6 7",
    "x 5 7 6 7 8",
    "x 7 9 8 9 10",
    "1 4 2 4 1 4",
  ]),
  ...each(
    "160 mm and more on a bass",
    ["1 5 x x", "2 6 x x", "1 3 5 x", "x 1 6 6", "3 8 x x"],
    BASS,
  ),
  ...each("150 mm and more on a baritone", ["1 5 5 x x x", "1 6 6 x x x", "2 7 x x x x"], BARITONE),
  ...each(
    "more than 160 mm on an eight-string",
    ["1 6 x x x x x x", "2 7 7 x x x x x", "1 3 6 x x x x x"],
    EIGHT,
  ),
  ...each("open strings between: five fingers on one fret", ["1 0 1 0 1 0 1 0 1 0"], TEN),
];

export const HARD_BUT_PLAYABLE: readonly EdgeShape[] = [
  ...each("a bar across all strings where the frets are widest (common practice)", [
    "1 3 3 2 1 1",
    "1 3 3 1 1 1",
    "1 3 1 2 1 1",
    "1 3 1 1 1 1",
    "1 1 1 1 1 1",
    "2 4 4 3 2 2",
    "x 1 3 3 3 1",
    "x 1 3 3 2 1",
    "x 1 3 1 2 1",
  ]),
  ...each("a bar and three more fingers (common practice)", [
    "3 5 5 4 6 3",
    "5 7 7 6 8 5",
    "5 7 5 6 8 5",
    "3 6 5 4 3 3",
    "5 8 7 6 5 5",
    "3 6 3 4 3 3",
    "1 4 3 2 1 1",
    "1 4 1 2 1 1",
    "x 3 5 3 6 3",
    "x 5 7 5 8 5",
    "3 5 3 5 3 5",
    "x 4 2 4 2 5",
    "x 5 3 6 3 5",
  ]),
  ...each("root, fifth, ninth: five frets, low on the neck (common practice)", [
    "2 4 6 x x x",
    "3 5 7 x x x",
    "4 6 8 x x x",
    "5 7 9 x x x",
    "7 9 11 x x x",
    "x 2 4 6 x x",
    "x 3 5 7 x x",
    "x 5 7 9 x x",
  ]),
  ...each("five frets for two fingers, 95 to 125 mm", [
    "2 6 x x x x",
    "3 7 x x x x",
    "x 3 7 x x x",
    "5 9 x x x x",
    "x x 5 9 x x",
    "x x 4 8 8 x",
    "3 3 7 x x x",
    "5 5 9 x x x",
  ]),
  ...each("six frets high up, about 100 to 110 mm", [
    "7 12 x x x x",
    "x 7 12 x x x",
    "9 14 x x x x",
    "x x 9 14 x x",
  ]),
  ...each("three frets between index and little low on the neck, about 99 mm", [
    "1 4 x x x x",
    "1 4 4 x x x",
    "x x x 1 4 4",
    "x x x 2 5 5",
  ]),
  ...each("a finger on every fret", [
    "1 2 3 4 x x",
    "4 3 2 1 x x",
    "x 1 2 3 4 x",
    "x 4 3 2 1 x",
    "x x 4 3 2 1",
    "2 3 4 5 x x",
    "5 6 7 8 x x",
    "1 3 2 4 x x",
    "x 3 4 2 5 x",
  ]),
  ...each("outer strings, the little finger on the thick side", ["6 x x x x 3", "8 x x x x 5"]),
  ...each("outer strings, far apart along and across", ["5 x x x x 8", "3 x x x x 6"]),
  ...each("the wide frets of a bass", ["3 6 x x", "5 8 x x", "1 3 3 x"], BASS),
  ...each("a baritone's first frets", ["1 3 3 x x x", "1 3 3 2 1 1"], BARITONE),
  ...each(
    "a bar across seven strings at the first fret",
    ["1 1 1 1 1 1 1", "1 3 3 x x x x"],
    SEVEN,
  ),
];
