/** A complex signal or spectrum: real and imaginary parts, of one power of two in length. */
export interface Complex {
  readonly re: Float64Array;
  readonly im: Float64Array;
}

/**
 * The discrete Fourier transform in place, radix 2 (Cooley and Tukey, Math. Comp. 19, 1965):
 * X[k] = sum of x[n] exp(-2 pi i k n / N), without a factor. The length must be a power of two.
 */
export function transform({ re, im }: Complex): void {
  const size = re.length;
  if (size < 1 || (size & (size - 1)) !== 0) throw new RangeError(`${size} is no power of two`);
  reverseBits(re, im);
  const { cosines, sines } = turnsOf(size);
  for (let half = 1; half < size; half *= 2) {
    const step = size / (2 * half);
    for (let start = 0; start < size; start += 2 * half) {
      for (let k = 0; k < half; k++) {
        const even = start + k;
        const odd = even + half;
        const cosine = cosines[k * step] as number;
        const sine = sines[k * step] as number;
        const oddRe = re[odd] as number;
        const oddIm = im[odd] as number;
        const turnedRe = oddRe * cosine - oddIm * sine;
        const turnedIm = oddRe * sine + oddIm * cosine;
        const evenRe = re[even] as number;
        const evenIm = im[even] as number;
        re[odd] = evenRe - turnedRe;
        im[odd] = evenIm - turnedIm;
        re[even] = evenRe + turnedRe;
        im[even] = evenIm + turnedIm;
      }
    }
  }
}

interface Turns {
  readonly cosines: Float64Array;
  readonly sines: Float64Array;
}

/** The rotations for each length are computed once. */
const knownTurns = new Map<number, Turns>();

function turnsOf(size: number): Turns {
  const known = knownTurns.get(size);
  if (known) return known;
  const angles = Float64Array.from({ length: size / 2 }, (_, k) => (-2 * Math.PI * k) / size);
  const made = { cosines: angles.map(Math.cos), sines: angles.map(Math.sin) };
  knownTurns.set(size, made);
  return made;
}

function reverseBits(re: Float64Array, im: Float64Array): void {
  const size = re.length;
  for (let index = 1, reversed = 0; index < size; index++) {
    let bit = size >> 1;
    for (; reversed & bit; bit >>= 1) reversed ^= bit;
    reversed ^= bit;
    if (index >= reversed) continue;
    [re[index], re[reversed]] = [re[reversed] as number, re[index] as number];
    [im[index], im[reversed]] = [im[reversed] as number, im[index] as number];
  }
}
