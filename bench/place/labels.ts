/**
 * Places that rock players take for stacks, labelled by hand from common practice before the
 * preference was fitted: roots on the two thickest strings that carry the form, open strings where they
 * serve, frets 0 to about 10, one finger in drop tunings. Every usual answer is accepted, the lowest on the
 * neck first. After the last semicolon stands what came to mind first when all were labelled a second
 * time, root by root, without a look at the first list: it is among the accepted in 480 of 480 places,
 * and is the lowest of them in 359. Tuning; stack; root; accepted frettings, thick to thin; second time.
 */
export const PLACES = `
standard; 0 7 12; C; x 3 5 5 x x, 8 10 10 x x x; x 3 5 5 x x
standard; 0 7 12; C#; x 4 6 6 x x, 9 11 11 x x x; x 4 6 6 x x
standard; 0 7 12; D; x x 0 2 3 x, x 5 7 7 x x; x 5 7 7 x x
standard; 0 7 12; Eb; x 6 8 8 x x; x 6 8 8 x x
standard; 0 7 12; E; 0 2 2 x x x, x 7 9 9 x x; 0 2 2 x x x
standard; 0 7 12; F; 1 3 3 x x x, x 8 10 10 x x; 1 3 3 x x x
standard; 0 7 12; F#; 2 4 4 x x x, x 9 11 11 x x; 2 4 4 x x x
standard; 0 7 12; G; 3 5 5 x x x; 3 5 5 x x x
standard; 0 7 12; Ab; 4 6 6 x x x; 4 6 6 x x x
standard; 0 7 12; A; x 0 2 2 x x, 5 7 7 x x x; x 0 2 2 x x
standard; 0 7 12; Bb; x 1 3 3 x x, 6 8 8 x x x; x 1 3 3 x x
standard; 0 7 12; B; x 2 4 4 x x, 7 9 9 x x x; x 2 4 4 x x
standard; 0 7; C; x 3 5 x x x, 8 10 x x x x; x 3 5 x x x
standard; 0 7; C#; x 4 6 x x x, 9 11 x x x x; x 4 6 x x x
standard; 0 7; D; x x 0 2 x x, x 5 7 x x x; x 5 7 x x x
standard; 0 7; Eb; x 6 8 x x x; x 6 8 x x x
standard; 0 7; E; 0 2 x x x x, x 7 9 x x x; 0 2 x x x x
standard; 0 7; F; 1 3 x x x x, x 8 10 x x x; 1 3 x x x x
standard; 0 7; F#; 2 4 x x x x, x 9 11 x x x; 2 4 x x x x
standard; 0 7; G; 3 5 x x x x; 3 5 x x x x
standard; 0 7; Ab; 4 6 x x x x; 4 6 x x x x
standard; 0 7; A; x 0 2 x x x, 5 7 x x x x; x 0 2 x x x
standard; 0 7; Bb; x 1 3 x x x, 6 8 x x x x; x 1 3 x x x
standard; 0 7; B; x 2 4 x x x, 7 9 x x x x; x 2 4 x x x
standard; -5 0; C; 3 3 x x x x; 3 3 x x x x
standard; -5 0; C#; 4 4 x x x x; 4 4 x x x x
standard; -5 0; D; x 0 0 x x x, 5 5 x x x x; 5 5 x x x x
standard; -5 0; Eb; x 1 1 x x x, 6 6 x x x x; 6 6 x x x x
standard; -5 0; E; x 2 2 x x x, 7 7 x x x x; 7 7 x x x x
standard; -5 0; F; x 3 3 x x x, 8 8 x x x x; x 3 3 x x x
standard; -5 0; F#; x 4 4 x x x, 9 9 x x x x; x 4 4 x x x
standard; -5 0; G; x 5 5 x x x; x 5 5 x x x
standard; -5 0; Ab; x 6 6 x x x; x 6 6 x x x
standard; -5 0; A; 0 0 x x x x, x 7 7 x x x; 0 0 x x x x
standard; -5 0; Bb; 1 1 x x x x, x 8 8 x x x; 1 1 x x x x
standard; -5 0; B; 2 2 x x x x, x 9 9 x x x; 2 2 x x x x
standard; -5 0 7; C; 3 3 5 x x x; 3 3 5 x x x
standard; -5 0 7; C#; 4 4 6 x x x; 4 4 6 x x x
standard; -5 0 7; D; x 0 0 2 x x, 5 5 7 x x x; 5 5 7 x x x
standard; -5 0 7; Eb; x 1 1 3 x x, 6 6 8 x x x; 6 6 8 x x x
standard; -5 0 7; E; x 2 2 4 x x, 7 7 9 x x x; 7 7 9 x x x
standard; -5 0 7; F; x 3 3 5 x x, 8 8 10 x x x; x 3 3 5 x x
standard; -5 0 7; F#; x 4 4 6 x x, 9 9 11 x x x; x 4 4 6 x x
standard; -5 0 7; G; x 5 5 7 x x; x 5 5 7 x x
standard; -5 0 7; Ab; x 6 6 8 x x; x 6 6 8 x x
standard; -5 0 7; A; 0 0 2 x x x, x 7 7 9 x x; 0 0 2 x x x
standard; -5 0 7; Bb; 1 1 3 x x x, x 8 8 10 x x; 1 1 3 x x x
standard; -5 0 7; B; 2 2 4 x x x, x 9 9 11 x x; 2 2 4 x x x
standard; -5 0 4; C; 3 3 2 x x x; 3 3 2 x x x
standard; -5 0 4; C#; 4 4 3 x x x; 4 4 3 x x x
standard; -5 0 4; D; 5 5 4 x x x; 5 5 4 x x x
standard; -5 0 4; Eb; x 1 1 0 x x, 6 6 5 x x x; 6 6 5 x x x
standard; -5 0 4; E; x 2 2 1 x x, 7 7 6 x x x; 7 7 6 x x x
standard; -5 0 4; F; x 3 3 2 x x, 8 8 7 x x x; x 3 3 2 x x
standard; -5 0 4; F#; x 4 4 3 x x, 9 9 8 x x x; x 4 4 3 x x
standard; -5 0 4; G; x x 0 0 0 x, x 5 5 4 x x; x 5 5 4 x x
standard; -5 0 4; Ab; x x 1 1 1 x, x 6 6 5 x x; x 6 6 5 x x
standard; -5 0 4; A; x x 2 2 2 x, x 7 7 6 x x; x 7 7 6 x x
standard; -5 0 4; Bb; 1 1 0 x x x, x x 3 3 3 x, x 8 8 7 x x; 1 1 0 x x x
standard; -5 0 4; B; 2 2 1 x x x, x 9 9 8 x x; 2 2 1 x x x
standard; 0 12; C; x 3 x 5 x x, 8 x 10 x x x; x 3 x 5 x x
standard; 0 12; C#; x 4 x 6 x x, 9 x 11 x x x; x 4 x 6 x x
standard; 0 12; D; x x 0 x 3 x, x 5 x 7 x x; x 5 x 7 x x
standard; 0 12; Eb; x x 1 x 4 x, x 6 x 8 x x; x 6 x 8 x x
standard; 0 12; E; 0 x 2 x x x, x x 2 x 5 x, x 7 x 9 x x; 0 x 2 x x x
standard; 0 12; F; 1 x 3 x x x, x x 3 x 6 x, x 8 x 10 x x; 1 x 3 x x x
standard; 0 12; F#; 2 x 4 x x x, x x 4 x 7 x, x 9 x 11 x x; 2 x 4 x x x
standard; 0 12; G; 3 x 5 x x x, x x 5 x 8 x; 3 x 5 x x x
standard; 0 12; Ab; 4 x 6 x x x; 4 x 6 x x x
standard; 0 12; A; x 0 x 2 x x, 5 x 7 x x x; x 0 x 2 x x
standard; 0 12; Bb; x 1 x 3 x x, 6 x 8 x x x; x 1 x 3 x x
standard; 0 12; B; x 2 x 4 x x, 7 x 9 x x x; x 2 x 4 x x
standard; 0 7 14; C; x 3 5 7 x x, 8 10 12 x x x; x 3 5 7 x x
standard; 0 7 14; C#; x 4 6 8 x x, 9 11 13 x x x; x 4 6 8 x x
standard; 0 7 14; D; x x 0 2 5 x, x 5 7 9 x x; x 5 7 9 x x
standard; 0 7 14; Eb; x 6 8 10 x x; x 6 8 10 x x
standard; 0 7 14; E; 0 2 4 x x x, x 7 9 11 x x; 0 2 4 x x x
standard; 0 7 14; F; 1 3 5 x x x, x 8 10 12 x x; 1 3 5 x x x
standard; 0 7 14; F#; 2 4 6 x x x, x 9 11 13 x x; 2 4 6 x x x
standard; 0 7 14; G; 3 5 7 x x x; 3 5 7 x x x
standard; 0 7 14; Ab; 4 6 8 x x x; 4 6 8 x x x
standard; 0 7 14; A; x 0 2 4 x x, 5 7 9 x x x; x 0 2 4 x x
standard; 0 7 14; Bb; x 1 3 5 x x, 6 8 10 x x x; x 1 3 5 x x
standard; 0 7 14; B; x 2 4 6 x x, 7 9 11 x x x; x 2 4 6 x x
standard; 0 9; C; x 3 7 x x x, 8 12 x x x x; x 3 7 x x x
standard; 0 9; C#; x 4 8 x x x, 9 13 x x x x; x 4 8 x x x
standard; 0 9; D; x x 0 4 x x, x 5 9 x x x; x 5 9 x x x
standard; 0 9; Eb; x x 1 5 x x, x 6 10 x x x; x 6 10 x x x
standard; 0 9; E; 0 4 x x x x, x x 2 6 x x, x 7 11 x x x; 0 4 x x x x
standard; 0 9; F; 1 5 x x x x, x 8 12 x x x; 1 5 x x x x
standard; 0 9; F#; 2 6 x x x x, x 9 13 x x x; 2 6 x x x x
standard; 0 9; G; 3 7 x x x x; 3 7 x x x x
standard; 0 9; Ab; 4 8 x x x x; 4 8 x x x x
standard; 0 9; A; x 0 4 x x x, 5 9 x x x x; x 0 4 x x x
standard; 0 9; Bb; x 1 5 x x x, 6 10 x x x x; x 1 5 x x x
standard; 0 9; B; x 2 6 x x x, 7 11 x x x x; x 2 6 x x x
Eb standard; 0 7 12; C; x 4 6 6 x x, 9 11 11 x x x; x 4 6 6 x x
Eb standard; 0 7 12; C#; x x 0 2 3 x, x 5 7 7 x x; x 5 7 7 x x
Eb standard; 0 7 12; D; x 6 8 8 x x; x 6 8 8 x x
Eb standard; 0 7 12; Eb; 0 2 2 x x x, x 7 9 9 x x; 0 2 2 x x x
Eb standard; 0 7 12; E; 1 3 3 x x x, x 8 10 10 x x; 1 3 3 x x x
Eb standard; 0 7 12; F; 2 4 4 x x x, x 9 11 11 x x; 2 4 4 x x x
Eb standard; 0 7 12; F#; 3 5 5 x x x; 3 5 5 x x x
Eb standard; 0 7 12; G; 4 6 6 x x x; 4 6 6 x x x
Eb standard; 0 7 12; Ab; x 0 2 2 x x, 5 7 7 x x x; x 0 2 2 x x
Eb standard; 0 7 12; A; x 1 3 3 x x, 6 8 8 x x x; x 1 3 3 x x
Eb standard; 0 7 12; Bb; x 2 4 4 x x, 7 9 9 x x x; x 2 4 4 x x
Eb standard; 0 7 12; B; x 3 5 5 x x, 8 10 10 x x x; x 3 5 5 x x
Eb standard; -5 0; C; 4 4 x x x x; 4 4 x x x x
Eb standard; -5 0; C#; x 0 0 x x x, 5 5 x x x x; 5 5 x x x x
Eb standard; -5 0; D; x 1 1 x x x, 6 6 x x x x; 6 6 x x x x
Eb standard; -5 0; Eb; x 2 2 x x x, 7 7 x x x x; 7 7 x x x x
Eb standard; -5 0; E; x 3 3 x x x, 8 8 x x x x; x 3 3 x x x
Eb standard; -5 0; F; x 4 4 x x x, 9 9 x x x x; x 4 4 x x x
Eb standard; -5 0; F#; x 5 5 x x x; x 5 5 x x x
Eb standard; -5 0; G; x 6 6 x x x; x 6 6 x x x
Eb standard; -5 0; Ab; 0 0 x x x x, x 7 7 x x x; 0 0 x x x x
Eb standard; -5 0; A; 1 1 x x x x, x 8 8 x x x; 1 1 x x x x
Eb standard; -5 0; Bb; 2 2 x x x x, x 9 9 x x x; 2 2 x x x x
Eb standard; -5 0; B; 3 3 x x x x; 3 3 x x x x
D standard; 0 7 12; C; x x 0 2 3 x, x 5 7 7 x x; x 5 7 7 x x
D standard; 0 7 12; C#; x 6 8 8 x x; x 6 8 8 x x
D standard; 0 7 12; D; 0 2 2 x x x, x 7 9 9 x x; 0 2 2 x x x
D standard; 0 7 12; Eb; 1 3 3 x x x, x 8 10 10 x x; 1 3 3 x x x
D standard; 0 7 12; E; 2 4 4 x x x, x 9 11 11 x x; 2 4 4 x x x
D standard; 0 7 12; F; 3 5 5 x x x; 3 5 5 x x x
D standard; 0 7 12; F#; 4 6 6 x x x; 4 6 6 x x x
D standard; 0 7 12; G; x 0 2 2 x x, 5 7 7 x x x; x 0 2 2 x x
D standard; 0 7 12; Ab; x 1 3 3 x x, 6 8 8 x x x; x 1 3 3 x x
D standard; 0 7 12; A; x 2 4 4 x x, 7 9 9 x x x; x 2 4 4 x x
D standard; 0 7 12; Bb; x 3 5 5 x x, 8 10 10 x x x; x 3 5 5 x x
D standard; 0 7 12; B; x 4 6 6 x x, 9 11 11 x x x; x 4 6 6 x x
D standard; 0 7; C; x x 0 2 x x, x 5 7 x x x; x 5 7 x x x
D standard; 0 7; C#; x 6 8 x x x; x 6 8 x x x
D standard; 0 7; D; 0 2 x x x x, x 7 9 x x x; 0 2 x x x x
D standard; 0 7; Eb; 1 3 x x x x, x 8 10 x x x; 1 3 x x x x
D standard; 0 7; E; 2 4 x x x x, x 9 11 x x x; 2 4 x x x x
D standard; 0 7; F; 3 5 x x x x; 3 5 x x x x
D standard; 0 7; F#; 4 6 x x x x; 4 6 x x x x
D standard; 0 7; G; x 0 2 x x x, 5 7 x x x x; x 0 2 x x x
D standard; 0 7; Ab; x 1 3 x x x, 6 8 x x x x; x 1 3 x x x
D standard; 0 7; A; x 2 4 x x x, 7 9 x x x x; x 2 4 x x x
D standard; 0 7; Bb; x 3 5 x x x, 8 10 x x x x; x 3 5 x x x
D standard; 0 7; B; x 4 6 x x x, 9 11 x x x x; x 4 6 x x x
drop D; 0 7 12; C; x 3 5 5 x x, 10 10 10 x x x; 10 10 10 x x x
drop D; 0 7 12; C#; x 4 6 6 x x, 11 11 11 x x x; x 4 6 6 x x
drop D; 0 7 12; D; 0 0 0 x x x, x 5 7 7 x x; 0 0 0 x x x
drop D; 0 7 12; Eb; 1 1 1 x x x, x 6 8 8 x x; 1 1 1 x x x
drop D; 0 7 12; E; 2 2 2 x x x, x 7 9 9 x x; 2 2 2 x x x
drop D; 0 7 12; F; 3 3 3 x x x; 3 3 3 x x x
drop D; 0 7 12; F#; 4 4 4 x x x; 4 4 4 x x x
drop D; 0 7 12; G; 5 5 5 x x x; 5 5 5 x x x
drop D; 0 7 12; Ab; 6 6 6 x x x; 6 6 6 x x x
drop D; 0 7 12; A; x 0 2 2 x x, 7 7 7 x x x; 7 7 7 x x x
drop D; 0 7 12; Bb; x 1 3 3 x x, 8 8 8 x x x; 8 8 8 x x x
drop D; 0 7 12; B; x 2 4 4 x x, 9 9 9 x x x; 9 9 9 x x x
drop D; 0 7; C; x 3 5 x x x, 10 10 x x x x; 10 10 x x x x
drop D; 0 7; C#; x 4 6 x x x, 11 11 x x x x; x 4 6 x x x
drop D; 0 7; D; 0 0 x x x x, x 5 7 x x x; 0 0 x x x x
drop D; 0 7; Eb; 1 1 x x x x, x 6 8 x x x; 1 1 x x x x
drop D; 0 7; E; 2 2 x x x x, x 7 9 x x x; 2 2 x x x x
drop D; 0 7; F; 3 3 x x x x; 3 3 x x x x
drop D; 0 7; F#; 4 4 x x x x; 4 4 x x x x
drop D; 0 7; G; 5 5 x x x x; 5 5 x x x x
drop D; 0 7; Ab; 6 6 x x x x; 6 6 x x x x
drop D; 0 7; A; x 0 2 x x x, 7 7 x x x x; 7 7 x x x x
drop D; 0 7; Bb; x 1 3 x x x, 8 8 x x x x; 8 8 x x x x
drop D; 0 7; B; x 2 4 x x x, 9 9 x x x x; 9 9 x x x x
drop D; -5 0; C; 5 3 x x x x; 5 3 x x x x
drop D; -5 0; C#; 6 4 x x x x; 6 4 x x x x
drop D; -5 0; D; x 0 0 x x x, 7 5 x x x x; 7 5 x x x x
drop D; -5 0; Eb; x 1 1 x x x, 8 6 x x x x; x 1 1 x x x
drop D; -5 0; E; x 2 2 x x x, 9 7 x x x x; x 2 2 x x x
drop D; -5 0; F; x 3 3 x x x, 10 8 x x x x; x 3 3 x x x
drop D; -5 0; F#; x 4 4 x x x; x 4 4 x x x
drop D; -5 0; G; x 5 5 x x x; x 5 5 x x x
drop D; -5 0; Ab; x 6 6 x x x; x 6 6 x x x
drop D; -5 0; A; 2 0 x x x x, x 7 7 x x x; 2 0 x x x x
drop D; -5 0; Bb; 3 1 x x x x, x 8 8 x x x; 3 1 x x x x
drop D; -5 0; B; 4 2 x x x x, x 9 9 x x x; 4 2 x x x x
drop D; -5 0 7; C; 5 3 5 x x x; 5 3 5 x x x
drop D; -5 0 7; C#; 6 4 6 x x x; 6 4 6 x x x
drop D; -5 0 7; D; x 0 0 2 x x, 7 5 7 x x x; 7 5 7 x x x
drop D; -5 0 7; Eb; x 1 1 3 x x, 8 6 8 x x x; x 1 1 3 x x
drop D; -5 0 7; E; x 2 2 4 x x, 9 7 9 x x x; x 2 2 4 x x
drop D; -5 0 7; F; x 3 3 5 x x, 10 8 10 x x x; x 3 3 5 x x
drop D; -5 0 7; F#; x 4 4 6 x x; x 4 4 6 x x
drop D; -5 0 7; G; x 5 5 7 x x; x 5 5 7 x x
drop D; -5 0 7; Ab; x 6 6 8 x x; x 6 6 8 x x
drop D; -5 0 7; A; 2 0 2 x x x, x 7 7 9 x x; 2 0 2 x x x
drop D; -5 0 7; Bb; 3 1 3 x x x, x 8 8 10 x x; 3 1 3 x x x
drop D; -5 0 7; B; 4 2 4 x x x, x 9 9 11 x x; 4 2 4 x x x
drop D; -5 0 4; C; 5 3 2 x x x; 5 3 2 x x x
drop D; -5 0 4; C#; 6 4 3 x x x; 6 4 3 x x x
drop D; -5 0 4; D; 7 5 4 x x x; 7 5 4 x x x
drop D; -5 0 4; Eb; x 1 1 0 x x, 8 6 5 x x x; x 1 1 0 x x
drop D; -5 0 4; E; x 2 2 1 x x, 9 7 6 x x x; x 2 2 1 x x
drop D; -5 0 4; F; x 3 3 2 x x, 10 8 7 x x x; x 3 3 2 x x
drop D; -5 0 4; F#; x 4 4 3 x x; x 4 4 3 x x
drop D; -5 0 4; G; x x 0 0 0 x, x 5 5 4 x x; x 5 5 4 x x
drop D; -5 0 4; Ab; x x 1 1 1 x, x 6 6 5 x x; x 6 6 5 x x
drop D; -5 0 4; A; x x 2 2 2 x, x 7 7 6 x x; x 7 7 6 x x
drop D; -5 0 4; Bb; 3 1 0 x x x, x x 3 3 3 x, x 8 8 7 x x; 3 1 0 x x x
drop D; -5 0 4; B; 4 2 1 x x x, x 9 9 8 x x; 4 2 1 x x x
drop D; 0 12; C; x 3 x 5 x x, 10 x 10 x x x; 10 x 10 x x x
drop D; 0 12; C#; x 4 x 6 x x, 11 x 11 x x x; x 4 x 6 x x
drop D; 0 12; D; 0 x 0 x x x, x x 0 x 3 x, x 5 x 7 x x; 0 x 0 x x x
drop D; 0 12; Eb; 1 x 1 x x x, x 6 x 8 x x; 1 x 1 x x x
drop D; 0 12; E; 2 x 2 x x x, x 7 x 9 x x; 2 x 2 x x x
drop D; 0 12; F; 3 x 3 x x x, x 8 x 10 x x; 3 x 3 x x x
drop D; 0 12; F#; 4 x 4 x x x, x 9 x 11 x x; 4 x 4 x x x
drop D; 0 12; G; 5 x 5 x x x; 5 x 5 x x x
drop D; 0 12; Ab; 6 x 6 x x x; 6 x 6 x x x
drop D; 0 12; A; x 0 x 2 x x, 7 x 7 x x x; 7 x 7 x x x
drop D; 0 12; Bb; x 1 x 3 x x, 8 x 8 x x x; 8 x 8 x x x
drop D; 0 12; B; x 2 x 4 x x, 9 x 9 x x x; 9 x 9 x x x
drop D; 0 7 14; C; x 3 5 7 x x, 10 10 12 x x x; 10 10 12 x x x
drop D; 0 7 14; C#; x 4 6 8 x x, 11 11 13 x x x; x 4 6 8 x x
drop D; 0 7 14; D; 0 0 2 x x x, x 5 7 9 x x; 0 0 2 x x x
drop D; 0 7 14; Eb; 1 1 3 x x x, x 6 8 10 x x; 1 1 3 x x x
drop D; 0 7 14; E; 2 2 4 x x x, x 7 9 11 x x; 2 2 4 x x x
drop D; 0 7 14; F; 3 3 5 x x x; 3 3 5 x x x
drop D; 0 7 14; F#; 4 4 6 x x x; 4 4 6 x x x
drop D; 0 7 14; G; 5 5 7 x x x; 5 5 7 x x x
drop D; 0 7 14; Ab; 6 6 8 x x x; 6 6 8 x x x
drop D; 0 7 14; A; x 0 2 4 x x, 7 7 9 x x x; 7 7 9 x x x
drop D; 0 7 14; Bb; x 1 3 5 x x, 8 8 10 x x x; 8 8 10 x x x
drop D; 0 7 14; B; x 2 4 6 x x, 9 9 11 x x x; 9 9 11 x x x
drop D; 0 9; C; x 3 7 x x x, 10 12 x x x x; x 3 7 x x x
drop D; 0 9; C#; x 4 8 x x x, 11 13 x x x x; x 4 8 x x x
drop D; 0 9; D; 0 2 x x x x, x 5 9 x x x; 0 2 x x x x
drop D; 0 9; Eb; 1 3 x x x x, x 6 10 x x x; 1 3 x x x x
drop D; 0 9; E; 2 4 x x x x, x 7 11 x x x; 2 4 x x x x
drop D; 0 9; F; 3 5 x x x x, x 8 12 x x x; 3 5 x x x x
drop D; 0 9; F#; 4 6 x x x x, x 9 13 x x x; 4 6 x x x x
drop D; 0 9; G; 5 7 x x x x; 5 7 x x x x
drop D; 0 9; Ab; 6 8 x x x x; 6 8 x x x x
drop D; 0 9; A; x 0 4 x x x, 7 9 x x x x; x 0 4 x x x
drop D; 0 9; Bb; x 1 5 x x x, 8 10 x x x x; x 1 5 x x x
drop D; 0 9; B; x 2 6 x x x, 9 11 x x x x; x 2 6 x x x
drop C; 0 7 12; C; 0 0 0 x x x, x 5 7 7 x x; 0 0 0 x x x
drop C; 0 7 12; C#; 1 1 1 x x x, x 6 8 8 x x; 1 1 1 x x x
drop C; 0 7 12; D; 2 2 2 x x x, x 7 9 9 x x; 2 2 2 x x x
drop C; 0 7 12; Eb; 3 3 3 x x x; 3 3 3 x x x
drop C; 0 7 12; E; 4 4 4 x x x; 4 4 4 x x x
drop C; 0 7 12; F; 5 5 5 x x x; 5 5 5 x x x
drop C; 0 7 12; F#; 6 6 6 x x x; 6 6 6 x x x
drop C; 0 7 12; G; x 0 2 2 x x, 7 7 7 x x x; 7 7 7 x x x
drop C; 0 7 12; Ab; x 1 3 3 x x, 8 8 8 x x x; 8 8 8 x x x
drop C; 0 7 12; A; x 2 4 4 x x, 9 9 9 x x x; 9 9 9 x x x
drop C; 0 7 12; Bb; x 3 5 5 x x, 10 10 10 x x x; 10 10 10 x x x
drop C; 0 7 12; B; x 4 6 6 x x, 11 11 11 x x x; x 4 6 6 x x
drop C; 0 7; C; 0 0 x x x x, x 5 7 x x x; 0 0 x x x x
drop C; 0 7; C#; 1 1 x x x x, x 6 8 x x x; 1 1 x x x x
drop C; 0 7; D; 2 2 x x x x, x 7 9 x x x; 2 2 x x x x
drop C; 0 7; Eb; 3 3 x x x x; 3 3 x x x x
drop C; 0 7; E; 4 4 x x x x; 4 4 x x x x
drop C; 0 7; F; 5 5 x x x x; 5 5 x x x x
drop C; 0 7; F#; 6 6 x x x x; 6 6 x x x x
drop C; 0 7; G; x 0 2 x x x, 7 7 x x x x; 7 7 x x x x
drop C; 0 7; Ab; x 1 3 x x x, 8 8 x x x x; 8 8 x x x x
drop C; 0 7; A; x 2 4 x x x, 9 9 x x x x; 9 9 x x x x
drop C; 0 7; Bb; x 3 5 x x x, 10 10 x x x x; 10 10 x x x x
drop C; 0 7; B; x 4 6 x x x, 11 11 x x x x; x 4 6 x x x
drop C; -5 0; C; x 0 0 x x x, 7 5 x x x x; x 0 0 x x x
drop C; -5 0; C#; x 1 1 x x x, 8 6 x x x x; x 1 1 x x x
drop C; -5 0; D; x 2 2 x x x, 9 7 x x x x; x 2 2 x x x
drop C; -5 0; Eb; x 3 3 x x x, 10 8 x x x x; x 3 3 x x x
drop C; -5 0; E; x 4 4 x x x; x 4 4 x x x
drop C; -5 0; F; x 5 5 x x x; x 5 5 x x x
drop C; -5 0; F#; x 6 6 x x x; x 6 6 x x x
drop C; -5 0; G; 2 0 x x x x, x 7 7 x x x; 2 0 x x x x
drop C; -5 0; Ab; 3 1 x x x x, x 8 8 x x x; 3 1 x x x x
drop C; -5 0; A; 4 2 x x x x, x 9 9 x x x; 4 2 x x x x
drop C; -5 0; Bb; 5 3 x x x x; 5 3 x x x x
drop C; -5 0; B; 6 4 x x x x; 6 4 x x x x
double drop D; 0 7 12; C; x 3 5 5 x x, 10 10 10 x x x; 10 10 10 x x x
double drop D; 0 7 12; C#; x 4 6 6 x x, 11 11 11 x x x; x 4 6 6 x x
double drop D; 0 7 12; D; 0 0 0 x x x, x 5 7 7 x x; 0 0 0 x x x
double drop D; 0 7 12; Eb; 1 1 1 x x x, x 6 8 8 x x; 1 1 1 x x x
double drop D; 0 7 12; E; 2 2 2 x x x, x 7 9 9 x x; 2 2 2 x x x
double drop D; 0 7 12; F; 3 3 3 x x x; 3 3 3 x x x
double drop D; 0 7 12; F#; 4 4 4 x x x; 4 4 4 x x x
double drop D; 0 7 12; G; 5 5 5 x x x; 5 5 5 x x x
double drop D; 0 7 12; Ab; 6 6 6 x x x; 6 6 6 x x x
double drop D; 0 7 12; A; x 0 2 2 x x, 7 7 7 x x x; 7 7 7 x x x
double drop D; 0 7 12; Bb; x 1 3 3 x x, 8 8 8 x x x; 8 8 8 x x x
double drop D; 0 7 12; B; x 2 4 4 x x, 9 9 9 x x x; 9 9 9 x x x
double drop D; 0 7; C; x 3 5 x x x, 10 10 x x x x; 10 10 x x x x
double drop D; 0 7; C#; x 4 6 x x x, 11 11 x x x x; x 4 6 x x x
double drop D; 0 7; D; 0 0 x x x x, x 5 7 x x x; 0 0 x x x x
double drop D; 0 7; Eb; 1 1 x x x x, x 6 8 x x x; 1 1 x x x x
double drop D; 0 7; E; 2 2 x x x x, x 7 9 x x x; 2 2 x x x x
double drop D; 0 7; F; 3 3 x x x x; 3 3 x x x x
double drop D; 0 7; F#; 4 4 x x x x; 4 4 x x x x
double drop D; 0 7; G; 5 5 x x x x; 5 5 x x x x
double drop D; 0 7; Ab; 6 6 x x x x; 6 6 x x x x
double drop D; 0 7; A; x 0 2 x x x, 7 7 x x x x; 7 7 x x x x
double drop D; 0 7; Bb; x 1 3 x x x, 8 8 x x x x; 8 8 x x x x
double drop D; 0 7; B; x 2 4 x x x, 9 9 x x x x; 9 9 x x x x
open D; 0 7 12; C; x 3 5 6 x x, 10 10 10 x x x; 10 10 10 x x x
open D; 0 7 12; C#; x 4 6 7 x x, 11 11 11 x x x; 11 11 11 x x x
open D; 0 7 12; D; 0 0 0 x x x, x 5 7 8 x x; 0 0 0 x x x
open D; 0 7 12; Eb; 1 1 1 x x x, x 6 8 9 x x; 1 1 1 x x x
open D; 0 7 12; E; 2 2 2 x x x, x 7 9 10 x x; 2 2 2 x x x
open D; 0 7 12; F; 3 3 3 x x x; 3 3 3 x x x
open D; 0 7 12; F#; 4 4 4 x x x; 4 4 4 x x x
open D; 0 7 12; G; 5 5 5 x x x; 5 5 5 x x x
open D; 0 7 12; Ab; 6 6 6 x x x; 6 6 6 x x x
open D; 0 7 12; A; x 0 2 3 x x, 7 7 7 x x x; 7 7 7 x x x
open D; 0 7 12; Bb; x 1 3 4 x x, 8 8 8 x x x; 8 8 8 x x x
open D; 0 7 12; B; x 2 4 5 x x, 9 9 9 x x x; 9 9 9 x x x
open D; 0 7; C; x 3 5 x x x, 10 10 x x x x; 10 10 x x x x
open D; 0 7; C#; x 4 6 x x x, 11 11 x x x x; 11 11 x x x x
open D; 0 7; D; 0 0 x x x x, x 5 7 x x x; 0 0 x x x x
open D; 0 7; Eb; 1 1 x x x x, x 6 8 x x x; 1 1 x x x x
open D; 0 7; E; 2 2 x x x x, x 7 9 x x x; 2 2 x x x x
open D; 0 7; F; 3 3 x x x x; 3 3 x x x x
open D; 0 7; F#; 4 4 x x x x; 4 4 x x x x
open D; 0 7; G; 5 5 x x x x; 5 5 x x x x
open D; 0 7; Ab; 6 6 x x x x; 6 6 x x x x
open D; 0 7; A; x 0 2 x x x, 7 7 x x x x; 7 7 x x x x
open D; 0 7; Bb; x 1 3 x x x, 8 8 x x x x; 8 8 x x x x
open D; 0 7; B; x 2 4 x x x, 9 9 x x x x; 9 9 x x x x
open G; 0 7 12; C; x 5 5 5 x x; x 5 5 5 x x
open G; 0 7 12; C#; x 6 6 6 x x; x 6 6 6 x x
open G; 0 7 12; D; 0 2 0 x x x, x 7 7 7 x x; x 7 7 7 x x
open G; 0 7 12; Eb; 1 3 1 x x x, x 8 8 8 x x; x 8 8 8 x x
open G; 0 7 12; E; 2 4 2 x x x, x 9 9 9 x x; x 9 9 9 x x
open G; 0 7 12; F; 3 5 3 x x x, x 10 10 10 x x; x 10 10 10 x x
open G; 0 7 12; F#; 4 6 4 x x x, x 11 11 11 x x; x 11 11 11 x x
open G; 0 7 12; G; x 0 0 0 x x, 5 7 5 x x x; x 0 0 0 x x
open G; 0 7 12; Ab; x 1 1 1 x x, 6 8 6 x x x; x 1 1 1 x x
open G; 0 7 12; A; x 2 2 2 x x, 7 9 7 x x x; x 2 2 2 x x
open G; 0 7 12; Bb; x 3 3 3 x x; x 3 3 3 x x
open G; 0 7 12; B; x 4 4 4 x x; x 4 4 4 x x
open G; 0 7; C; x 5 5 x x x; x 5 5 x x x
open G; 0 7; C#; x 6 6 x x x; x 6 6 x x x
open G; 0 7; D; 0 2 x x x x, x 7 7 x x x; x 7 7 x x x
open G; 0 7; Eb; 1 3 x x x x, x 8 8 x x x; x 8 8 x x x
open G; 0 7; E; 2 4 x x x x, x 9 9 x x x; x 9 9 x x x
open G; 0 7; F; 3 5 x x x x, x 10 10 x x x; x 10 10 x x x
open G; 0 7; F#; 4 6 x x x x, x 11 11 x x x; x 11 11 x x x
open G; 0 7; G; x 0 0 x x x, 5 7 x x x x; x 0 0 x x x
open G; 0 7; Ab; x 1 1 x x x, 6 8 x x x x; x 1 1 x x x
open G; 0 7; A; x 2 2 x x x, 7 9 x x x x; x 2 2 x x x
open G; 0 7; Bb; x 3 3 x x x; x 3 3 x x x
open G; 0 7; B; x 4 4 x x x; x 4 4 x x x
DADGAD; 0 7 12; C; x 3 5 5 x x, 10 10 10 x x x; 10 10 10 x x x
DADGAD; 0 7 12; C#; x 4 6 6 x x, 11 11 11 x x x; x 4 6 6 x x
DADGAD; 0 7 12; D; 0 0 0 x x x, x 5 7 7 x x; 0 0 0 x x x
DADGAD; 0 7 12; Eb; 1 1 1 x x x, x 6 8 8 x x; 1 1 1 x x x
DADGAD; 0 7 12; E; 2 2 2 x x x, x 7 9 9 x x; 2 2 2 x x x
DADGAD; 0 7 12; F; 3 3 3 x x x; 3 3 3 x x x
DADGAD; 0 7 12; F#; 4 4 4 x x x; 4 4 4 x x x
DADGAD; 0 7 12; G; 5 5 5 x x x; 5 5 5 x x x
DADGAD; 0 7 12; Ab; 6 6 6 x x x; 6 6 6 x x x
DADGAD; 0 7 12; A; x 0 2 2 x x, 7 7 7 x x x; 7 7 7 x x x
DADGAD; 0 7 12; Bb; x 1 3 3 x x, 8 8 8 x x x; 8 8 8 x x x
DADGAD; 0 7 12; B; x 2 4 4 x x, 9 9 9 x x x; 9 9 9 x x x
DADGAD; 0 7; C; x 3 5 x x x, 10 10 x x x x; 10 10 x x x x
DADGAD; 0 7; C#; x 4 6 x x x, 11 11 x x x x; x 4 6 x x x
DADGAD; 0 7; D; 0 0 x x x x, x 5 7 x x x; 0 0 x x x x
DADGAD; 0 7; Eb; 1 1 x x x x, x 6 8 x x x; 1 1 x x x x
DADGAD; 0 7; E; 2 2 x x x x, x 7 9 x x x; 2 2 x x x x
DADGAD; 0 7; F; 3 3 x x x x; 3 3 x x x x
DADGAD; 0 7; F#; 4 4 x x x x; 4 4 x x x x
DADGAD; 0 7; G; 5 5 x x x x; 5 5 x x x x
DADGAD; 0 7; Ab; 6 6 x x x x; 6 6 x x x x
DADGAD; 0 7; A; x 0 2 x x x, 7 7 x x x x; 7 7 x x x x
DADGAD; 0 7; Bb; x 1 3 x x x, 8 8 x x x x; 8 8 x x x x
DADGAD; 0 7; B; x 2 4 x x x, 9 9 x x x x; 9 9 x x x x
DADGAD; 0 12; C; x 3 x 5 x x, 10 x 10 x x x; 10 x 10 x x x
DADGAD; 0 12; C#; x 4 x 6 x x, 11 x 11 x x x; x 4 x 6 x x
DADGAD; 0 12; D; 0 x 0 x x x, x 5 x 7 x x; 0 x 0 x x x
DADGAD; 0 12; Eb; 1 x 1 x x x, x 6 x 8 x x; 1 x 1 x x x
DADGAD; 0 12; E; 2 x 2 x x x, x 7 x 9 x x; 2 x 2 x x x
DADGAD; 0 12; F; 3 x 3 x x x, x 8 x 10 x x; 3 x 3 x x x
DADGAD; 0 12; F#; 4 x 4 x x x, x 9 x 11 x x; 4 x 4 x x x
DADGAD; 0 12; G; 5 x 5 x x x; 5 x 5 x x x
DADGAD; 0 12; Ab; 6 x 6 x x x; 6 x 6 x x x
DADGAD; 0 12; A; x 0 x 2 x x, 7 x 7 x x x; 7 x 7 x x x
DADGAD; 0 12; Bb; x 1 x 3 x x, 8 x 8 x x x; 8 x 8 x x x
DADGAD; 0 12; B; x 2 x 4 x x, 9 x 9 x x x; 9 x 9 x x x
seven-string; 0 7 12; C; 1 3 3 x x x x, x x 3 5 5 x x, x 8 10 10 x x x; 1 3 3 x x x x
seven-string; 0 7 12; C#; 2 4 4 x x x x, x x 4 6 6 x x, x 9 11 11 x x x; 2 4 4 x x x x
seven-string; 0 7 12; D; x x x 0 2 3 x, 3 5 5 x x x x, x x 5 7 7 x x; 3 5 5 x x x x
seven-string; 0 7 12; Eb; 4 6 6 x x x x, x x 6 8 8 x x; 4 6 6 x x x x
seven-string; 0 7 12; E; x 0 2 2 x x x, 5 7 7 x x x x, x x 7 9 9 x x; x 0 2 2 x x x
seven-string; 0 7 12; F; x 1 3 3 x x x, 6 8 8 x x x x, x x 8 10 10 x x; x 1 3 3 x x x
seven-string; 0 7 12; F#; x 2 4 4 x x x, 7 9 9 x x x x, x x 9 11 11 x x; x 2 4 4 x x x
seven-string; 0 7 12; G; x 3 5 5 x x x, 8 10 10 x x x x; x 3 5 5 x x x
seven-string; 0 7 12; Ab; x 4 6 6 x x x, 9 11 11 x x x x; x 4 6 6 x x x
seven-string; 0 7 12; A; x x 0 2 2 x x, x 5 7 7 x x x; x 5 7 7 x x x
seven-string; 0 7 12; Bb; x x 1 3 3 x x, x 6 8 8 x x x; x 6 8 8 x x x
seven-string; 0 7 12; B; 0 2 2 x x x x, x x 2 4 4 x x, x 7 9 9 x x x; 0 2 2 x x x x
seven-string; 0 7; C; 1 3 x x x x x, x x 3 5 x x x, x 8 10 x x x x; 1 3 x x x x x
seven-string; 0 7; C#; 2 4 x x x x x, x x 4 6 x x x, x 9 11 x x x x; 2 4 x x x x x
seven-string; 0 7; D; x x x 0 2 x x, 3 5 x x x x x, x x 5 7 x x x; 3 5 x x x x x
seven-string; 0 7; Eb; 4 6 x x x x x, x x 6 8 x x x; 4 6 x x x x x
seven-string; 0 7; E; x 0 2 x x x x, 5 7 x x x x x, x x 7 9 x x x; x 0 2 x x x x
seven-string; 0 7; F; x 1 3 x x x x, 6 8 x x x x x, x x 8 10 x x x; x 1 3 x x x x
seven-string; 0 7; F#; x 2 4 x x x x, 7 9 x x x x x, x x 9 11 x x x; x 2 4 x x x x
seven-string; 0 7; G; x 3 5 x x x x, 8 10 x x x x x; x 3 5 x x x x
seven-string; 0 7; Ab; x 4 6 x x x x, 9 11 x x x x x; x 4 6 x x x x
seven-string; 0 7; A; x x 0 2 x x x, x 5 7 x x x x; x 5 7 x x x x
seven-string; 0 7; Bb; x x 1 3 x x x, x 6 8 x x x x; x 6 8 x x x x
seven-string; 0 7; B; 0 2 x x x x x, x x 2 4 x x x, x 7 9 x x x x; 0 2 x x x x x
seven-string; -5 0; C; x 3 3 x x x x, 8 8 x x x x x; x 3 3 x x x x
seven-string; -5 0; C#; x 4 4 x x x x, 9 9 x x x x x; x 4 4 x x x x
seven-string; -5 0; D; x x 0 0 x x x, x 5 5 x x x x; x 5 5 x x x x
seven-string; -5 0; Eb; x x 1 1 x x x, x 6 6 x x x x; x 6 6 x x x x
seven-string; -5 0; E; 0 0 x x x x x, x x 2 2 x x x, x 7 7 x x x x; 0 0 x x x x x
seven-string; -5 0; F; 1 1 x x x x x, x x 3 3 x x x, x 8 8 x x x x; 1 1 x x x x x
seven-string; -5 0; F#; 2 2 x x x x x, x x 4 4 x x x, x 9 9 x x x x; 2 2 x x x x x
seven-string; -5 0; G; 3 3 x x x x x, x x 5 5 x x x; 3 3 x x x x x
seven-string; -5 0; Ab; 4 4 x x x x x, x x 6 6 x x x; 4 4 x x x x x
seven-string; -5 0; A; x 0 0 x x x x, 5 5 x x x x x, x x 7 7 x x x; x 0 0 x x x x
seven-string; -5 0; Bb; x 1 1 x x x x, 6 6 x x x x x, x x 8 8 x x x; x 1 1 x x x x
seven-string; -5 0; B; x 2 2 x x x x, 7 7 x x x x x, x x 9 9 x x x; x 2 2 x x x x
seven-string; 0 12; C; 1 x 3 x x x x, x x 3 x 5 x x, x 8 x 10 x x x; 1 x 3 x x x x
seven-string; 0 12; C#; 2 x 4 x x x x, x x 4 x 6 x x, x 9 x 11 x x x; 2 x 4 x x x x
seven-string; 0 12; D; x x x 0 x 3 x, 3 x 5 x x x x, x x 5 x 7 x x; 3 x 5 x x x x
seven-string; 0 12; Eb; x x x 1 x 4 x, 4 x 6 x x x x, x x 6 x 8 x x; 4 x 6 x x x x
seven-string; 0 12; E; x 0 x 2 x x x, x x x 2 x 5 x, 5 x 7 x x x x, x x 7 x 9 x x; x 0 x 2 x x x
seven-string; 0 12; F; x 1 x 3 x x x, x x x 3 x 6 x, 6 x 8 x x x x, x x 8 x 10 x x; x 1 x 3 x x x
seven-string; 0 12; F#; x 2 x 4 x x x, x x x 4 x 7 x, 7 x 9 x x x x, x x 9 x 11 x x; x 2 x 4 x x x
seven-string; 0 12; G; x 3 x 5 x x x, x x x 5 x 8 x, 8 x 10 x x x x; x 3 x 5 x x x
seven-string; 0 12; Ab; x 4 x 6 x x x, 9 x 11 x x x x; x 4 x 6 x x x
seven-string; 0 12; A; x x 0 x 2 x x, x 5 x 7 x x x; x 5 x 7 x x x
seven-string; 0 12; Bb; x x 1 x 3 x x, x 6 x 8 x x x; x 6 x 8 x x x
seven-string; 0 12; B; 0 x 2 x x x x, x x 2 x 4 x x, x 7 x 9 x x x; 0 x 2 x x x x
seven-string drop A; 0 7 12; C; 3 3 3 x x x x, x x 3 5 5 x x, x 8 10 10 x x x; 3 3 3 x x x x
seven-string drop A; 0 7 12; C#; 4 4 4 x x x x, x x 4 6 6 x x, x 9 11 11 x x x; 4 4 4 x x x x
seven-string drop A; 0 7 12; D; x x x 0 2 3 x, 5 5 5 x x x x, x x 5 7 7 x x; 5 5 5 x x x x
seven-string drop A; 0 7 12; Eb; 6 6 6 x x x x, x x 6 8 8 x x; 6 6 6 x x x x
seven-string drop A; 0 7 12; E; x 0 2 2 x x x, 7 7 7 x x x x, x x 7 9 9 x x; 7 7 7 x x x x
seven-string drop A; 0 7 12; F; x 1 3 3 x x x, 8 8 8 x x x x, x x 8 10 10 x x; 8 8 8 x x x x
seven-string drop A; 0 7 12; F#; x 2 4 4 x x x, 9 9 9 x x x x, x x 9 11 11 x x; 9 9 9 x x x x
seven-string drop A; 0 7 12; G; x 3 5 5 x x x, 10 10 10 x x x x; 10 10 10 x x x x
seven-string drop A; 0 7 12; Ab; x 4 6 6 x x x, 11 11 11 x x x x; 11 11 11 x x x x
seven-string drop A; 0 7 12; A; 0 0 0 x x x x, x x 0 2 2 x x, x 5 7 7 x x x; 0 0 0 x x x x
seven-string drop A; 0 7 12; Bb; 1 1 1 x x x x, x x 1 3 3 x x, x 6 8 8 x x x; 1 1 1 x x x x
seven-string drop A; 0 7 12; B; 2 2 2 x x x x, x x 2 4 4 x x, x 7 9 9 x x x; 2 2 2 x x x x
seven-string drop A; 0 7; C; 3 3 x x x x x, x x 3 5 x x x, x 8 10 x x x x; 3 3 x x x x x
seven-string drop A; 0 7; C#; 4 4 x x x x x, x x 4 6 x x x, x 9 11 x x x x; 4 4 x x x x x
seven-string drop A; 0 7; D; x x x 0 2 x x, 5 5 x x x x x, x x 5 7 x x x; 5 5 x x x x x
seven-string drop A; 0 7; Eb; 6 6 x x x x x, x x 6 8 x x x; 6 6 x x x x x
seven-string drop A; 0 7; E; x 0 2 x x x x, 7 7 x x x x x, x x 7 9 x x x; 7 7 x x x x x
seven-string drop A; 0 7; F; x 1 3 x x x x, 8 8 x x x x x, x x 8 10 x x x; 8 8 x x x x x
seven-string drop A; 0 7; F#; x 2 4 x x x x, 9 9 x x x x x, x x 9 11 x x x; 9 9 x x x x x
seven-string drop A; 0 7; G; x 3 5 x x x x, 10 10 x x x x x; 10 10 x x x x x
seven-string drop A; 0 7; Ab; x 4 6 x x x x, 11 11 x x x x x; 11 11 x x x x x
seven-string drop A; 0 7; A; 0 0 x x x x x, x x 0 2 x x x, x 5 7 x x x x; 0 0 x x x x x
seven-string drop A; 0 7; Bb; 1 1 x x x x x, x x 1 3 x x x, x 6 8 x x x x; 1 1 x x x x x
seven-string drop A; 0 7; B; 2 2 x x x x x, x x 2 4 x x x, x 7 9 x x x x; 2 2 x x x x x
eight-string; 0 7 12; C; x 1 3 3 x x x x, 6 8 8 x x x x x; x 1 3 3 x x x x
eight-string; 0 7 12; C#; x 2 4 4 x x x x, 7 9 9 x x x x x; x 2 4 4 x x x x
eight-string; 0 7 12; D; x 3 5 5 x x x x, 8 10 10 x x x x x; x 3 5 5 x x x x
eight-string; 0 7 12; Eb; x 4 6 6 x x x x, 9 11 11 x x x x x; x 4 6 6 x x x x
eight-string; 0 7 12; E; x x 0 2 2 x x x, x 5 7 7 x x x x; x 5 7 7 x x x x
eight-string; 0 7 12; F; x x 1 3 3 x x x, x 6 8 8 x x x x; x 6 8 8 x x x x
eight-string; 0 7 12; F#; 0 2 2 x x x x x, x x 2 4 4 x x x, x 7 9 9 x x x x; 0 2 2 x x x x x
eight-string; 0 7 12; G; 1 3 3 x x x x x, x x 3 5 5 x x x, x 8 10 10 x x x x; 1 3 3 x x x x x
eight-string; 0 7 12; Ab; 2 4 4 x x x x x, x x 4 6 6 x x x, x 9 11 11 x x x x; 2 4 4 x x x x x
eight-string; 0 7 12; A; 3 5 5 x x x x x; 3 5 5 x x x x x
eight-string; 0 7 12; Bb; 4 6 6 x x x x x; 4 6 6 x x x x x
eight-string; 0 7 12; B; x 0 2 2 x x x x, 5 7 7 x x x x x; x 0 2 2 x x x x
eight-string; 0 7; C; x 1 3 x x x x x, 6 8 x x x x x x; x 1 3 x x x x x
eight-string; 0 7; C#; x 2 4 x x x x x, 7 9 x x x x x x; x 2 4 x x x x x
eight-string; 0 7; D; x 3 5 x x x x x, 8 10 x x x x x x; x 3 5 x x x x x
eight-string; 0 7; Eb; x 4 6 x x x x x, 9 11 x x x x x x; x 4 6 x x x x x
eight-string; 0 7; E; x x 0 2 x x x x, x 5 7 x x x x x; x 5 7 x x x x x
eight-string; 0 7; F; x x 1 3 x x x x, x 6 8 x x x x x; x 6 8 x x x x x
eight-string; 0 7; F#; 0 2 x x x x x x, x x 2 4 x x x x, x 7 9 x x x x x; 0 2 x x x x x x
eight-string; 0 7; G; 1 3 x x x x x x, x x 3 5 x x x x, x 8 10 x x x x x; 1 3 x x x x x x
eight-string; 0 7; Ab; 2 4 x x x x x x, x x 4 6 x x x x, x 9 11 x x x x x; 2 4 x x x x x x
eight-string; 0 7; A; 3 5 x x x x x x; 3 5 x x x x x x
eight-string; 0 7; Bb; 4 6 x x x x x x; 4 6 x x x x x x
eight-string; 0 7; B; x 0 2 x x x x x, 5 7 x x x x x x; x 0 2 x x x x x
`;
