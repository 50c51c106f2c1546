import {
  noteText,
  octaveOf,
  spellDegree,
  spellPitchClass,
  spellTone,
  type Midi,
  type Note,
} from "@/core/pitch";
import { toneName } from "@/core/voicing";
import { type MarkLabel } from "@/state";

/** A place on the neck, as far as a mark can say something of it. */
interface MarkedPlace {
  readonly root: Note;
  readonly midi: Midi;
  readonly fret: number;
  /** Semitones over the root, as far as is known: over the lowest root in a grip, 0 to 11 on a map. */
  readonly tone: number;
  /** The degrees that sound in its grip, 0 to 11; left out on a map. */
  readonly degrees?: readonly number[] | undefined;
  /** The finger that presses it, where one does. */
  readonly finger?: number | string | undefined;
}

/**
 * What a mark says. In a grip octaves of the root are told apart. Fingers and degrees never stand in one picture: among
 * fingers an open string says 0, as charts write it.
 */
export function markText(labels: MarkLabel, place: MarkedPlace): string {
  const { root, midi, fret, tone, finger, degrees } = place;
  switch (labels) {
    case "note":
      return noteText(degrees ? spellTone(root, tone, degrees) : spellDegree(root, tone));
    case "fret":
      return String(fret);
    case "octave":
      return String(octaveOf(spellPitchClass(midi), midi));
    case "finger":
      return finger ? String(finger) : fret === 0 ? "0" : "";
    case "degree":
      return toneName(tone);
  }
}

/** The same on a map, where no finger presses and a tone is only known as a degree. */
export function mapMarkText(labels: MarkLabel, place: MarkedPlace): string {
  return labels === "finger" ? "" : markText(labels, place);
}
