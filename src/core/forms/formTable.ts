/** The open chord of standard tuning that a form is moved from. */
export type FormLetter = "E" | "A" | "D" | "C" | "G";

/**
 * The shapes that players know by heart (common practice): a form's letter, its kind of chord, and frets on the strings
 * of standard tuning, thickest first, counted from the fret of the root, which lies on the thickest string played.
 */
export const MOVABLE_FORMS = `
E major: 0 2 2 1 0 0
E minor: 0 2 2 0 0 0
E 7: 0 2 0 1 0 0, 0 2 2 1 3 0, 0 x 0 1 0 x
E m7: 0 2 0 0 0 0, 0 2 2 0 3 0, 0 x 0 0 0 x
E maj7: 0 x 1 1 0 x
E m7b5: 0 x 0 0 -1 x
E 13: 0 x 0 1 2 x, 0 x 0 1 2 2
E 6: 0 x -1 1 0 x
E m6: 0 x -1 0 0 x
E 6/9: 0 x -1 -1 0 0, 0 -1 -1 -1 0 0
E m11: 0 x 0 0 -2 x
E 7#5: 0 x 0 1 1 x
E 7b5: 0 x 0 1 -1 x
E m(maj7): 0 2 1 0 0 0, 0 x 1 0 0 x
E sus4: 0 2 2 2 0 0
E 7sus4: 0 2 0 2 0 0, 0 x 0 2 0 x
A major: x 0 2 2 2 0, x 0 2 2 2 x
A minor: x 0 2 2 1 0, x 0 2 2 1 x
A 7: x 0 2 0 2 0, x 0 x 0 2 0
A m7: x 0 2 0 1 0, x 0 x 0 1 0
A maj7: x 0 2 1 2 0, x 0 2 1 2 x
A m7b5: x 0 1 0 1 x
A 13: x 0 x 0 2 2
A 6: x 0 2 2 2 2
A m6: x 0 x -1 1 0
A sus4: x 0 2 2 3 0, x 0 2 2 3 x, x 0 0 2 3 0
A sus2: x 0 2 2 0 0, x 0 2 2 0 x
A 7sus4: x 0 2 0 3 0
A dim: x 0 1 2 1 x
A m(maj7): x 0 2 1 1 0, x 0 2 1 1 x
A 7b5: x 0 1 0 2 x
A 9sus4: x 0 0 0 0 0, x 0 0 0 0 x
C 7: x 0 -1 0 -2 x
C m7: x 0 -2 0 1 x
C 9: x 0 -1 0 0 0, x 0 -1 0 0 x
C 7#9: x 0 -1 0 1 x
C 7b9: x 0 -1 0 -1 x
C 13: x 0 -1 0 0 2
C 6/9: x 0 -1 -1 0 0, x 0 -1 -1 0 x
C maj9: x 0 -1 1 0 x
C m9: x 0 -2 0 0 x, x 0 -2 0 0 0
C aug: x 0 -1 -2 -2 x
C (add9): x 0 -1 -3 0 x
C 9#5: x 0 -1 0 0 1
D m7b5: x x 0 1 1 1
A dim7: x 0 1 -1 1 x
E dim7: 0 x -1 0 -1 x
D dim7: x x 0 1 0 1
`;

/**
 * Shapes that are usual with open strings in them; moved up the neck they come after the movable ones. The D forms over
 * six strings are those of drop D, whose two thickest strings add root and fifth.
 */
export const OPEN_FORMS = `
C major: x 0 -1 -3 -2 -3
C minor: x 0 -2 -3 -2 x
C 7: x 0 -1 0 -2 0, x 0 -1 0 -2 -3
C maj7: x 0 -1 -3 -3 -3
C 6: x 0 -1 -1 -2 -3
C maj9: x 0 -3 -3 -3 -3
C (add9): x 0 -1 -3 0 -3
C sus2: x 0 -3 -3 -2 0, x 0 -3 -3 0 0
C sus4: x 0 0 -3 -2 -2, x 0 0 -3 -2 x
C aug: x 0 -1 -2 -2 -3
D major: x x 0 2 3 2, 0 2 2 4 5 4
D minor: x x 0 2 3 1, 0 2 2 4 5 3
D 7: x x 0 2 1 2, 0 2 2 4 3 4
D m7: x x 0 2 1 1, 0 2 2 4 3 3
D maj7: x x 0 2 2 2, 0 2 2 4 4 4
D 6: x x 0 2 0 2
D m6: x x 0 2 0 1
D sus4: x x 0 2 3 3, 0 2 2 4 5 5
D sus2: x x 0 2 3 0, 0 2 2 4 5 2
D 7sus4: x x 0 2 1 3
D aug: x x 0 3 3 2
D dim: x x 0 1 3 1
D m(maj7): x x 0 2 2 1
E major: x x 0 -1 -2 -2
E minor: x x 0 -2 -2 -2
E maj7: 0 2 1 1 0 0
E m7: 0 2 2 0 3 3
E 9: 0 2 0 1 0 2
E 13: 0 2 0 1 2 0, 0 2 0 1 2 2
E 7#9: 0 2 0 1 0 3
E 6: 0 2 2 1 2 0
E m6: 0 2 2 0 2 0
E aug: 0 3 2 1 1 0
E sus2: 0 2 4 4 0 0
E m9: 0 2 0 0 0 2
E maj9: 0 2 1 1 0 2
E (add9): 0 2 2 1 0 2
E m(add9): 0 2 2 0 0 2, 0 2 4 0 0 0
E 7b9: 0 2 0 1 0 1
E 6/9: 0 2 2 1 2 2
A 13: x 0 2 0 2 2
A 9: x 0 2 4 2 3
A m6: x 0 2 2 1 2
A dim7: x 0 1 2 1 2
A (add9): x 0 2 4 2 0
A m(add9): x 0 2 4 1 0
A 7b9: x 0 2 3 2 3
A aug: x 0 3 2 2 1, x 0 3 2 2 x
G major: 0 -1 -3 -3 -3 0, 0 -1 -3 -3 0 0, 0 x -3 -3 -3 0, 0 x -3 -3 0 0, 0 x -3 -3 -3 -2
G 7: 0 -1 -3 -3 -3 -2
G maj7: 0 -1 -3 -3 -3 -1, 0 x -3 -3 -3 -1
G 6: 0 -1 -3 -3 -3 -3
G sus4: 0 x -3 -3 -2 0, 0 0 -3 -3 -2 0
`;
