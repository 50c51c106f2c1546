import { audioContext } from "./context";
import { HEARD_S } from "./listener";
import { openMicrophone, tap } from "./tap";

/** The newest sound, oldest sample first, and the time of its last sample in s. */
export type SoundHandler = (samples: Float32Array, sampleRate: number, now: number) => void;

/**
 * How long the newest sound is left alone after it was handed over, in ms. By the page's clock, from when the handler
 * was done: blocks that wait because the page was busy only fill the ring, so that what is heard stays the newest sound
 * however slow the machine is.
 */
const REST_MS = 100;

/**
 * Listens to the microphone until the function it answers is called. Rejects where it may not; `onLost` is called where
 * it is unplugged.
 */
export async function captureMicrophone(
  onSound: SoundHandler,
  onLost?: () => void,
): Promise<() => void> {
  const context = await audioContext();
  const stream = await openMicrophone();
  for (const track of stream.getTracks()) track.onended = onLost ?? null;
  const source = context.createMediaStreamSource(stream);
  const stop = await capture(context, source, onSound);
  return () => {
    stop();
    for (const track of stream.getTracks()) track.stop();
  };
}

/** Sends a ready-made sound, also aloud, through the same path as the microphone. */
export async function captureSamples(
  makeSamples: (sampleRate: number) => Float32Array<ArrayBuffer>,
  onSound: SoundHandler,
): Promise<() => void> {
  const context = await audioContext();
  const samples = makeSamples(context.sampleRate);
  const buffer = context.createBuffer(1, samples.length, context.sampleRate);
  buffer.copyToChannel(samples, 0);
  const source = context.createBufferSource();
  source.buffer = buffer;
  source.connect(context.destination);
  const stop = await capture(context, source, onSound);
  source.start();
  return () => {
    source.stop();
    source.disconnect();
    stop();
  };
}

async function capture(
  context: AudioContext,
  source: AudioNode,
  onSound: SoundHandler,
): Promise<() => void> {
  const { sampleRate } = context;
  const ring = new Float32Array(Math.ceil(HEARD_S * sampleRate));
  let samplesHeard = 0;
  let handedOverAtMs = -Infinity;
  return tap(context, source, ({ samples }) => {
    ring.copyWithin(0, samples.length);
    ring.set(samples, ring.length - samples.length);
    samplesHeard += samples.length;
    if (performance.now() - handedOverAtMs < REST_MS) return;
    const heard = ring.subarray(Math.max(0, ring.length - samplesHeard));
    onSound(heard, sampleRate, samplesHeard / sampleRate);
    handedOverAtMs = performance.now();
  });
}
