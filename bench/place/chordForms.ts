/**
 * Where rock and pop players play whole chords, labelled from common practice before the second fit of the preference:
 * movable forms with their usual range of frets, open chords by root, and chords in altered tunings. A label accepts every
 * place that an experienced player would choose without thinking. Every second root is held out of the fit; which half
 * depends on the kind of chord.
 */

/**
 * Movable forms in standard tuning and in every tuning with the same gaps. Columns: kind; string of the root, thickest 0;
 * frets relative to the root's fret; lowest and highest fret of the root | reason.
 */
export const MOVABLE_FORMS = `
; 0; 0 2 2 1 0 0; 1; 10 | E form barre: the first movable major that is learnt
; 1; x 0 2 2 2 0; 1; 10 | A form barre
; 1; x 0 2 2 2 x; 1; 10 | A form without the thinnest string: one ring-finger bar
m; 0; 0 2 2 0 0 0; 1; 10 | Em form barre
m; 1; x 0 2 2 1 0; 1; 10 | Am form barre
m; 1; x 0 2 2 1 x; 1; 10 | Am form without the thinnest string: no bar
7; 0; 0 2 0 1 0 0; 1; 10 | E7 form barre
7; 0; 0 x 0 1 0 x; 1; 10 | the same with its seventh on string 4 and nothing doubled
7; 1; x 0 2 0 2 0; 1; 10 | A7 form barre
7; 1; x 0 -1 0 -2 x; 3; 10 | C7 form: four strings, no bar
m7; 0; 0 2 0 0 0 0; 1; 10 | Em7 form barre
m7; 0; 0 x 0 0 0 x; 1; 10 | root, seventh, third, fifth, string 5 muted
m7; 1; x 0 2 0 1 0; 1; 10 | Am7 form barre
m7; 1; x 0 -2 0 1 x; 3; 10 | muted on both sides: seventh and third inside
maj7; 0; 0 x 1 1 0 x; 1; 10 | string 5 muted, four fingers or three
maj7; 1; x 0 2 1 2 0; 1; 10 | A form of the major seventh
maj7; 1; x 0 2 1 2 x; 1; 10 | the same without the thinnest string
m7b5; 1; x 0 1 0 1 x; 1; 10 | root on string 5, no bar
m7b5; 0; 0 x 0 0 -1 x; 2; 10 | root on string 6, string 5 muted
dim7; 1; x 0 1 -1 1 x; 2; 10 | four strings, the same every three frets
dim7; 0; 0 x -1 0 -1 x; 2; 10 | root on string 6, string 5 muted
9; 1; x 0 -1 0 0 0; 2; 10 | the funk ninth: one ring-finger bar
9; 1; x 0 -1 0 0 x; 2; 10 | the same on four strings
7#9; 1; x 0 -1 0 1 x; 2; 10 | root, third, seventh, sharp ninth on four strings
13; 0; 0 x 0 1 2 x; 1; 10 | root, seventh, third, thirteenth
13; 0; 0 x 0 1 2 2; 1; 10 | the same with its ninth on top
13; 1; x 0 -1 0 0 2; 2; 10 | the ninth with its thirteenth on top
6; 0; 0 x -1 1 0 x; 2; 10 | root, sixth, third, fifth, string 5 muted
6; 1; x 0 2 2 2 2; 1; 10 | A form with the sixth under the same bar
6/9; 1; x 0 -1 -1 0 0; 2; 10 | root, third, sixth, ninth, fifth
6/9; 1; x 0 -1 -1 0 x; 2; 10 | the same on four strings
sus4; 0; 0 2 2 2 0 0; 1; 10 | E form with the fourth
sus4; 1; x 0 2 2 3 0; 1; 10 | A form with the fourth
sus4; 1; x 0 2 2 3 x; 1; 10 | the same without the thinnest string
sus4; 1; x 0 0 2 3 0; 1; 10 | A form with the fourth, the fifth left under the bar
sus2; 1; x 0 2 2 0 0; 1; 10 | A form with the second under the bar
sus2; 1; x 0 2 2 0 x; 1; 10 | the same without the thinnest string
7sus4; 0; 0 2 0 2 0 0; 1; 10 | E7 form with the fourth
7sus4; 1; x 0 2 0 3 0; 1; 10 | A7 form with the fourth
maj9; 1; x 0 -1 1 0 x; 2; 10 | root, third, seventh, ninth on four strings
m9; 1; x 0 -2 0 0 x; 3; 10 | root, third, seventh, ninth on four strings
m9; 1; x 0 -2 0 0 0; 3; 10 | the same with the fifth
m6; 0; 0 x -1 0 0 x; 2; 10 | root, sixth, third, fifth, string 5 muted
aug; 1; x 0 -1 -2 -2 x; 3; 10 | C form with the raised fifth
`;

