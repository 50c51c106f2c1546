/** A block of sound, and when its last sample was, in s of the audio clock. */
export interface SampleBlock {
  readonly samples: Float32Array;
  readonly endS: number;
}

const WORKLET = "/audio/capture.js";

/** The worklet's module is loaded once for each context. */
const loaded = new WeakMap<AudioContext, Promise<void>>();

/** Hands over what a node of the audio graph sounds, block by block, until the function it answers is called. */
export async function tap(
  context: AudioContext,
  source: AudioNode,
  onBlock: (block: SampleBlock) => void,
): Promise<() => void> {
  const loading = loaded.get(context) ?? context.audioWorklet.addModule(WORKLET);
  loaded.set(context, loading);
  await loading;
  const node = new AudioWorkletNode(context, "capture", { numberOfOutputs: 0 });
  node.port.onmessage = ({ data }: MessageEvent<SampleBlock>) => onBlock(data);
  source.connect(node);
  return () => {
    source.disconnect(node);
    node.port.onmessage = null;
    node.port.close();
  };
}

/** Asks for the microphone, as it is. Rejects where it may not, or there is none. */
export async function openMicrophone(): Promise<MediaStream> {
  return navigator.mediaDevices.getUserMedia({
    // What helps speech spoils a string.
    audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
  });
}
