/**
 * Every weight of the preference, in effort points per unit of the trait named. Written by
 * `npm run bench -- place --write`, which says what they are fitted on.
 */
export const FREE_WEIGHTS = {
  "lowest fret": 1.85,
  "highest fret": 1.13,
  "fret beyond the body": 1.55,
  "bass is another tone": 16.55,
  "fifth in the bass over a silent string": 11.81,
  "no root on a bass string": 8.37,
  "no open root in the bass": 14.48,
  "bass on the thickest string": 4.11,
  "silent string between": 11.85,
  "silent string between, beside open ones": 3.61,
  "thinnest string silent": 9.57,
  "further thin string silent": 12.14,
  "not all strings sound": 3.15,
  "two strings or more silent": 0.61,
  "open strings at all": 9.75,
  "open string past low frets": 1.93,
  "open string past the first frets": 1.59,
  "open bass past low frets": 2.02,
  "open string between pressed ones": 1.6,
  "pitch sounds twice": 9.18,
  "tone on a thicker string": 1.6,
  "degree left out": 5.77,
  "root or fifth not doubled": 4.31,
  "fifth not doubled": 2.64,
  "root or fifth on top": 3.03,
  "lowest notes within a fifth": 2.22,
  "notes a whole step apart or less": 1.97,
  "gap wider than a sixth": 1.13,
  "three frets or more apart": 2.35,
  "four frets or more apart": 3.11,
  "fret of span past three": 3.07,
  "different fret past two": 1.15,
  "finger left over": 4.98,
} as const;

export const STACK_WEIGHTS = {
  "lowest fret": 1.35,
  "fret beyond the body": 4.84,
  "string thinner than the thickest": 4.08,
  "string from the bass strings": 9.54,
  "silent string between": 15.04,
  "tone on a thicker string": 0,
  "open string past low frets": 5.93,
  "open string past the first frets": 2.64,
  "fret of span past three": 0,
} as const;

export type FreeTrait = keyof typeof FREE_WEIGHTS;
export type StackTrait = keyof typeof STACK_WEIGHTS;
