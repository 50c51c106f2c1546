import { roundOf, type Arrangement, type SongRoute } from "@/core/arrangement";
import { type Neck } from "@/core/neck";
import { makeBand } from "./band";
import { soundOf } from "./songPlayer";
import { wavBytes } from "./wav";

interface SongSound {
  readonly arrangement: Arrangement;
  readonly route: SongRoute;
  readonly neck: Neck;
  readonly a4Hz: number;
  readonly gain: boolean;
}

const SAMPLE_RATE = 44_100;
/** The last chord dies away. */
const TAIL_S = 2;
/** More sound would fill the memory. */
export const LONGEST_MIN = 15;

/** A song's chords as a WAV file, at its own tempo, as loud as Tenon goes; null where it is too long. */
export async function songWav({ arrangement, gain, ...rest }: SongSound): Promise<Blob | null> {
  const round = roundOf(arrangement, 0, arrangement.bars.length, arrangement.tempoBpm);
  if (round.lengthS > 60 * LONGEST_MIN) return null;
  const length = Math.ceil((round.lengthS + TAIL_S) * SAMPLE_RATE);
  const context = new OfflineAudioContext(1, length, SAMPLE_RATE);
  const band = makeBand(context, { gain, loudness: 1 });
  const input = { ...rest, options: { click: false, chords: true } };
  band.schedule(
    round.events.flatMap((event) => {
      const sound = soundOf(event, false, input);
      const lengthS = event.kind === "strike" ? event.lengthS : null;
      return sound ? [{ atS: event.atS, lengthS, sound }] : [];
    }),
  );
  const rendered = await context.startRendering();
  return new Blob([wavBytes(rendered.getChannelData(0), SAMPLE_RATE)], { type: "audio/wav" });
}
