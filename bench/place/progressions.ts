/**
 * Progressions with the routes that players take through them, from common practice, written down before
 * the cost of a change was looked at: power chords with octave, each chord by the string (counted from the thinnest)
 * and fret of its root. Root on 6: IV on the same fret of 5, V two up on 5; root on 5: V on the same fret of 6,
 * IV two down on 6; open strings where they serve; in drop tunings along the lowest strings or down to 5. Every
 * route after a bar line is accepted. Tuning; chords; routes.
 */
export const PROGRESSIONS = `
standard; C5 F5 G5; 5/3 6/1 6/3 | 6/8 5/8 5/10 | 5/3 5/8 5/10
standard; C#5 F#5 G#5; 5/4 6/2 6/4 | 6/9 5/9 5/11
standard; D5 G5 A5; 5/5 6/3 6/5 | 5/5 6/3 5/0 | 4/0 6/3 5/0 | 5/5 5/10 6/5
standard; Eb5 Ab5 Bb5; 5/6 6/4 6/6 | 5/6 6/4 5/1
standard; E5 A5 B5; 6/0 5/0 5/2 | 5/7 6/5 6/7
standard; F5 Bb5 C5; 6/1 5/1 5/3 | 5/8 6/6 6/8
standard; F#5 B5 C#5; 6/2 5/2 5/4
standard; G5 C5 D5; 6/3 5/3 5/5 | 6/3 5/3 4/0
standard; Ab5 Db5 Eb5; 6/4 5/4 5/6
standard; A5 D5 E5; 6/5 5/5 5/7 | 5/0 4/0 6/0 | 5/0 5/5 6/0 | 5/0 5/5 5/7 | 6/5 5/5 6/0
standard; Bb5 Eb5 F5; 6/6 5/6 5/8 | 5/1 5/6 6/1 | 6/6 5/6 6/1
standard; B5 E5 F#5; 6/7 5/7 5/9 | 5/2 6/0 6/2
Eb standard; Eb5 Ab5 Bb5; 6/0 5/0 5/2
Eb standard; Ab5 Db5 Eb5; 6/5 5/5 5/7 | 5/0 4/0 6/0 | 5/0 5/5 6/0 | 5/0 5/5 5/7
D standard; D5 G5 A5; 6/0 5/0 5/2 | 5/7 6/5 6/7
D standard; G5 C5 D5; 6/5 5/5 5/7 | 5/0 4/0 6/0 | 5/0 5/5 6/0 | 5/0 5/5 5/7
drop D; D5 G5 A5; 6/0 6/5 6/7 | 6/0 6/5 5/0
drop D; E5 A5 B5; 6/2 6/7 6/9 | 6/2 5/0 5/2
drop D; F5 Bb5 C5; 6/3 6/8 6/10 | 6/3 5/1 5/3
drop D; G5 C5 D5; 6/5 6/10 6/0 | 6/5 5/3 6/0 | 6/5 5/3 5/5
drop D; F#5 B5 C#5; 6/4 6/9 6/11 | 6/4 5/2 5/4
drop C; C5 F5 G5; 6/0 6/5 6/7 | 6/0 6/5 5/0
drop C; D5 G5 A5; 6/2 6/7 6/9 | 6/2 5/0 5/2
drop C; Eb5 Ab5 Bb5; 6/3 6/8 6/10 | 6/3 5/1 5/3
seven-string; E5 A5 B5; 6/0 6/5 6/7 | 6/0 5/0 5/2 | 6/0 6/5 7/0 | 6/0 5/0 7/0
seven-string; B5 E5 F#5; 7/0 7/5 7/7 | 7/0 6/0 6/2
seven-string drop A; A5 D5 E5; 7/0 7/5 7/7 | 7/0 7/5 6/0
standard; F5 Db5 Ab5 Eb5; 6/1 5/4 6/4 5/6 | 6/1 6/9 6/4 5/6
standard; G5 D5 E5 C5; 6/3 5/5 5/7 5/3 | 6/3 5/5 6/0 5/3 | 6/3 4/0 6/0 5/3
standard; E5 G5 D5 A5; 6/0 6/3 5/5 6/5 | 6/0 6/3 5/5 5/0 | 6/0 6/3 4/0 5/0
standard; C5 G5 A5 F5; 5/3 6/3 6/5 6/1 | 5/3 6/3 5/0 6/1
standard; B5 G5 D5 A5; 5/2 6/3 5/5 6/5 | 5/2 6/3 4/0 5/0 | 5/2 6/3 5/5 5/0 | 6/7 6/3 5/5 6/5
standard; D5 C5 Bb5 C5; 5/5 5/3 5/1 5/3
standard; A5 G5 F5 G5; 6/5 6/3 6/1 6/3 | 5/0 6/3 6/1 6/3
standard; F#5 D5 A5 E5; 6/2 5/5 6/5 5/7 | 6/2 5/5 5/0 6/0 | 6/2 4/0 5/0 6/0 | 6/2 5/5 6/5 6/0
standard; Bb5 F5 G5 Eb5; 5/1 6/1 6/3 5/6 | 6/6 5/8 6/3 5/6
drop D; D5 F5 G5 F5; 6/0 6/3 6/5 6/3
drop D; D5 Bb5 F5 C5; 6/0 6/8 6/3 6/10 | 6/0 5/1 6/3 5/3
drop D; F5 G5 Bb5 G5; 6/3 6/5 6/8 6/5 | 6/3 6/5 5/1 6/5
drop C; C5 Eb5 F5 Bb5; 6/0 6/3 6/5 6/10 | 6/0 6/3 6/5 5/3 | 6/0 6/3 6/5 5/1
standard; E5 E5 E5 E5 A5 A5 E5 E5 B5 A5 E5 B5; 6/0 6/0 6/0 6/0 5/0 5/0 6/0 6/0 5/2 5/0 6/0 5/2
standard; G5 G5 G5 G5 C5 C5 G5 G5 D5 C5 G5 D5; 6/3 6/3 6/3 6/3 5/3 5/3 6/3 6/3 5/5 5/3 6/3 5/5 | 6/3 6/3 6/3 6/3 5/3 5/3 6/3 6/3 4/0 5/3 6/3 4/0
standard; A5 A5 A5 A5 D5 D5 A5 A5 E5 D5 A5 E5; 6/5 6/5 6/5 6/5 5/5 5/5 6/5 6/5 5/7 5/5 6/5 5/7 | 5/0 5/0 5/0 5/0 4/0 4/0 5/0 5/0 6/0 4/0 5/0 6/0 | 5/0 5/0 5/0 5/0 5/5 5/5 5/0 5/0 6/0 5/5 5/0 6/0
standard; C5 C5 C5 C5 F5 F5 C5 C5 G5 F5 C5 G5; 5/3 5/3 5/3 5/3 6/1 6/1 5/3 5/3 6/3 6/1 5/3 6/3 | 6/8 6/8 6/8 6/8 5/8 5/8 6/8 6/8 5/10 5/8 6/8 5/10
standard; D5 D5 D5 D5 G5 G5 D5 D5 A5 G5 D5 A5; 5/5 5/5 5/5 5/5 6/3 6/3 5/5 5/5 6/5 6/3 5/5 6/5 | 5/5 5/5 5/5 5/5 6/3 6/3 5/5 5/5 5/0 6/3 5/5 5/0 | 4/0 4/0 4/0 4/0 6/3 6/3 4/0 4/0 5/0 6/3 4/0 5/0
standard; Bb5 Bb5 Bb5 Bb5 Eb5 Eb5 Bb5 Bb5 F5 Eb5 Bb5 F5; 6/6 6/6 6/6 6/6 5/6 5/6 6/6 6/6 5/8 5/6 6/6 5/8 | 5/1 5/1 5/1 5/1 5/6 5/6 5/1 5/1 6/1 5/6 5/1 6/1
drop D; D5 D5 D5 D5 G5 G5 D5 D5 A5 G5 D5 A5; 6/0 6/0 6/0 6/0 6/5 6/5 6/0 6/0 6/7 6/5 6/0 6/7 | 6/0 6/0 6/0 6/0 6/5 6/5 6/0 6/0 5/0 6/5 6/0 5/0
drop D; E5 E5 E5 E5 A5 A5 E5 E5 B5 A5 E5 B5; 6/2 6/2 6/2 6/2 6/7 6/7 6/2 6/2 6/9 6/7 6/2 6/9 | 6/2 6/2 6/2 6/2 5/0 5/0 6/2 6/2 5/2 5/0 6/2 5/2
`;
