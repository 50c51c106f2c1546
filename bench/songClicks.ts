import { CLICK_S, makeBand } from "@/audio";
import { arrange, DEFAULT_SONG_SETTINGS, roundOf } from "@/core/arrangement";
import { readChart } from "@/core/song";

/** Runs in the browser: five minutes of clicks as the player schedules them, rendered offline and looked at. */
const MINUTES = 5;
const SAMPLE_HZ = 44_100;
const TEMPO_BPM = 137.3;
const QUIET = 1e-4;

async function measureClicks(): Promise<{ clicks: number; jitterMs: number; driftMs: number }> {
  const bars = Math.ceil((MINUTES * TEMPO_BPM) / 4);
  const song = arrange(readChart("| N.C. |\n".repeat(bars)), DEFAULT_SONG_SETTINGS);
  const round = roundOf(song, 0, bars, TEMPO_BPM);
  const context = new OfflineAudioContext(1, SAMPLE_HZ * (round.lengthS + 1), SAMPLE_HZ);
  const band = makeBand(context, { gain: false, loudness: 1 });
  const clicks = round.events.flatMap((event) => (event.kind === "click" ? [event] : []));
  band.schedule(
    clicks.map(({ atS, strength }) => ({
      atS,
      lengthS: null,
      sound: { kind: "click", strength },
    })),
  );
  const rendered = (await context.startRendering()).getChannelData(0);
  const heardS: number[] = [];
  for (let sample = 0; sample < rendered.length; sample++) {
    if (Math.abs(rendered[sample] ?? 0) < QUIET) continue;
    heardS.push(sample / SAMPLE_HZ);
    sample += Math.round(2 * CLICK_S * SAMPLE_HZ);
  }
  const beatS = 60 / TEMPO_BPM;
  const offMs = heardS.map((second, index) => 1000 * (second - index * beatS));
  const stepsMs = offMs.slice(1).map((off, index) => Math.abs(off - (offMs[index] ?? 0)));
  return {
    clicks: heardS.length,
    jitterMs: Math.max(...stepsMs),
    driftMs: Math.max(...offMs.map(Math.abs)),
  };
}

Object.assign(globalThis, { measureClicks });
