import {
  degreeName,
  noteText,
  octaveOf,
  spellDegree,
  spellPitchClass,
  type Midi,
  type Note,
} from "@/core/pitch";
import { toneName } from "@/core/stack";
import { type MarkLabel } from "@/state";

/** A place on the neck, as far as a mark can say something of it. */
export interface MarkedPlace {
  readonly root: Note;
  readonly midi: Midi;
  readonly fret: number;
  /** Semitones over the root, as far as is known: over the lowest root in a grip, 0 to 11 on a map. */
  readonly tone: number;
  /** The finger that presses it, where one does. */
  readonly finger?: number | string | undefined;
}

/** What a mark says; without a finger, its degree. In a grip octaves of the root are told apart. */
export function markText(labels: MarkLabel, place: MarkedPlace): string {
  const { root, midi, fret, tone, finger } = place;
  switch (labels) {
    case "note":
      return noteText(spellDegree(root, tone));
    case "fret":
      return String(fret);
    case "octave":
      return String(octaveOf(spellPitchClass(midi), midi));
    case "finger":
      return finger ? String(finger) : toneName(tone);
    case "degree":
      return toneName(tone);
  }
}

/** The same on a map, where a tone is only known as a degree. */
export function mapMarkText(labels: MarkLabel, place: MarkedPlace): string {
  return labels === "finger" ? degreeName(place.tone) : markText(labels, place);
}
