/**
 * Sixty progressions in keys and tunings that PROGRESSIONS leaves out: whole chords, riffs of power chords, and power chords. From
 * common practice, written before any weight moved. Columns: tuning; chords; routes, separated by bars. A route gives
 * the string (counted from the thinnest) and fret of each chord's thickest note; commas separate equally good places.
 */
export const FURTHER_PROGRESSIONS = `
standard; G D Em C; 6/3 4/0 6/0 5/3
standard; C G Am F; 5/3 6/3 5/0 6/1,4/3
standard; Am F C G; 5/0 6/1,4/3 5/3 6/3
standard; D A Bm G; 4/0 5/0 5/2 6/3
standard; E A B A; 6/0 5/0 5/2 5/0
standard; A D E D; 5/0 4/0 6/0 4/0
standard; Em C G D; 6/0 5/3 6/3 4/0
standard; F#m D A E; 6/2 4/0 5/0 6/0
standard; C#m A E B; 5/4 5/0 6/0 5/2
standard; Am G F E; 5/0 6/3 6/1,4/3 6/0
standard; Dm Bb C Am; 4/0 5/1 5/3 5/0
standard; G C D G; 6/3 5/3 4/0 6/3
standard; F Bb C F; 6/1 5/1 5/3 6/1 | 4/3 5/1 5/3 4/3
standard; Bm G D A; 5/2 6/3 4/0 5/0
standard; Gm Eb Bb F; 6/3 5/6 5/1,6/6 6/1
standard; Fm Db Ab Eb; 6/1 5/4 6/4 5/6
standard; Cm Ab Bb Gm; 5/3 6/4 6/6,5/1 6/3
standard; A7 D7 E7; 5/0 4/0 6/0
standard; E7 A7 B7; 6/0 5/0 5/2
standard; G7 C7 D7; 6/3 5/3 4/0,5/5
standard; Am7 D7 Gmaj7 Cmaj7; 5/0 4/0 6/3 5/3 | 5/0 5/5 6/3 5/3
standard; Em7 A7 Dmaj7 Dmaj7; 6/0 5/0 4/0 4/0
drop D; D A Bm G; 6/0 5/0 5/2 6/5
drop D; Dm C Bb C; 6/0 5/3 5/1 5/3
standard; E5 F5 E5 F#5; 6/0 6/1 6/0 6/2
standard; E5 G5 F#5 G5; 6/0 6/3 6/2 6/3
standard; E5 G5 A5 G5; 6/0 6/3 6/5,5/0 6/3
standard; A5 Bb5 A5 C5; 5/0 5/1 5/0 5/3 | 6/5 6/6 6/5 6/8
standard; A5 G5 F5 E5; 6/5 6/3 6/1 6/0 | 5/0 6/3 6/1 6/0
standard; A5 C5 D5 C5; 5/0 5/3 5/5 5/3 | 6/5 6/8 6/10 6/8 | 6/5 5/3 5/5 5/3
standard; C5 D5 Eb5 F5; 5/3 5/5 5/6 5/8 | 6/8 6/10 6/11 6/13
standard; G5 A5 Bb5 C5; 6/3 6/5 6/6 6/8,5/3 | 6/3 5/0 5/1 5/3
standard; B5 C5 D5 C5; 5/2 5/3 5/5 5/3 | 6/7 6/8 6/10 6/8
standard; F#5 G5 A5 G5; 6/2 6/3 6/5,5/0 6/3
standard; F5 Eb5 C5 Eb5; 5/8 5/6 5/3 5/6 | 6/13 6/11 6/8 6/11
standard; D5 E5 F5 E5; 5/5 5/7 5/8 5/7 | 6/10 6/12 6/13 6/12 | 4/0 4/2 4/3 4/2
standard; E5 F5 G5 F5; 6/0 6/1 6/3 6/1
standard; G5 F5 E5 F5; 6/3 6/1 6/0 6/1
standard; Bb5 Ab5 F5 Ab5; 6/6 6/4 6/1 6/4
standard; C#5 B5 A5 B5; 5/4 5/2 5/0 5/2 | 6/9 6/7 6/5 6/7
standard; E5 Bb5 A5 G5; 6/0 6/6,5/1 6/5,5/0 6/3
standard; G#5 F#5 E5 F#5; 6/4 6/2 6/0 6/2
drop D; D5 E5 F5 G5; 6/0 6/2 6/3 6/5
drop D; D5 Eb5 D5 F5; 6/0 6/1 6/0 6/3
drop D; G5 F5 D5 F5; 6/5 6/3 6/0 6/3
drop D; D5 C5 D5 F5; 6/0 5/3,6/10 6/0 6/3
drop D; A5 G5 F5 D5; 6/7,5/0 6/5 6/3 6/0
drop D; E5 G5 A5 Bb5; 6/2 6/5 6/7 6/8 | 6/2 6/5 5/0 5/1
drop C; C5 Db5 C5 Eb5; 6/0 6/1 6/0 6/3
drop C; C5 D5 Eb5 F5; 6/0 6/2 6/3 6/5
drop C; F5 Eb5 C5 Bb5; 6/5 6/3 6/0 6/10,5/3
drop B; B5 C5 D5 B5; 6/0 6/1 6/3 6/0
drop B; E5 F#5 G5 E5; 6/5 6/7 6/8 6/5
drop A; A5 C5 D5 C5; 6/0 6/3 6/5 6/3
D standard; D5 F5 G5 F5; 6/0 6/3 6/5,5/0 6/3
C standard; C5 Db5 Eb5 C5; 6/0 6/1 6/3 6/0
Eb standard; Eb5 Gb5 Ab5 Gb5; 6/0 6/3 6/5,5/0 6/3
B E A D G B E; B5 C5 D5 C5; 7/0 7/1 7/3 7/1 | 6/7 6/8 6/10 6/8
B E A D G B E; E5 G5 A5 G5; 6/0 6/3 6/5 6/3 | 6/0 6/3 5/0 6/3 | 7/5 7/8 7/10 7/8
A E A D G B E; A5 C5 D5 C5; 7/0 7/3 7/5 7/3
`;
