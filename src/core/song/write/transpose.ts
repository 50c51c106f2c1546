import {
  LETTERS,
  noteText,
  parseNote,
  pitchClass,
  pitchClassOf,
  spellPitchClass,
  type Accidentals,
  type Letter,
  type Midi,
  type Note,
} from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import { type Chart, type ChartProblem, type Key, readKey, type TextPlace } from "../chart";
import { readChart } from "../read";
import { isNoteWord } from "../text";
import { moveRiff } from "./moveNotes";

/** How far a chart moves: by half steps, or to a key the nearest way. */
export type Transposition = { readonly semitones: number } | { readonly toKey: string };

const [SEMITONES, HALF] = [12, 6];
const MINOR_THIRD = 3;
/** Standard tuning, thickest string first. */
const STANDARD_MIDI = [40, 45, 50, 55, 59, 64];
/** Keys, by the pitch class of their major tonic, whose signatures have flats. */
const FLAT_KEYS = new Set([5, 10, 3, 8, 1]);
const ROOT = /^([<]?)([A-Ga-g](?:##|bb|[#b♯♭])?)(.*)$/s;

/**
 * A chart in another key. Chords and key move, everything else stays letter for letter. With a capo the shapes are written so
 * many half steps lower, so that the song sounds as asked. Notes of riffs move along their strings; one that would fall
 * below the nut moves to a thicker string, in the chart's tuning or else in `openMidi`, or up an octave.
 *
 * @example transposeChart("| Em | C |", { semitones: 3 }, 0) // "| Gm | Eb |"
 */
export function transposeChart(
  text: string,
  move: Transposition,
  capo: number,
  openMidi: readonly Midi[] = STANDARD_MIDI,
): Result<{ readonly text: string; readonly problems: readonly ChartProblem[] }> {
  const chart = readChart(text);
  const from = chart.key === null ? null : readKey(chart.key);
  const distance = distanceOf(move, from);
  if (!distance.ok) return distance;
  const semitones = distance.value - capo;
  const moveNote = noteMover(from, semitones);
  const notes = movedNotes(text, chart, semitones, openMidi);
  const moved = (place: TextPlace) => {
    const word = text.slice(place.offset, place.offset + place.length);
    const isNote = isNoteWord(word);
    if (isNote || semitones % SEMITONES === 0) return notes.get(place.offset) ?? word;
    return moveName(word, moveNote);
  };
  return success({ text: rewrite(text, placesOf(chart), moved), problems: chart.problems });
}

/** By its offset: each slot of notes as it is written after the move. The riffs of a section move together. */
function movedNotes(
  text: string,
  { sections, tuningMidi }: Chart,
  semitones: number,
  openMidi: readonly Midi[],
): ReadonlyMap<number, string> {
  return new Map(
    sections.flatMap(({ bars, tuningMidi: own }) => {
      const places = new Map(
        bars.flatMap(({ notes }) =>
          notes.map(({ place }) => [place.offset, place.length] as const),
        ),
      );
      const words = [...places].map(([offset, length]) => text.slice(offset, offset + length));
      const moved = moveRiff(words, semitones, own ?? tuningMidi ?? openMidi);
      return [...places.keys()].map((offset, at) => [offset, moved[at] ?? ""] as const);
    }),
  );
}

function distanceOf(move: Transposition, from: Key | null): Result<number> {
  if ("semitones" in move) return success(move.semitones);
  const to = readKey(move.toKey);
  if (!to) return failure("toKey", `'${move.toKey}': write a key like Em, G or F#m`);
  if (!from) {
    return failure("toKey", "the chart does not say its key; write one into it, like Key: Em");
  }
  const up = pitchClass(majorOf(to) - majorOf(from));
  return success(up > HALF ? up - SEMITONES : up);
}

/** The pitch class of the major key with the same signature. */
function majorOf({ tonic, isMinor }: Key): number {
  return pitchClass(pitchClassOf(tonic) + (isMinor ? MINOR_THIRD : 0));
}

/**
 * Moves notes and spells them. In a key, a note keeps its letter distance from the tonic, so that a flat third stays one:
 * F in D becomes Eb in C. Without a key, it uses the common spellings.
 */
function noteMover(from: Key | null, semitones: number): (note: Note) => Note {
  const plain = (note: Note, accidentals: Accidentals) =>
    spellPitchClass(pitchClassOf(note) + semitones, accidentals);
  if (!from) return (note) => plain(note, "mixed");
  const isFlat = FLAT_KEYS.has(pitchClass(majorOf(from) + semitones));
  const accidentals = isFlat ? "flats" : "sharps";
  const tonic = plain(from.tonic, accidentals);
  const steps = letterIndex(tonic) - letterIndex(from.tonic);
  return (note) => {
    const letter = LETTERS[(letterIndex(note) + steps + LETTERS.length) % LETTERS.length];
    const wanted = pitchClassOf(note) + semitones;
    const spelled = letter && spelledOn(letter, wanted);
    return spelled && !isUnusual(spelled) ? spelled : plain(note, accidentals);
  };
}

function letterIndex({ letter }: Note): number {
  return LETTERS.indexOf(letter);
}

/** Spells a pitch class on a given letter with the fewest signs. */
function spelledOn(letter: Letter, wanted: number): Note {
  const above = pitchClass(wanted - pitchClassOf({ letter, accidental: 0 }));
  return { letter, accidental: above > HALF ? above - SEMITONES : above };
}

/** True for roots that charts avoid (common practice): double signs, and spellings like E# for a plain F. */
function isUnusual(note: Note): boolean {
  const isOnWhiteKey = LETTERS.some(
    (letter) => pitchClassOf({ letter, accidental: 0 }) === pitchClassOf(note),
  );
  return Math.abs(note.accidental) > 1 || (note.accidental !== 0 && isOnWhiteKey);
}

/** In the order of the text, each once. */
function placesOf({ chordPlaces, notePlaces, keyPlaces }: Chart): readonly TextPlace[] {
  return [...chordPlaces, ...notePlaces, ...keyPlaces].toSorted((a, b) => a.offset - b.offset);
}

function rewrite(
  text: string,
  places: readonly TextPlace[],
  moved: (place: TextPlace) => string,
): string {
  let rest = 0;
  const parts: string[] = [];
  for (const place of places) {
    parts.push(text.slice(rest, place.offset), moved(place));
    rest = place.offset + place.length;
  }
  return [...parts, text.slice(rest)].join("");
}

/** The root of a chord or key, and its bass, moved; the kind stays as typed, and so does what names no chord. */
function moveName(name: string, moveNote: (note: Note) => Note): string {
  const [, early = "", root = "", kind = ""] = ROOT.exec(name) ?? [];
  const note = parseNote(root);
  if (!note.ok) return name;
  const slash = kind.lastIndexOf("/");
  const [, bassText = "", end = ""] = /^([^!~]*)(.*)$/s.exec(kind.slice(slash + 1)) ?? [];
  const bass = slash >= 0 ? parseNote(bassText) : null;
  const tail = bass?.ok ? `${kind.slice(0, slash)}/${noteText(moveNote(bass.value))}${end}` : kind;
  const moved = noteText(moveNote(note.value));
  const isSmall = root.slice(0, 1) === root.slice(0, 1).toLowerCase();
  return `${early}${isSmall ? moved.slice(0, 1).toLowerCase() + moved.slice(1) : moved}${tail}`;
}