/** Open chords in standard tuning. Columns: kind; root: frets, frets / root: ... | reason. */
export const OPEN_CHORDS = `
; E: 0 2 2 1 0 0 / A: x 0 2 2 2 0 / D: x x 0 2 3 2 / G: 3 2 0 0 0 3, 3 2 0 0 3 3, 3 x 0 0 0 3 / C: x 3 2 0 1 0 / F: x x 3 2 1 1 | the open chords of every first book
m; E: 0 2 2 0 0 0 / A: x 0 2 2 1 0 / D: x x 0 2 3 1 | the open minors of every first book
7; E: 0 2 0 1 0 0, 0 2 2 1 3 0 / A: x 0 2 0 2 0, x 0 2 2 2 3 / D: x x 0 2 1 2 / G: 3 2 0 0 0 1 / C: x 3 2 3 1 0 / B: x 2 1 2 0 2 | the open sevenths of every first book
m7; E: 0 2 0 0 0 0, 0 2 2 0 3 0, 0 2 2 0 3 3 / A: x 0 2 0 1 0 / D: x x 0 2 1 1 / B: x 2 0 2 0 2 | open, one finger less than the minor
maj7; C: x 3 2 0 0 0 / F: x x 3 2 1 0, 1 x 2 2 1 0 / A: x 0 2 1 2 0 / D: x x 0 2 2 2 / E: 0 2 1 1 0 0 / G: 3 2 0 0 0 2, 3 x 0 0 0 2 | open major sevenths
dim7; D: x x 0 1 0 1 / Eb: x x 1 2 1 2 / E: x x 2 3 2 3 / F: x x 3 4 3 4 | root on string 4, the usual form of the diminished
9; E: 0 2 0 1 0 2 / A: x 0 2 4 2 3 | open ninths
maj9; C: x 3 0 0 0 0, x 3 2 0 3 0 / E: 0 2 1 1 0 2 | open, the ninth on a string that rings
m9; E: 0 2 0 0 0 2 | open, the ninth on the thinnest string
13; E: 0 2 0 1 2 0, 0 2 0 1 2 2 | the open seventh with a finger added
6/9; E: 0 2 2 1 2 2 | the open sixth with its ninth
6; E: 0 2 2 1 2 0 / A: x 0 2 2 2 2 / D: x x 0 2 0 2 / G: 3 2 0 0 0 0 / C: x 3 2 2 1 0 | open sixths
sus4; A: x 0 2 2 3 0 / D: x x 0 2 3 3 / E: 0 2 2 2 0 0 / G: 3 x 0 0 1 3, 3 3 0 0 1 3 / C: x 3 3 0 1 1, x 3 3 0 1 x | one finger added to the open major
sus2; A: x 0 2 2 0 0 / D: x x 0 2 3 0 / C: x 3 0 0 1 x, x 3 0 0 3 3 / E: 0 2 4 4 0 0 / G: 3 0 0 0 3 3, 3 x 0 2 3 3 | one finger lifted from the open major
7sus4; A: x 0 2 0 3 0 / D: x x 0 2 1 3 / E: 0 2 0 2 0 0 / B: x 2 2 2 0 2, x 2 4 2 5 2 | the open seventh with its fourth
m6; A: x 0 2 2 1 2 / D: x x 0 2 0 1 / E: 0 2 2 0 2 0 | open, the sixth added
aug; E: 0 3 2 1 1 0, x x 2 1 1 0 / A: x 0 3 2 2 1, x 0 3 2 2 x / D: x x 0 3 3 2 / G: 3 2 1 0 0 x, x x 5 4 4 3, 3 x 1 0 0 3 / C: x 3 2 1 1 0 / F: x x 3 2 2 1 | the open major with its fifth raised
`;

