import { type Fretting } from "@/core/fretting";
import { type Midi } from "@/core/pitch";

/** Strings of the same number, from the thinnest (1), of which one tuning's differ alike from another's. */
interface StringShift {
  readonly strings: readonly number[];
  /** Semitones from the one tuning to the other; negative where they hang lower there. */
  readonly semitones: number;
}

/** What is the same and what is not between two tunings, on the strings that both have. */
export interface ShapeShift {
  /** The shared strings by their shift, those that stay left out; thick strings first. */
  readonly shifts: readonly StringShift[];
  readonly shared: number;
  /** Shared strings that stay. */
  readonly staying: number;
}

/** Compares two tunings string by string. Strings are matched from the thinnest. */
export function shapeShift(from: readonly Midi[], to: readonly Midi[]): ShapeShift {
  const shared = Math.min(from.length, to.length);
  const bySemitones = new Map<number, number[]>();
  for (let number = shared; number >= 1; number--) {
    const semitones = (to.at(-number) ?? 0) - (from.at(-number) ?? 0);
    bySemitones.set(semitones, [...(bySemitones.get(semitones) ?? []), number]);
  }
  const staying = bySemitones.get(0)?.length ?? 0;
  bySemitones.delete(0);
  const shifts = [...bySemitones].map(([semitones, strings]) => ({ strings, semitones }));
  return { shifts, shared, staying };
}

/** The frets of a shape on a neck with more or fewer strings, matched from the thinnest. */
interface FittedShape {
  readonly fretting: Fretting;
  /** Whether a string that sounds is not there. */
  readonly isCut: boolean;
}

export function fitShape(fretting: Fretting, strings: number): FittedShape {
  const more = strings - fretting.length;
  if (more >= 0) {
    return { fretting: [...new Array<null>(more).fill(null), ...fretting], isCut: false };
  }
  return {
    fretting: fretting.slice(-more),
    isCut: fretting.slice(0, -more).some((fret) => fret !== null),
  };
}

/** What becomes of a shape that should go on sounding the same, string for string. */
export type ShapeFate =
  | { readonly kind: "unchanged"; readonly fretting: Fretting }
  | { readonly kind: "moved"; readonly fretting: Fretting; readonly moves: readonly StringMove[] }
  /** A string that sounds is missing there, or would need a fret that is not. */
  | { readonly kind: "lost"; readonly strings: readonly number[] };

export interface StringMove {
  /** Strings by their number, from the thinnest (1). */
  readonly strings: readonly number[];
  /** Frets up (or down, negative). */
  readonly frets: number;
}

/** What a shape needs to sound the same in another tuning on the same strings. */
export function shapeFate(
  fretting: Fretting,
  from: readonly Midi[],
  to: readonly Midi[],
  frets: number,
): ShapeFate {
  const moved: (number | null)[] = new Array<null>(to.length).fill(null);
  const byFrets = new Map<number, number[]>();
  const lost: number[] = [];
  for (const [string, fret] of fretting.entries()) {
    if (fret === null) continue;
    const number = fretting.length - string;
    const open = to.at(-number);
    const target =
      open === undefined || number > to.length ? NaN : fret + (from[string] ?? 0) - open;
    if (!(target >= 0 && target <= frets)) {
      lost.push(number);
      continue;
    }
    moved[to.length - number] = target;
    if (target !== fret)
      byFrets.set(target - fret, [...(byFrets.get(target - fret) ?? []), number]);
  }
  if (lost.length > 0) return { kind: "lost", strings: lost };
  if (byFrets.size === 0) return { kind: "unchanged", fretting: moved };
  const moves = [...byFrets].map(([by, strings]) => ({ strings, frets: by }));
  return { kind: "moved", fretting: moved, moves };
}
