declare module "fft.js" {
  /** A fast Fourier transform of a fixed size, a power of two. */
  export default class FFT {
    constructor(size: number);
    createComplexArray(): number[];
    /** The spectrum of real samples, as re, im, re, im; its first half. */
    realTransform(spectrum: number[], samples: ArrayLike<number>): void;
  }
}
