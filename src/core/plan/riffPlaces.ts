import { type Fretting } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { slurOf, type ChartNote } from "@/core/song";
import { type RiffPlace } from "./request";

/** Limits on notes whose strings Tenon picks. */
interface NoteLimits {
  /** Pressed notes lie between these frets; null for anywhere. */
  readonly frets: readonly [lowest: number, highest: number] | null;
  /** Strings from the thickest, 0; null for any. */
  readonly rootStrings: readonly number[] | null;
  readonly openStrings: "any" | "wanted" | "none";
}

interface NotePlace {
  /** From 0, the thickest. */
  readonly string: number;
  readonly fret: number;
}

/** Points for each fretted note where open strings are wanted; a chord gains as much by an open string. */
const CLOSED_POINTS = 2;
/** Players look for a note low on the neck first (common practice; the weight is a judgement). */
const POINTS_PER_FRET = 0.12;

/** Notes struck together at an index of a route, with every fretting that plays them. */
export function riffPlace(
  index: number,
  notes: readonly ChartNote[],
  neck: Neck,
  limits: NoteLimits,
): RiffPlace {
  return { index, frettings: frettingsOfNotes(notes, neck, limits), slur: slurOf(notes) };
}

/** Every fretting that plays notes struck together, within the limits where Tenon picks their strings. */
export function frettingsOfNotes(
  notes: readonly ChartNote[],
  { midi, frets }: Neck,
  limits: NoteLimits,
): readonly { readonly fretting: Fretting; readonly points: number }[] {
  const placesOf = (note: ChartNote): readonly NotePlace[] => {
    if (note.string !== null) {
      const string = midi.length - note.string;
      const fret = note.fret ?? 0;
      return string < 0 || fret > frets ? [] : [{ string, fret }];
    }
    return midi.flatMap((open, string) => {
      const place = { string, fret: (note.midi ?? 0) - open };
      return place.fret >= 0 && place.fret <= frets && isWithin(place, limits) ? [place] : [];
    });
  };
  let chosen: readonly (readonly NotePlace[])[] = [[]];
  for (const note of notes) {
    const places = placesOf(note);
    chosen = chosen.flatMap((before) =>
      places
        .filter(({ string }) => !before.some((each) => each.string === string))
        .map((place) => [...before, place]),
    );
  }
  const isPicked = notes.some(({ string }) => string === null);
  return chosen.map((places) => {
    const fretted = places.filter(({ fret }) => fret > 0).length;
    const frettedPoints = POINTS_PER_FRET * places.reduce((sum, { fret }) => sum + fret, 0);
    const ringingPoints = limits.openStrings === "wanted" ? CLOSED_POINTS * fretted : 0;
    return {
      fretting: midi.map((_, at) => places.find(({ string }) => string === at)?.fret ?? null),
      points: isPicked ? frettedPoints + ringingPoints : 0,
    };
  });
}

function isWithin(
  { string, fret }: NotePlace,
  { frets, rootStrings, openStrings }: NoteLimits,
): boolean {
  if (fret === 0 && openStrings === "none") return false;
  if (fret > 0 && frets && (fret < frets[0] || fret > frets[1])) return false;
  return rootStrings === null || rootStrings.includes(string);
}
