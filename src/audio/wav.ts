const HEADER_BYTES = 44;
const BYTES_A_SAMPLE = 2;
const HIGHEST = 32_767;

/** Samples from -1 to 1 as a WAV file of one channel, 16 bits (RIFF, PCM); what is louder is cut. */
export function wavBytes(samples: Float32Array, sampleRate: number): Uint8Array<ArrayBuffer> {
  const bytes = new Uint8Array(HEADER_BYTES + samples.length * BYTES_A_SAMPLE);
  const view = new DataView(bytes.buffer);
  const text = (at: number, word: string) => {
    for (let index = 0; index < word.length; index++)
      view.setUint8(at + index, word.charCodeAt(index));
  };
  text(0, "RIFF");
  view.setUint32(4, bytes.length - 8, true);
  text(8, "WAVEfmt ");
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, sampleRate, true);
  view.setUint32(28, sampleRate * BYTES_A_SAMPLE, true);
  view.setUint16(32, BYTES_A_SAMPLE, true);
  view.setUint16(34, 8 * BYTES_A_SAMPLE, true);
  text(36, "data");
  view.setUint32(40, samples.length * BYTES_A_SAMPLE, true);
  for (const [index, sample] of samples.entries()) {
    const cut = Math.max(-1, Math.min(1, sample));
    view.setInt16(HEADER_BYTES + index * BYTES_A_SAMPLE, Math.round(cut * HIGHEST), true);
  }
  return bytes;
}
