import { type Neck } from "@/core/neck";
import { pitchClass, type PitchClass } from "@/core/pitch";
import { type Voicing } from "@/core/voicing";
import { compareFrettings, type Fretting } from "@/core/fretting";

/**
 * The naive reference that tests and benchmarks compare the search with: every fret combination
 * over every subset of strings as large as the voicing, kept where the sorted pitches are the voicing
 * on some octave of the root. Only a span in frets limits it.
 */
export function bruteForceVoicing(
  neck: Neck,
  root: PitchClass,
  voicing: Voicing,
  maxSpanFrets = Infinity,
): readonly Fretting[] {
  const found: Fretting[] = [];
  for (const strings of subsets(neck.midi.length, voicing.length)) {
    const frets: (number | null)[] = neck.midi.map(() => null);
    const visit = (index: number): void => {
      const string = strings[index];
      if (string === undefined) {
        if (isVoicing(neck, frets, root, voicing) && spanFrets(frets) <= maxSpanFrets) {
          found.push([...frets]);
        }
        return;
      }
      for (let fret = 0; fret <= neck.frets; fret++) {
        frets[string] = fret;
        visit(index + 1);
      }
      frets[string] = null;
    };
    visit(0);
  }
  return found.sort(compareFrettings);
}

/** Highest minus lowest fretted fret; open strings do not count. */
export function spanFrets(fretting: Fretting): number {
  const fretted = fretting.filter((fret) => fret !== null && fret > 0) as number[];
  return fretted.length > 0 ? Math.max(...fretted) - Math.min(...fretted) : 0;
}

function isVoicing(neck: Neck, fretting: Fretting, root: PitchClass, voicing: Voicing): boolean {
  const sounding: number[] = [];
  for (let string = 0; string < fretting.length; string++) {
    const fret = fretting[string] ?? null;
    if (fret !== null) sounding.push((neck.midi[string] ?? 0) + fret);
  }
  sounding.sort((a, b) => a - b);
  const rootMidi = (sounding[0] ?? 0) - (voicing[0] ?? 0);
  return (
    pitchClass(rootMidi) === root &&
    voicing.every((tone, index) => sounding[index] === rootMidi + tone)
  );
}

function subsets(size: number, taken: number, first = 0): readonly (readonly number[])[] {
  if (taken === 0) return [[]];
  return Array.from({ length: size - first }, (_, offset) => first + offset).flatMap((head) =>
    subsets(size, taken - 1, head + 1).map((rest) => [head, ...rest]),
  );
}