/** Whole chords in altered tunings. Columns: tuning; chord: frets, frets / chord: ... | reason. */
export const ALTERED_CHORDS = `
drop D; D: 0 0 0 2 3 2 / E: 2 2 2 1 0 0, x x 2 1 0 0 / F: 3 3 3 2 1 1, x x 3 2 1 1 / F#: 4 4 4 3 2 2 / G: 5 x 0 0 0 3, 5 2 0 0 0 3, 5 5 5 4 3 3 / Ab: 6 6 6 5 4 4 / A: x 0 2 2 2 0 / Bb: x 1 3 3 3 1, x 1 3 3 3 x / B: x 2 4 4 4 2, x 2 4 4 4 x / C: x 3 2 0 1 0, x 3 5 5 5 3 / C#: x 4 6 6 6 4, x 4 6 6 6 x / Eb: x 6 8 8 8 6, x 6 8 8 8 x | the lowest string two frets up, everything else as it was
drop D; Dm: 0 0 0 2 3 1 / Em: 2 2 2 0 0 0 / F#m: 4 4 4 2 2 2 / Gm: 5 5 5 3 3 3 / Am: x 0 2 2 1 0 / Bm: x 2 4 4 3 2 / Cm: x 3 5 5 4 3 / C#m: x 4 6 6 5 4 | the same for minors
open D; D: 0 0 0 0 0 0 / Eb: 1 1 1 1 1 1 / E: 2 2 2 2 2 2 / F: 3 3 3 3 3 3 / F#: 4 4 4 4 4 4 / G: 5 5 5 5 5 5 / Ab: 6 6 6 6 6 6 / A: 7 7 7 7 7 7 / Bb: 8 8 8 8 8 8 / B: 9 9 9 9 9 9 / C: 10 10 10 10 10 10 / C#: 11 11 11 11 11 11 | one finger over all strings
open E; E: 0 0 0 0 0 0 / F: 1 1 1 1 1 1 / F#: 2 2 2 2 2 2 / G: 3 3 3 3 3 3 / A: 5 5 5 5 5 5 / B: 7 7 7 7 7 7 / C: 8 8 8 8 8 8 / D: 10 10 10 10 10 10 | one finger over all strings
open G; G: x 0 0 0 0 0 / Ab: x 1 1 1 1 1 / A: x 2 2 2 2 2 / Bb: x 3 3 3 3 3 / B: x 4 4 4 4 4 / C: x 5 5 5 5 5 / C#: x 6 6 6 6 6 / D: x 7 7 7 7 7 / Eb: x 8 8 8 8 8 / E: x 9 9 9 9 9 / F: x 10 10 10 10 10 / F#: x 11 11 11 11 11 | one finger over the five strings whose lowest is the root
open A; A: x 0 0 0 0 0 / B: x 2 2 2 2 2 / C: x 3 3 3 3 3 / D: x 5 5 5 5 5 / E: x 7 7 7 7 7 / F#: x 9 9 9 9 9 / G: x 10 10 10 10 10 | one finger over the five strings whose lowest is the root
drop D; D7: 0 0 0 2 1 2, x x 0 2 1 2 / F7: 3 3 1 2 1 1 / A7: x 0 2 0 2 0 / G7: 5 5 3 4 3 3, 5 x 3 4 3 x / C7: x 3 2 3 1 0 / B7: x 2 1 2 0 2 / Dmaj7: 0 0 0 2 2 2, x x 0 2 2 2 / Cmaj7: x 3 2 0 0 0 / Am7: x 0 2 0 1 0 / Bm7: x 2 0 2 0 2, x 2 4 2 3 2, x 2 0 2 3 x / Dm7: 0 0 0 2 1 1, x x 0 2 1 1 / C#m7: x 4 6 4 5 4, x 4 2 4 5 x / Dsus4: 0 0 0 2 3 3, x x 0 2 3 3 / Dsus2: 0 0 0 2 3 0, x x 0 2 3 0 / C9: x 3 2 3 3 3, x 3 2 3 3 x / D9: x 5 4 5 5 5, x 5 4 5 5 x / E7#9: x 7 6 7 8 x / B6/9: x 2 1 1 2 2, x 2 1 1 2 x | five strings are as they were; only a root on the lowest string changes
drop C; C: 0 0 0 2 3 2 / Cm: 0 0 0 2 3 1 / D: 2 2 2 1 0 0, x x 2 1 0 0 / Eb: 3 3 3 2 1 1, x x 3 2 1 1 / F: 5 x 0 0 0 3, 5 2 0 0 0 3, 5 5 5 4 3 3 / G: x 0 2 2 2 0 / Gm: x 0 2 2 1 0 / A: x 2 4 4 4 2, x 2 4 4 4 x / Am: x 2 4 4 3 2, x 2 4 4 3 x / Bb: x 3 2 0 1 0, x 3 5 5 5 3 / Bbm: x 3 5 5 4 3, x 3 5 5 4 x / G7: x 0 2 0 2 0 / Gm7: x 0 2 0 1 0 / Bb9: x 3 2 3 3 3, x 3 2 3 3 x | the shapes of drop D sound a whole step lower
double drop D; A: x 0 2 2 2 2 / Am: x 0 2 2 1 2 / B: x 2 4 4 4 4 / Bm: x 2 4 4 3 4 / Em: 2 2 2 0 0 2, x x 2 0 0 2 / E: 2 2 2 1 0 2, x x 2 1 0 2 / G: 5 x 0 0 0 0, 5 2 0 0 0 0 | the shapes of drop D with the thinnest string two frets up
open D; Em: 2 2 2 1 2 2 / Gm: 5 5 5 4 5 5 / Am: 7 7 7 6 7 7 / Bm: 9 9 9 8 9 9 / F#m: 4 4 4 3 4 4 / D7: 0 0 0 0 3 0, 0 3 0 0 0 0, 0 3 0 0 3 0 | the bar with its third let down, or one finger added to the open strings
open G; Am: x 2 2 2 1 2 / Bm: x 4 4 4 3 4 / Dm: x 7 7 7 6 7 / Cm: x 5 5 5 4 5 / Em: 2 x 2 0 0 2, 2 0 2 0 0 2, x x 2 0 0 2 / G7: x 0 0 0 0 3, x 0 3 0 0 0, x 0 3 0 0 3 | the bar with its third let down, or one finger added to the open strings
open C; C: 0 0 0 0 0 0 / D: 2 2 2 2 2 2 / E: 4 4 4 4 4 4 / F: 5 5 5 5 5 5 / G: 7 7 7 7 7 7 / A: 9 9 9 9 9 9 / Bb: 10 10 10 10 10 10 | one finger over all strings
D A D F A D; Dm: 0 0 0 0 0 0 / Em: 2 2 2 2 2 2 / Fm: 3 3 3 3 3 3 / Gm: 5 5 5 5 5 5 / Am: 7 7 7 7 7 7 / Bm: 9 9 9 9 9 9 | one finger over all strings of an open minor
DADGAD; D: 0 0 4 2 0 0, x x 0 2 0 4, 0 0 0 2 0 4 / Dm: 0 0 3 2 0 0, 0 0 0 2 0 3 / Em: 2 2 2 0 2 2 / A: x 0 2 2 4 2, 7 7 7 6 7 7 / G: 5 x 0 0 2 0, 5 5 5 4 5 5, 5 x 0 0 2 5 | common shapes of the tuning
B E A D G B E; E: x 0 2 2 1 0 0 / A: x x 0 2 2 2 0 / C: x x 3 2 0 1 0 / D: x x x 0 2 3 2 / G: x 3 2 0 0 0 3, x 3 2 0 0 3 3, x 3 x 0 0 0 3 / Em: x 0 2 2 0 0 0 / Am: x x 0 2 2 1 0 / F: x 1 3 3 2 1 1, x x x 3 2 1 1 / F#m: x 2 4 4 2 2 2 / B: x x 2 4 4 4 2, x x 2 4 4 4 x / Bm: x x 2 4 4 3 2, x x 2 4 4 3 x / Cm: x x 3 5 5 4 3, x x 3 5 5 4 x / G7: x 3 2 0 0 0 1 / A7: x x 0 2 0 2 0 / Bm7: x x 2 0 2 0 2, x x 2 4 2 3 2, x x 2 0 2 3 x / C9: x x 3 2 3 3 3, x x 3 2 3 3 x | six strings as they were; the seventh is for roots of power chords
A E A D G B E; E: x 0 2 2 1 0 0 / C: x x 3 2 0 1 0 / Am: x x 0 2 2 1 0 / G: x 3 2 0 0 0 3, x 3 2 0 0 3 3, x 3 x 0 0 0 3 / F#m: x 2 4 4 2 2 2 / Bb: x x 1 3 3 3 1, x x 1 3 3 3 x | the same with the seventh string let down
F# B E A D G B E; E: x x 0 2 2 1 0 0 / Am: x x x 0 2 2 1 0 / C: x x x 3 2 0 1 0 / F: x x 1 3 3 2 1 1, x x x x 3 2 1 1 / Bm: x x x 2 4 4 3 2, x x x 2 4 4 3 x | the upper six of eight strings as they were
`;

