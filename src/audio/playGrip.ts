import {
  Filter,
  getContext,
  Limiter,
  Player,
  start,
  ToneAudioBuffer,
  Volume,
  WaveShaper,
} from "tone";
import { GRIP_SAMPLE_HZ, gripSamples } from "./grip";
import { type Manner } from "./manners";

/** The loudest Tenon goes: peaks stay this far under full scale, in dB, whatever is set (a judgement). */
const LIMIT_DB = -10;
/** The quietest setting above silence, under the loudest, in dB. */
const RANGE_DB = 40;
/** As in the core's model of an amplifier: tanh(drive x), and a cabinet that passes 75 Hz to 5 kHz. */
const DRIVE = 10;
const CABINET_HZ = [75, 5000] as const;
/** A clipped signal is near full scale all the time; so much quieter it is about as loud. */
const GAIN_TRIM_DB = -9;

let playing: Player | null = null;

interface GripSound {
  readonly manner: Manner;
  readonly gain: boolean;
  /** 0 silent to 1. */
  readonly loudness: number;
}

/**
 * Sounds a grip and waits until it is over, or until another takes its place. Throws where the
 * browser gives no sound. Loaded only when it is first needed: the audio library is large.
 */
export async function playGrip(
  frequenciesHz: readonly number[],
  { manner, gain, loudness }: GripSound,
): Promise<void> {
  await start();
  if (getContext().state !== "running") throw new Error("the browser gives Tenon no sound");
  stopGrip();
  if (loudness === 0 || frequenciesHz.length === 0) return;
  const samples = gripSamples(frequenciesHz, manner);
  const audio = getContext().createBuffer(1, samples.length, GRIP_SAMPLE_HZ);
  audio.copyToChannel(samples, 0);
  const player = new Player(new ToneAudioBuffer(audio));
  const nodes = [
    ...(gain
      ? [
          new WaveShaper((x) => Math.tanh(DRIVE * x)),
          new Filter(CABINET_HZ[0], "highpass"),
          new Filter(CABINET_HZ[1], "lowpass"),
          new Volume(GAIN_TRIM_DB),
        ]
      : []),
    new Limiter(LIMIT_DB),
    new Volume((loudness - 1) * RANGE_DB),
  ];
  player.chain(...nodes, getContext().destination);
  playing = player;
  await new Promise<void>((resolve) => {
    player.onstop = () => resolve();
    player.start();
  });
  for (const node of [player, ...nodes]) node.dispose();
  if (playing === player) playing = null;
}

/** Ends what sounds. */
function stopGrip(): void {
  playing?.stop();
  playing = null;
}
