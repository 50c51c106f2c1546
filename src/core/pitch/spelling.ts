import {
  LETTERS,
  noteText,
  octaveOf,
  parseNote,
  pitchClass,
  pitchClassOf,
  type Midi,
  type Note,
  type PitchClass,
} from "./note";

/** How a player wants the five black keys spelled. */
export const ACCIDENTALS = ["mixed", "sharps", "flats"] as const;
export type Accidentals = (typeof ACCIDENTALS)[number];

/**
 * "mixed" is what charts mostly write for a root (common practice): C# and F# sharp, the rest flat.
 */
const SPELLINGS: Readonly<Record<Accidentals, readonly Note[]>> = {
  mixed: notes("C C# D Eb E F F# G Ab A Bb B"),
  sharps: notes("C C# D D# E F F# G G# A A# B"),
  flats: notes("C Db D Eb E F Gb G Ab A Bb B"),
};

/** Letters above the root for each interval class: a flat third is still a third, and so on. */
const DEGREE_LETTERS = [0, 1, 1, 2, 2, 3, 4, 4, 5, 5, 6, 6];

/** The twelve pitch classes above a root, as players write their degrees. */
const DEGREE_NAMES = ["R", "b2", "2", "b3", "3", "4", "b5", "5", "b6", "6", "b7", "7"];

/**
 * @example noteText(spellPitchClass(1)) // "C#"
 */
export function spellPitchClass(pc: PitchClass, accidentals: Accidentals = "mixed"): Note {
  const note = SPELLINGS[accidentals][pitchClass(pc)];
  if (!note) throw new RangeError(`${pc} is not a pitch class; use a whole number`);
  return note;
}

/** From C by fifths: the plain letters, and each black key as a sharp or as a flat. */
const FIFTHS_FROM_C: Readonly<Record<"sharps" | "flats", readonly number[]>> = {
  sharps: [0, 7, 2, 9, 4, -1, 6, 1, 8, 3, 10, 5],
  flats: [0, -5, 2, -3, 4, -1, -6, 1, -4, 3, -2, 5],
};

/**
 * Which signs suit notes that are read together, as the strings of a tuning are: of one kind, and those that
 * lie closer on the line of fifths; where both lie as close, those of the lowest note's usual name, or else flats.
 *
 * @example signsFor([40, 47, 52, 56, 59, 64]) // "sharps": E B E G# B E
 */
function signsFor(pitches: readonly Midi[]): Accidentals {
  const spread = (signs: "sharps" | "flats") => {
    const places = pitches.map((midi) => FIFTHS_FROM_C[signs][pitchClass(midi)] ?? 0);
    return Math.max(...places) - Math.min(...places);
  };
  const [sharps, flats] = [spread("sharps"), spread("flats")];
  if (sharps !== flats) return sharps < flats ? "sharps" : "flats";
  const lowest = spellPitchClass(pitches[0] ?? 0);
  return lowest.accidental > 0 ? "sharps" : "flats";
}

/** The strings of a tuning as a player writes them; a player who wants one kind of sign gets it. */
export function pitchTexts(
  pitches: readonly Midi[],
  accidentals: Accidentals = "mixed",
): readonly string[] {
  const signs = signsAmong(pitches, accidentals);
  return pitches.map((midi) => pitchText(midi, signs));
}

/** The same without octaves. */
export function noteTexts(
  pitches: readonly Midi[],
  accidentals: Accidentals = "mixed",
): readonly string[] {
  const signs = signsAmong(pitches, accidentals);
  return pitches.map((midi) => noteText(spellPitchClass(midi, signs)));
}

function signsAmong(pitches: readonly Midi[], accidentals: Accidentals): Accidentals {
  return accidentals === "mixed" ? signsFor(pitches) : accidentals;
}

/**
 * The note some semitones above (or below) a spelled root, keeping the degree's letter:
 * the fifth of F# is C#, the fifth of Bb is F, the third of A is C#. Where the letter would need two signs, the plain
 * name: the flat third of Gb is A.
 */
export function spellDegree(root: Note, semitones: number): Note {
  return spellOnLetter(root, semitones, DEGREE_LETTERS[pitchClass(semitones)] ?? 0);
}

/**
 * The same for a tone of a chord, whose other degrees tell a sharp fifth from a flat sixth, a sharp fourth from a flat
 * fifth and a sharp ninth from a flat third. `degrees` are those of the chord, 0 to 11.
 *
 * @example spellTone({ letter: "C", accidental: 0 }, 8, [0, 4, 8]) // G#
 */
export function spellTone(root: Note, semitones: number, degrees: readonly number[]): Note {
  const degree = pitchClass(semitones);
  const has = (other: number) => degrees.includes(other);
  const isSharp =
    (degree === SHARP_FIFTH && has(MAJOR_THIRD) && !has(FIFTH)) ||
    (degree === SHARP_FOURTH && has(FIFTH)) ||
    (degree === SHARP_NINTH && has(MAJOR_THIRD));
  const letters = (DEGREE_LETTERS[degree] ?? 0) - (isSharp ? 1 : 0);
  return spellOnLetter(root, semitones, letters);
}

const [SHARP_NINTH, MAJOR_THIRD, SHARP_FOURTH, FIFTH, SHARP_FIFTH] = [3, 4, 6, 7, 8] as const;

function spellOnLetter(root: Note, semitones: number, lettersUp: number): Note {
  const degree = pitchClass(semitones);
  const index = LETTERS.indexOf(root.letter) + lettersUp;
  const letter = LETTERS[index % LETTERS.length] ?? root.letter;
  const wanted = pitchClass(pitchClassOf(root) + degree);
  const plain = pitchClassOf({ letter, accidental: 0 });
  // The shortest way round from the plain letter to the wanted pitch class: -6 to 5.
  const accidental = pitchClass(wanted - plain + 6) - 6;
  return Math.abs(accidental) > 1 ? spellPitchClass(wanted) : { letter, accidental };
}

/**
 * A degree's name from its distance to the root: 0 "R", 7 or -5 "5", 3 "b3", 14 "2".
 *
 * @example degreeName(7) // "5"
 */
export function degreeName(semitones: number): string {
  return DEGREE_NAMES[pitchClass(semitones)] ?? "R";
}

/**
 * A pitch with its scientific octave: 40 is "E2".
 *
 * @example pitchText(40) // "E2"
 */
export function pitchText(midi: Midi, accidentals: Accidentals = "mixed"): string {
  const note = spellPitchClass(midi, accidentals);
  return `${noteText(note)}${octaveOf(note, midi)}`;
}

/** The same for the pitches of a chord on `root`, each spelled as its degree. */
export function pitchTextsOver(root: Note, pitches: readonly Midi[]): readonly string[] {
  const degrees = pitches.map((midi) => pitchClass(midi - pitchClassOf(root)));
  return pitches.map((midi, index) => {
    const note = spellTone(root, degrees[index] ?? 0, degrees);
    return `${noteText(note)}${octaveOf(note, midi)}`;
  });
}

function notes(texts: string): readonly Note[] {
  return texts.split(" ").flatMap((text) => {
    const note = parseNote(text);
    return note.ok ? [note.value] : [];
  });
}
