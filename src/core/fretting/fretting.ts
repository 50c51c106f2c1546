import { fingertipMm, type Neck } from "@/core/neck";
import { pitchClass, type Midi, type PitchClass } from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";

/** Per string, thickest first: the fret (0 open, counted from the capo), or null if not played. */
export type Fretting = readonly (number | null)[];

/** The limits of a search. Open strings never count. Where both are given, both apply. */
export interface ReachLimit {
  /** Highest minus lowest fretted fret, at most. */
  readonly maxSpanFrets?: number | undefined;
  /** Distance along the neck between the outermost fingertips in mm, at most. */
  readonly reachMm?: number | undefined;
}

/** Sounding pitches, thickest string first. */
export function soundingMidi(neck: Neck, fretting: Fretting): readonly Midi[] {
  return fretting.flatMap((fret, string) =>
    fret === null ? [] : [(neck.midi[string] ?? 0) + fret],
  );
}

/**
 * Per string, semitones over the lowest sounding root (over the lowest sounding note where no root
 * sounds); null where not played. [x 3 5 5 x x] over C is [null, 0, 7, 12, null, null].
 */
export function tonesOverRoot(
  neck: Neck,
  fretting: Fretting,
  root: PitchClass,
): readonly (number | null)[] {
  const sounding = soundingMidi(neck, fretting);
  const roots = sounding.filter((midi) => pitchClass(midi) === root);
  const reference = Math.min(...(roots.length > 0 ? roots : sounding));
  return fretting.map((fret, string) =>
    fret === null ? null : (neck.midi[string] ?? 0) + fret - reference,
  );
}

/** Distance along the neck between the outermost fingertips, in mm; 0 for one fretted string or none. */
export function alongReachMm(neck: Neck, fretting: Fretting): number {
  const tips = fretting.flatMap((fret, string) => (fret ? [fingertipMm(neck, string, fret)] : []));
  return tips.length > 1 ? Math.max(...tips) - Math.min(...tips) : 0;
}

/** Order by their arrays, thickest string first; not played comes before open. */
export function compareFrettings(a: Fretting, b: Fretting): number {
  for (const [string, fret] of a.entries()) {
    const difference = (fret ?? -1) - (b[string] ?? -1);
    if (difference !== 0) return difference;
  }
  return 0;
}

/** A fretting that fits a neck, or what is wrong with it. */
export function checkFretting(
  neck: Neck,
  fretting: Fretting,
  field = "fretting",
): Result<Fretting> {
  if (fretting.length !== neck.midi.length) {
    return failure(field, `${fretting.length} strings; this neck has ${neck.midi.length}`);
  }
  const wrong = fretting.findIndex(
    (fret) => fret !== null && !(Number.isInteger(fret) && fret >= 0 && fret <= neck.frets),
  );
  if (wrong < 0) return success(fretting);
  return failure(
    field,
    `string ${fretting.length - wrong}: fret ${fretting[wrong]} is not on this neck; write 0 to ${neck.frets}, or null`,
  );
}
