import { pitchText, type Midi } from "@/core/pitch";
import { readNoteWord } from "../text";

const OCTAVE = 12;
const MAX_FRET = 36;

/** One string of a slot as it is written: "6:3h5", "@E2". */
interface NotePart {
  readonly string: number | null;
  /** The frets on it, one after the other; empty where it is dead. */
  readonly frets: readonly number[];
  readonly midi: Midi | null;
  /** As typed. */
  readonly text: string;
}

/**
 * Moves the slots of one riff by half steps, or by the nearest octave of that in which most of them lie on the neck. Notes
 * stay on their strings where they can, and go to a thicker one where they would fall below the nut. A slot that fits
 * nowhere, or has a mistake, stays as typed.
 */
export function moveRiff(
  words: readonly string[],
  semitones: number,
  open: readonly Midi[],
): readonly string[] {
  const shifts = semitones === 0 ? [0] : [semitones, semitones + OCTAVE, semitones - OCTAVE];
  const moves = shifts.map((by) => words.map((word) => moveSlot(word, by, open)));
  const placed = moves.map((each) => each.filter((word) => word !== null).length);
  const best = moves[placed.indexOf(Math.max(...placed))] ?? [];
  return words.map((word, at) => best[at] ?? word);
}

/** Returns null if one of its notes would lie off the neck. */
function moveSlot(word: string, by: number, open: readonly Midi[]): string | null {
  const { strings, problem } = readNoteWord(word);
  if (problem !== null || by === 0) return word;
  const texts = word.split("+");
  const moved = strings.map((steps, at) => {
    const [first] = steps;
    const part: NotePart = {
      string: first?.string ?? null,
      frets: first?.mark === "x" ? [] : steps.flatMap(({ fret }) => fret ?? []),
      midi: first?.midi ?? null,
      text: texts[at] ?? "",
    };
    return movePart(part, by, open);
  });
  return moved.every(isOnNeck) && hasOwnStrings(moved) ? moved.map(textOf).join("+") : null;
}

function movePart(part: NotePart, by: number, open: readonly Midi[]): NotePart {
  const { string, frets, midi } = part;
  if (midi !== null) return { ...part, midi: midi + by };
  const moved = frets.map((fret) => fret + by);
  if (string === null || Math.min(...moved) >= 0) return { ...part, frets: moved };
  for (let thicker = string + 1; thicker <= open.length; thicker++) {
    const gap = (open[open.length - string] ?? 0) - (open[open.length - thicker] ?? 0);
    if (Math.min(...moved) + gap >= 0) {
      return { ...part, string: thicker, frets: moved.map((fret) => fret + gap) };
    }
  }
  return { ...part, frets: moved };
}

function isOnNeck({ frets }: NotePart): boolean {
  return frets.every((fret) => fret >= 0 && fret <= MAX_FRET);
}

function hasOwnStrings(parts: readonly NotePart[]): boolean {
  const strings = parts.flatMap(({ string }) => string ?? []);
  return new Set(strings).size === strings.length;
}

function textOf({ string, frets, midi, text }: NotePart): string {
  if (midi !== null) {
    const mark = text.replace(/^@[A-Za-z][#b]*-?\d+/, "");
    return `@${pitchText(midi)}${mark}`;
  }
  let at = 0;
  const after = text.slice(text.indexOf(":") + 1);
  return `${string}:${after.replace(/\d+/g, (fret) => String(frets[at++] ?? fret))}`;
}
