import { findPitchFrettings, type Fretting, type ReachLimit } from "@/core/fretting";
import { findPositions, type Neck, type Position } from "@/core/neck";
import { SEMITONES_PER_OCTAVE, type Midi } from "@/core/pitch";

/** Where the pitches of a shape went on another neck. */
export interface Translation {
  /** Every way to sound exactly the same; empty where a pitch is lost or two want the same string. */
  readonly frettings: readonly Fretting[];
  /** The pitches that no string of the neck has, lowest first. */
  readonly lost: readonly Midi[];
  /** Each pitch once, lowest first, with all its places. */
  readonly places: readonly PitchPlaces[];
}

export interface PitchPlaces {
  readonly midi: Midi;
  readonly positions: readonly Position[];
  /** For a lost pitch: the nearest octave that the neck has; null where it has none, or nothing is lost. */
  readonly octave: Midi | null;
}

/** Finds pitches on a neck. No limit of reach holds unless one is given. */
export function translatePitches(
  neck: Neck,
  pitches: readonly Midi[],
  limit: ReachLimit = {},
): Translation {
  const once = [...new Set(pitches)].sort((a, b) => a - b);
  const places = once.map((midi): PitchPlaces => {
    const positions = placesOf(neck, midi);
    return { midi, positions, octave: positions.length > 0 ? null : nearestOctave(neck, midi) };
  });
  const lost = places.filter(({ positions }) => positions.length === 0).map(({ midi }) => midi);
  const frettings = lost.length > 0 ? [] : findPitchFrettings(neck, pitches, limit);
  return { frettings, lost, places };
}

function placesOf(neck: Neck, midi: Midi): readonly Position[] {
  return findPositions(neck, [midi]).filter(
    ({ string, fret }) => (neck.midi[string] ?? 0) + fret === midi,
  );
}

/** Octaves further than these are on no guitar. */
const MAX_OCTAVES = 6;

function nearestOctave(neck: Neck, midi: Midi): Midi | null {
  for (let octaves = 1; octaves <= MAX_OCTAVES; octaves++) {
    for (const shifted of [octaves, -octaves].map((step) => midi + step * SEMITONES_PER_OCTAVE)) {
      if (placesOf(neck, shifted).length > 0) return shifted;
    }
  }
  return null;
}
