import { type Chord } from "@/core/chart";
import { requestOf } from "@/core/chordGrips";
import { fingertipMm, type Neck } from "@/core/neck";
import { pitchClass, pitchClassOf, type Midi, type PitchClass } from "@/core/pitch";
import { rootsOf } from "@/core/voicing";

/** One way to sound a string for a chord. */
export interface NoteOption {
  readonly fret: number;
  readonly midi: Midi;
  /** The bit of the chord's tone that it sounds. */
  readonly tone: number;
  /** Where the fingertip would press, in mm along the neck. */
  readonly tipMm: number;
}

/** All ways to sound each string for a chord, in some tunings (of a voicing: with its root in one octave). */
export interface NoteOptions {
  /** By string and pitch that it may be tuned to, from the nut up. */
  readonly perString: readonly (readonly (readonly NoteOption[])[])[];
  /** By string: the lowest pitch that it or a thinner one can add. */
  readonly lowestFrom: readonly Midi[];
  /** The same among the notes that the chord asks for in the bass. */
  readonly lowestBassFrom: readonly Midi[];
  /** Whether a pitch may be the lowest; a voicing's lowest tone always may. */
  readonly isBass: (midi: Midi) => boolean;
  /** By string: how many strings, from it to the thinnest, can ring open. */
  readonly openFrom: readonly number[];
  /** By string: the highest of the lowest frets of the strings, from it to the thinnest, that cannot. */
  readonly highestFrom: readonly number[];
  /** The bits of the tones that must sound. */
  readonly required: number;
  /** The bits of the tones that are neither root nor fifth; none in a voicing. */
  readonly others: number;
  readonly minNotes: number;
  /** A voicing sounds each of its tones once. */
  readonly eachOnce: boolean;
}

/** By string: whether it sounds; the others are silent. */
export type Playing = readonly boolean[];

type StringOptions = readonly NoteOption[];

/** In free mode a tone's bit is its degree over the root. */
const ALL_DEGREES = (1 << 12) - 1;
const ROOT_AND_FIFTH = (1 << 0) | (1 << 7);

const NO_OPTIONS: StringOptions = [];

/**
 * A function that lists the options of a chord in tunings of a neck, given by string, perhaps on certain strings
 * only. What one string offers depends on its own pitch, and is worked out once for all tunings that agree on it.
 */
export function makeOptions(
  neck: Neck,
): (
  pitches: readonly (readonly Midi[])[],
  chord: Chord,
  playing: Playing | null,
) => readonly NoteOptions[] {
  const known = new WeakMap<Chord, Map<number, StringOptions>>();

  const once = (chord: Chord, key: number, make: () => StringOptions): StringOptions => {
    const ofChord = known.get(chord) ?? new Map<number, StringOptions>();
    known.set(chord, ofChord);
    const found = ofChord.get(key) ?? make();
    ofChord.set(key, found);
    return found;
  };

  const optionAt = (string: number, open: Midi, fret: number, tone: number): NoteOption => ({
    fret,
    midi: open + fret,
    tone: 1 << tone,
    tipMm: fingertipMm(neck, string, fret),
  });

  return (pitches, chord, playing) => {
    const { root, tones } = chord;
    const isSilent = (string: number) => playing !== null && playing[string] !== true;
    const rootClass = pitchClassOf(root);
    const eachString = (rootMidi: number, make: (string: number, open: Midi) => StringOptions) =>
      pitches.map((opens, string) =>
        opens.map((open) =>
          isSilent(string)
            ? NO_OPTIONS
            : once(chord, keyOf(string, open, rootMidi), () => make(string, open)),
        ),
      );
    if (tones.kind === "free") {
      const perString = eachString(0, (string, open) =>
        Array.from({ length: neck.frets + 1 }, (_, fret) => fret).flatMap((fret) => {
          const degree = pitchClass(open + fret - rootClass);
          return tones.allowed.includes(degree) ? [optionAt(string, open, fret, degree)] : [];
        }),
      );
      const minNotes = Math.min(tones.minNotes, pitches.length);
      return [
        optionsOf(perString, bitsFor(tones.required), minNotes, false, requestOf(chord).bass),
      ];
    }
    const { voicing } = tones;
    const all = bitsFor(voicing.map((_, tone) => tone));
    const sounding = pitches.filter((_, string) => !isSilent(string)).flat();
    return rootsOf(rootClass, voicing, { midi: sounding, frets: neck.frets }).map((rootMidi) => {
      const perString = eachString(rootMidi, (string, open) =>
        voicing
          .flatMap((semitones, tone) => {
            const fret = rootMidi + semitones - open;
            return fret >= 0 && fret <= neck.frets ? [optionAt(string, open, fret, tone)] : [];
          })
          .sort((a, b) => a.fret - b.fret),
      );
      return optionsOf(perString, all, voicing.length, true, null);
    });
  };
}

function optionsOf(
  perString: readonly (readonly StringOptions[])[],
  required: number,
  minNotes: number,
  eachOnce: boolean,
  /** The pitch class that should be the lowest note; null where a voicing has settled it. */
  bass: PitchClass | null,
): NoteOptions {
  const strings = perString.length;
  const lowestFrom = new Array<Midi>(strings + 1).fill(Infinity);
  const lowestBassFrom = new Array<Midi>(strings + 1).fill(Infinity);
  const openFrom = new Array<number>(strings + 1).fill(0);
  const highestFrom = new Array<number>(strings + 1).fill(0);
  for (let string = strings - 1; string >= 0; string--) {
    let lowest = lowestFrom[string + 1] ?? Infinity;
    let lowestBass = lowestBassFrom[string + 1] ?? Infinity;
    let open = 0;
    let lowestFret = Infinity;
    for (const { midi, fret } of (perString[string] ?? []).flat()) {
      if (fret < lowestFret) lowestFret = fret;
      if (midi < lowest) lowest = midi;
      if (midi < lowestBass && pitchClass(midi) === bass) lowestBass = midi;
      if (fret === 0) open = 1;
    }
    lowestFrom[string] = lowest;
    lowestBassFrom[string] = lowestBass;
    openFrom[string] = (openFrom[string + 1] ?? 0) + open;
    highestFrom[string] = Math.max(
      highestFrom[string + 1] ?? 0,
      lowestFret === Infinity ? 0 : lowestFret,
    );
  }
  const isBass = (midi: Midi) => bass === null || pitchClass(midi) === bass;
  return {
    perString,
    lowestFrom,
    lowestBassFrom,
    isBass,
    openFrom,
    highestFrom,
    required,
    others: eachOnce ? 0 : ALL_DEGREES & ~ROOT_AND_FIFTH,
    minNotes,
    eachOnce,
  };
}

/** No pitch, fret or octave comes near 1000. */
function keyOf(string: number, open: Midi, rootMidi: Midi): number {
  return (string * 1000 + open) * 1000 + rootMidi + 100;
}

function bitsFor(tones: readonly number[]): number {
  return tones.reduce((bits, tone) => bits | (1 << tone), 0);
}