/** Chords over another bass in standard tuning. Columns: tuning; chord: frets, frets / chord: ... | reason. */
export const SLASH_CHORDS = `
standard; D/F#: 2 0 0 2 3 2, 2 x 0 2 3 2, 2 x 0 2 3 x / G/B: x 2 0 0 0 3, x 2 0 0 3 3, x 2 0 0 3 x / C/G: 3 3 2 0 1 0, 3 x 2 0 1 0 / C/E: 0 3 2 0 1 0 / A/C#: x 4 2 2 2 0, x 4 2 2 2 x / A/E: 0 0 2 2 2 0 / E/G#: 4 2 2 1 0 0, 4 x 2 1 0 0 / E/B: x 2 2 1 0 0 / F/C: x 3 3 2 1 1 / F/A: x 0 3 2 1 1 / G/D: x x 0 0 0 3, x x 0 4 3 3 / D/A: x 0 0 2 3 2 / Am/G: 3 0 2 2 1 0, 3 x 2 2 1 0 / Am/E: 0 0 2 2 1 0 / Em/B: x 2 2 0 0 0 / Em/D: x x 0 0 0 0 / Dm/C: x 3 0 2 3 1 / Dm/A: x 0 0 2 3 1 / Dm/F: 1 x 0 2 3 1, 1 0 0 2 3 1, x x 3 2 3 1 / C/B: x 2 2 0 1 0, x 2 x 0 1 0 / Bm/A: x 0 4 4 3 2 / Bb/D: x 5 3 3 3 x, x x 0 3 3 1 / G/F#: 2 2 0 0 0 3, 2 x 0 0 0 3, 2 x 0 0 3 3 / Am/F#: 2 0 2 2 1 0, 2 x 2 2 1 0 | the open chord with the bass a finger or an open string away
`;

