import { type ClickStrength } from "@/core/metronome";
import { medianOf, simulatedStrikes, type Simulated } from "@/core/practice";
import { clickSamples, makeBand } from "./band";
import { audioContext } from "./context";
import { GRIP_SAMPLE_HZ, gripSamples } from "./grip";
import { detectOnsets } from "./onsets";
import { seededRandom } from "@/core/random";
import { takeOutClicks } from "./takeOutClicks";
import { openMicrophone, tap, type SampleBlock } from "./tap";

/** Who is listened to: the player through the microphone, or one made by computation, by the same path. */
export type Listened = "microphone" | Simulated;

/** What is known of the sound that Tenon itself makes. */
interface KnownClicks {
  /** When each leaves the clock, in s. */
  readonly clicks: readonly { readonly atS: number; readonly strength: ClickStrength }[];
  readonly latencyS: number;
}

/** Listens to strums. Nothing that it hears is kept beyond the round. */
export interface Ear {
  /** The strums that are meant, in s of the audio clock, so that a simulated player can play them. */
  readonly expect: (timesS: readonly number[]) => void;
  /** When strings were struck between two times of the audio clock, the latency not taken off. */
  readonly onsets: (fromS: number, toS: number, clicks: KnownClicks | null) => readonly number[];
  readonly close: () => void;
}

const CLICK_STRENGTHS: readonly ClickStrength[] = ["accent", "beat", "between"];
/** As much sound as the longest round, in s. */
const KEPT_S = 150;
/** A simulated player's strum, and how loud. */
const SIMULATED_HZ = [82.4, 123.5];
const SIMULATED_LEVEL = 0.5;
/** An onset shortly before the window belongs to its first strum. */
const MARGIN_S = 0.3;

/**
 * Opens an ear. Rejects where the microphone may not be used; `onLost` is called where it is unplugged.
 */
export async function openEar(who: Listened, onLost: () => void): Promise<Ear> {
  const context = await audioContext();
  const blocks: SampleBlock[] = [];
  const input = context.createGain();
  const stream = who === "microphone" ? await openMicrophone() : null;
  const microphone = stream && context.createMediaStreamSource(stream);
  microphone?.connect(input);
  for (const track of stream?.getTracks() ?? []) track.onended = onLost;
  const stop = await tap(context, input, (block) => {
    blocks.push(block);
    while ((blocks[0]?.endS ?? Infinity) < block.endS - KEPT_S) blocks.shift();
  });
  const { sampleRate } = context;
  const random = seededRandom(Math.floor(context.currentTime * 1000) + 1);
  return {
    expect: (timesS) => {
      if (who === "microphone") return;
      const samples = gripSamples(SIMULATED_HZ, "mute", 1);
      const buffer = context.createBuffer(1, samples.length, GRIP_SAMPLE_HZ);
      buffer.copyToChannel(samples, 0);
      const level = context.createGain();
      level.gain.value = SIMULATED_LEVEL;
      level.connect(input);
      for (const at of simulatedStrikes(who, timesS, random)) {
        const source = context.createBufferSource();
        source.buffer = buffer;
        source.connect(level);
        source.start(Math.max(context.currentTime, at));
      }
    },
    onsets: (fromS, toS, known) => {
      const startS = fromS - MARGIN_S;
      const sound = joined(blocks, startS, toS + MARGIN_S, sampleRate);
      const bare = CLICK_STRENGTHS.reduce((left, strength) => {
        const own = known?.clicks.filter((click) => click.strength === strength) ?? [];
        if (!known || own.length === 0) return left;
        const timesS = own.map(({ atS }) => atS + known.latencyS - startS);
        return takeOutClicks(left, sampleRate, clickSamples(strength, sampleRate), timesS);
      }, sound);
      return detectOnsets(bare, sampleRate).map((at) => at + startS);
    },
    close: () => {
      stop();
      microphone?.disconnect();
      for (const track of stream?.getTracks() ?? []) {
        track.onended = null;
        track.stop();
      }
    },
  };
}

/** The sound between two times; what was not heard is silence. */
function joined(
  blocks: readonly SampleBlock[],
  fromS: number,
  toS: number,
  sampleRate: number,
): Float32Array<ArrayBuffer> {
  const sound = new Float32Array(Math.max(0, Math.ceil((toS - fromS) * sampleRate)));
  for (const { samples, endS } of blocks) {
    const start = Math.round((endS - fromS) * sampleRate) - samples.length;
    if (start >= sound.length || start + samples.length <= 0) continue;
    const skipped = Math.max(0, -start);
    sound.set(samples.subarray(skipped, sound.length - start), start + skipped);
  }
  return sound;
}

const LATENCY_CLICKS = 8;
const LATENCY_GAP_S = 0.5;
const LATENCY_LEAD_S = 0.4;
/** So much later than it left the clock a click can be heard, in s. */
const LONGEST_LATENCY_S = 0.45;
/** With fewer clicks heard the latency is not known. */
const FEWEST_HEARD = 5;

/**
 * How much later than they leave the clock sounds are heard: plays eight clicks and listens to them. Answers ms; null
 * where too few were heard.
 */
export async function measureLatencyMs(ear: Ear, loudness: number): Promise<number | null> {
  const context = await audioContext();
  const band = makeBand(context, { gain: false, loudness });
  const firstS = context.currentTime + LATENCY_LEAD_S;
  const timesS = Array.from(
    { length: LATENCY_CLICKS },
    (_, index) => firstS + index * LATENCY_GAP_S,
  );
  band.schedule(
    timesS.map((atS) => ({ atS, lengthS: null, sound: { kind: "click", strength: "accent" } })),
  );
  const endS = firstS + LATENCY_CLICKS * LATENCY_GAP_S;
  await new Promise((resolve) => setTimeout(resolve, 1000 * (endS - context.currentTime)));
  const heard = ear.onsets(firstS, endS, null);
  const late = timesS.flatMap((at) => {
    const found = heard.find((each) => each >= at - 0.01 && each <= at + LONGEST_LATENCY_S);
    return found === undefined ? [] : [1000 * (found - at)];
  });
  return late.length < FEWEST_HEARD ? null : medianOf(late);
}
