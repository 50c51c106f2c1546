import { GRIP_SAMPLE_HZ, gripSamples } from "./grip";
import { type ClickStrength } from "@/core/metronome";
import { type Voice } from "./countVoice";
import { type Manner } from "./manners";

/** What the band plays, and when: all on the audio clock, ahead of time. */
export interface Sounding {
  /** Seconds on the context's clock. */
  readonly atS: number;
  /** A sound that ends before it has died away; null for its own length. */
  readonly lengthS: number | null;
  readonly sound: ScheduledSound;
}

export type ScheduledSound =
  | { readonly kind: "click"; readonly strength: ClickStrength }
  | { readonly kind: "word"; readonly word: string }
  | {
      readonly kind: "grip";
      readonly frequenciesHz: readonly number[];
      readonly manner: Manner;
      readonly isAccented: boolean;
    };

interface BandOptions {
  readonly gain: boolean;
  /** 0 silent to 1. */
  readonly loudness: number;
  /** The words it can say; without them an "and" is a soft click, and numbers are left to the beat's own. */
  readonly voice?: Voice | null;
}

/** The loudest Tenon goes, as for single grips (a judgement). */
const LIMIT_DB = -10;
const RANGE_DB = 40;
const DRIVE = 10;
const CABINET_HZ = [75, 5000] as const;
const GAIN_TRIM_DB = -9;
/** Chords beside a click, and a plain strum beside one with an accent (judgements). */
const [CHORD_LEVEL, PLAIN_LEVEL] = [0.5, 0.72];
const FADE_S = 0.012;

/** How long a click sounds, and its pitches (judgements). */
export const CLICK_S = 0.03;
const CLICK_HZ = { accent: 1760, beat: 1175, between: 700 } as const;
const CLICK_LEVEL = { accent: 0.9, beat: 0.6, between: 0.35 } as const;

interface Band {
  /** Schedules sounds; those that are over already are left out. */
  readonly schedule: (sounds: readonly Sounding[]) => void;
  /** How loud everything is from now on, 0 silent to 1. */
  readonly setLoudness: (loudness: number) => void;
  /** Ends what sounds, and what is still to come. */
  readonly silence: () => void;
}

/** Makes sounds at exact times of an audio clock, live or offline. */
export function makeBand(context: BaseAudioContext, options: BandOptions): Band {
  const { gain, loudness, voice } = options;
  const out = context.createGain();
  out.gain.value = levelAt(loudness);
  out.connect(context.destination);
  const amplifier = makeAmplifier(context, gain, out);
  const buffers = new Map<string, AudioBuffer>();
  const playing = new Set<AudioScheduledSourceNode>();

  const bufferOf = (sound: ScheduledSound): AudioBuffer => {
    const spoken = sound.kind === "word" && voice?.get(sound.word);
    if (spoken) return spoken;
    // An accent on a grip is louder, not another sound.
    const key = JSON.stringify({ ...sound, isAccented: false });
    const known = buffers.get(key);
    if (known) return known;
    const made = sound.kind === "grip" ? gripBuffer(context, sound) : clickBuffer(context, sound);
    buffers.set(key, made);
    return made;
  };
  const start = ({ atS, lengthS, sound }: Sounding) => {
    const source = context.createBufferSource();
    source.buffer = bufferOf(sound);
    const level = context.createGain();
    level.gain.value = levelOf(sound);
    source.connect(level).connect(sound.kind === "grip" ? amplifier : out);
    source.start(atS);
    if (lengthS !== null && lengthS < source.buffer.duration) {
      level.gain.setTargetAtTime(0, atS + Math.max(0, lengthS - FADE_S), FADE_S / 3);
      source.stop(atS + lengthS + FADE_S);
    }
    playing.add(source);
    source.onended = () => {
      playing.delete(source);
      level.disconnect();
    };
  };
  return {
    schedule: (sounds) => {
      for (const each of sounds) {
        if (!isSilent(each.sound, voice) && each.atS >= context.currentTime) start(each);
      }
    },
    setLoudness: (next) => {
      out.gain.value = levelAt(next);
    },
    silence: () => {
      for (const source of playing) source.stop();
      playing.clear();
    },
  };
}

function isSilent(sound: ScheduledSound, voice: Voice | null | undefined): boolean {
  if (sound.kind === "grip") return sound.frequenciesHz.length === 0;
  return sound.kind === "word" && sound.word !== "and" && !voice?.has(sound.word);
}

/** Clean, or through an amplifier as the core models it, with a limit that nothing passes. */
function makeAmplifier(context: BaseAudioContext, gain: boolean, out: AudioNode): AudioNode {
  const input = context.createGain();
  input.gain.value = CHORD_LEVEL;
  if (!gain) {
    input.connect(out);
    return input;
  }
  const shaper = context.createWaveShaper();
  shaper.curve = Float32Array.from({ length: 2049 }, (_, index) =>
    Math.tanh(DRIVE * (index / 1024 - 1)),
  );
  shaper.oversample = "4x";
  const [high, low] = (["highpass", "lowpass"] as const).map((type, index) => {
    const filter = context.createBiquadFilter();
    filter.type = type;
    filter.frequency.value = CABINET_HZ[index] ?? 0;
    return filter;
  });
  const trim = context.createGain();
  trim.gain.value = decibels(GAIN_TRIM_DB);
  if (high && low) input.connect(shaper).connect(high).connect(low).connect(trim).connect(out);
  return input;
}

function gripBuffer(
  context: BaseAudioContext,
  { frequenciesHz, manner }: Extract<ScheduledSound, { readonly kind: "grip" }>,
): AudioBuffer {
  const samples = gripSamples(frequenciesHz, manner, 1);
  const buffer = context.createBuffer(1, Math.max(1, samples.length), GRIP_SAMPLE_HZ);
  buffer.copyToChannel(samples, 0);
  return buffer;
}

function clickBuffer(
  context: BaseAudioContext,
  sound: Exclude<ScheduledSound, { readonly kind: "grip" }>,
): AudioBuffer {
  const strength = sound.kind === "word" ? "between" : sound.strength;
  const { sampleRate } = context;
  const samples = clickSamples(strength, sampleRate);
  const buffer = context.createBuffer(1, samples.length, sampleRate);
  buffer.copyToChannel(samples, 0);
  return buffer;
}

/** A short tone that begins at its full height, so that it is heard where it is put. */
export function clickSamples(
  strength: ClickStrength,
  sampleRate: number,
): Float32Array<ArrayBuffer> {
  return Float32Array.from({ length: Math.round(CLICK_S * sampleRate) }, (_, index) => {
    const seconds = index / sampleRate;
    const decay = Math.exp((-5 * seconds) / CLICK_S);
    return decay * Math.cos(2 * Math.PI * CLICK_HZ[strength] * seconds) * CLICK_LEVEL[strength];
  });
}

function levelAt(loudness: number): number {
  return loudness === 0 ? 0 : decibels((loudness - 1) * RANGE_DB + LIMIT_DB);
}

function levelOf(sound: ScheduledSound): number {
  return sound.kind === "grip" && !sound.isAccented ? PLAIN_LEVEL : 1;
}

function decibels(db: number): number {
  return 10 ** (db / 20);
}