/**
 * A second look at the labels, made after the first fit: places that the tables above leave out and that are as good.
 * Columns as in MOVABLE_FORMS. The benchmark reports the agreement with and without them.
 */
export const ALSO_RIGHT = `
m7b5; 1; x 0 1 0 1 x; 0; 0 | the same form with its root on the open string
m7b5; 2; x x 0 1 1 1; 0; 8 | root on string 4: one finger bars three strings
dim7; 2; x x 0 1 0 1; 0; 8 | root on string 4, at every fret
dim7; 1; x 0 1 2 1 2; 0; 0 | open, over its root
13; 1; x 0 2 0 2 2; 0; 0 | the open seventh with a finger added
13; 1; x 0 x 0 2 2; 1; 10 | root, seventh, third, thirteenth with string 4 muted
m6; 1; x 0 x -1 1 0; 2; 10 | root, sixth, third, fifth with string 4 muted
6/9; 0; 0 x -1 -1 0 0; 2; 10 | root on string 6, string 5 muted
6/9; 0; 0 -1 -1 -1 0 0; 2; 10 | the same with its third on string 5
7#9; 0; 0 2 0 1 0 3; 0; 0 | the open seventh with a finger added
`;

/** Places added in the second look, for altered tunings. Columns as in ALTERED_CHORDS. */
export const ALTERED_ALSO_RIGHT = `
open G; Am: x 2 2 2 1 x / Bm: x 4 4 4 3 x / Cm: x 5 5 5 4 x / Dm: x 7 7 7 6 x | the minor bar without the thinnest string
open D; Am: x 0 2 3 3 2 / Bm: x 2 0 0 2 0 | over an open string, or beside open strings
double drop D; Bm: x 2 4 4 3 x / B: x 2 4 4 4 x / E: 2 2 2 1 0 x / Em: 2 2 2 0 0 x | the shapes of drop D without the thinnest string
B E A D G B E; B: x 7 9 9 8 7 7 / Bm: x 7 9 9 7 7 7 / Cm: x 8 10 10 8 8 8 / G7: x 3 5 3 4 3 3 | the E form on the upper six strings, as in standard tuning
A E A D G B E; Bb: x 6 8 8 7 6 6 | the same
F# B E A D G B E; Bm: x x 7 9 9 7 7 7 | the same
drop D; C7: x 3 5 3 5 3 / B7: x 2 4 2 4 2 | the A form of the seventh, as in standard tuning
`;
