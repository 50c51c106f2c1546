import { audioContext } from "./context";
import { HEARD_S } from "./listener";

/** The newest sound, oldest sample first, and the time of its last sample in s. */
export type SoundHandler = (samples: Float32Array, sampleRate: number, now: number) => void;

const WORKLET = "/audio/capture.js";
/** How often the newest sound is handed over, in s. */
const EVERY_S = 0.1;

/** Listens to the microphone until the function it answers is called. Rejects where it may not. */
export async function captureMicrophone(onSound: SoundHandler): Promise<() => void> {
  const context = await audioContext();
  const stream = await navigator.mediaDevices.getUserMedia({
    // What helps speech spoils a string.
    audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
  });
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

/** The worklet's module is loaded once for each context. */
const loaded = new WeakMap<AudioContext, Promise<void>>();

async function capture(
  context: AudioContext,
  source: AudioNode,
  onSound: SoundHandler,
): Promise<() => void> {
  const loading = loaded.get(context) ?? context.audioWorklet.addModule(WORKLET);
  loaded.set(context, loading);
  await loading;
  const { sampleRate } = context;
  const node = new AudioWorkletNode(context, "capture", { numberOfOutputs: 0 });
  const ring = new Float32Array(Math.ceil(HEARD_S * sampleRate));
  let samplesHeard = 0;
  let handedOverAt = 0;
  node.port.onmessage = ({ data }: MessageEvent<Float32Array>) => {
    ring.copyWithin(0, data.length);
    ring.set(data, ring.length - data.length);
    samplesHeard += data.length;
    const now = samplesHeard / sampleRate;
    if (now - handedOverAt < EVERY_S) return;
    handedOverAt = now;
    onSound(ring.subarray(Math.max(0, ring.length - samplesHeard)), sampleRate, now);
  };
  source.connect(node);
  return () => {
    source.disconnect(node);
    node.port.onmessage = null;
    node.port.close();
  };
}
