import { audioContext } from "./context";

/**
 * Harmonics of a reference tone. A laptop's speaker sounds next to nothing below 150 Hz, so low
 * strings are heard by their harmonics: there are many, and they fall slowly (a judgement).
 */
const HARMONICS = 14;
const FALL = 0.7;
const LOUDNESS = 0.3;
const ATTACK_S = 0.02;
const RELEASE_S = 0.25;

/** Amplitudes by harmonic number; index 0, the constant part, is 0. */
export function harmonicAmplitudes(): Float32Array<ArrayBuffer> {
  return Float32Array.from({ length: HARMONICS + 1 }, (_, harmonic) =>
    harmonic === 0 ? 0 : harmonic ** -FALL,
  );
}

let stopSounding: (() => void) | null = null;

/** Sounds a steady reference tone for some seconds; another tone, or `stopTone`, ends it. */
export async function playTone(hz: number, seconds: number): Promise<void> {
  const context = await audioContext();
  stopTone();
  const oscillator = context.createOscillator();
  const amplitudes = harmonicAmplitudes();
  oscillator.setPeriodicWave(
    context.createPeriodicWave(new Float32Array(amplitudes.length), amplitudes),
  );
  oscillator.frequency.value = hz;
  const loudness = context.createGain();
  const start = context.currentTime;
  loudness.gain.setValueAtTime(0, start);
  loudness.gain.linearRampToValueAtTime(LOUDNESS, start + ATTACK_S);
  loudness.gain.setTargetAtTime(0, start + seconds, RELEASE_S / 3);
  oscillator.connect(loudness).connect(context.destination);
  oscillator.start(start);
  oscillator.stop(start + seconds + RELEASE_S);
  stopSounding = () => {
    const now = context.currentTime;
    loudness.gain.cancelScheduledValues(now);
    loudness.gain.setTargetAtTime(0, now, ATTACK_S / 3);
    oscillator.stop(now + ATTACK_S);
  };
}

function stopTone(): void {
  stopSounding?.();
  stopSounding = null;
}
