import {
  noteText,
  pitchClass,
  pitchClassOf,
  spellDegree,
  spellPitchClass,
  type Accidentals,
  type Midi,
  type Note,
  type PitchClass,
} from "@/core/pitch";

/** Chord names by the pitch classes over the root, in the order in which a reading is preferred. */
const QUALITIES: readonly (readonly [semitones: readonly number[], suffix: string])[] = [
  [[0, 7], "5"],
  [[0], " octave"],
  [[0, 4, 7], ""],
  [[0, 3, 7], "m"],
  [[0, 5, 7], "sus4"],
  [[0, 2, 7], "sus2"],
  [[0, 4], "(no5)"],
  [[0, 3], "m(no5)"],
  [[0, 3, 6], "dim"],
  [[0, 4, 8], "aug"],
  [[0, 4, 7, 11], "maj7"],
  [[0, 4, 7, 10], "7"],
  [[0, 3, 7, 10], "m7"],
  [[0, 4, 7, 9], "6"],
  [[0, 3, 7, 9], "m6"],
  [[0, 3, 7, 11], "m(maj7)"],
  [[0, 3, 6, 9], "dim7"],
  [[0, 3, 6, 10], "m7(b5)"],
  [[0, 5, 7, 10], "7sus4"],
  [[0, 2, 4, 7], "(add9)"],
  [[0, 2, 3, 7], "m(add9)"],
  [[0, 2, 4, 7, 10], "9"],
  [[0, 2, 3, 7, 10], "m9"],
  [[0, 2, 4, 7, 11], "maj9"],
  [[0, 4, 10], "7(no5)"],
  [[0, 3, 10], "m7(no5)"],
  [[0, 7, 10], "7(no3)"],
];

/**
 * Names that make sense over their own root only: over another bass one would sooner call that one the
 * root, or nothing, as with the open strings of standard tuning.
 */
const ROOTED_QUALITIES: typeof QUALITIES = [
  [[0, 2, 5, 7], "sus2sus4"],
  [[0, 4, 5, 7], "(add4)"],
  [[0, 3, 5, 7], "m(add4)"],
  [[0, 2, 7, 10], "7sus2"],
  [[0, 2, 5, 7, 10], "9sus4"],
  [[0, 2, 7, 11], "maj7sus2"],
  [[0, 5, 7, 11], "maj7sus4"],
  [[0, 2, 4, 7, 9], "6/9"],
  [[0, 4, 11], "maj7(no5)"],
  [[0, 7, 11], "maj7(no3)"],
];

/** Two notes that are no chord by themselves are called by their interval. */
const INTERVALS: Readonly<Record<number, string>> = { 6: "tritone", 8: "minor sixth" };

const ALL_QUALITIES: typeof QUALITIES = [...QUALITIES, ...ROOTED_QUALITIES];

interface ChordName {
  readonly name: string;
  readonly root: Note;
  /** What the name is of: a chord, an interval of two notes, or only the notes one by one. */
  readonly kind: "chord" | "interval" | "notes";
}

/**
 * Names what sounds: "D5", "D5/A" (fifth in the bass), "D octave", "Dm". Given a root, only names
 * on that root are tried; else the lowest pitch's comes first. Anything without a name is
 * given by its interval or its notes. `sounding` must not be empty.
 *
 * @example nameChord([38, 45, 50]).name // "D5"
 */
export function nameChord(sounding: readonly Midi[], root?: Note): ChordName {
  const named = findChord(sounding, root);
  if (named) return named;
  const { bass, classes } = heard(sounding);
  const first = root ?? spellPitchClass(bass);
  const over = classes.map((pc) => pitchClass(pc - pitchClassOf(first)));
  const interval = INTERVALS[over.find((degree) => degree > 0) ?? 0];
  if (interval && over.length === 2 && over.includes(0)) {
    return { name: `${noteText(first)} ${interval}`, root: first, kind: "interval" };
  }
  const notes = classes.map((pc) => noteText(spellDegree(first, pc - pitchClassOf(first))));
  return { name: notes.join(" "), root: first, kind: "notes" };
}

/** The same, or null for what has no name, such as the open strings of standard tuning. */
export function findChord(
  sounding: readonly Midi[],
  root?: Note,
  accidentals?: Accidentals,
): ChordName | null {
  const { bass, classes } = heard(sounding);
  const roots = root ? [root] : classes.map((pc) => spellPitchClass(pc, accidentals));
  for (const candidate of roots) {
    const onBass = pitchClassOf(candidate) === bass;
    const qualities = onBass || root ? ALL_QUALITIES : QUALITIES;
    const suffix = findSuffix(candidate, classes, sounding.length, qualities);
    if (suffix === null) continue;
    const slash = onBass
      ? ""
      : `/${noteText(spellDegree(candidate, bass - pitchClassOf(candidate)))}`;
    return { name: noteText(candidate) + suffix + slash, root: candidate, kind: "chord" };
  }
  return null;
}

function heard(sounding: readonly Midi[]): { bass: PitchClass; classes: readonly PitchClass[] } {
  const pitches = [...sounding].sort((a, b) => a - b);
  return { bass: pitchClass(pitches[0] ?? 0), classes: [...new Set(pitches.map(pitchClass))] };
}

function findSuffix(
  root: Note,
  classes: readonly PitchClass[],
  notes: number,
  qualities: typeof QUALITIES,
): string | null {
  const degrees = classes.map((pc) => pitchClass(pc - pitchClassOf(root))).sort((a, b) => a - b);
  if (degrees.length === 1 && degrees[0] === 0) return notes > 1 ? " octave" : "";
  const quality = qualities.find(
    ([semitones]) =>
      semitones.length === degrees.length && semitones.every((tone, i) => tone === degrees[i]),
  );
  return quality?.[1] ?? null;
}
