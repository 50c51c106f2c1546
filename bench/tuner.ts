import { firstPartialHz, listen, pluck, SILENCE, type PluckedString } from "@/audio";
import { seededRandom } from "@/core/random";
import { centsOver } from "@/core/pitch";
import { quantile } from "./median";

/**
 * The tuner against strings that are known exactly: its readings' distance from the first partial,
 * in cents, by band. Stiff strings (inharmonicity up to 3e-4) plucked anywhere, with decay, an
 * attack up to 15 cents sharp and white noise 20 dB below the sound.
 */
const RATE = 48_000;
const SECONDS = 3;
const EVERY_S = 0.1;
const STRINGS_PER_BAND = 30;
const BANDS: readonly (readonly [lowHz: number, highHz: number])[] = [
  [22, 31],
  [31, 55],
  [55, 110],
  [110, 220],
  [220, 440],
  [440, 700],
];

const random = seededRandom(4170);
const between = (low: number, high: number) => low + (high - low) * random();
let readings = 0;
let listeningMs = 0;

console.log("band in Hz     readings   median      95 %   largest (cents off the first partial)");
const all = BANDS.flatMap(([lowHz, highHz]) => {
  const errors = Array.from({ length: STRINGS_PER_BAND }, () => errorsOf(lowHz, highHz)).flat();
  report(`${lowHz} to ${highHz}`, errors);
  return errors;
});
report("all", all);
const within = all.filter((cents) => cents <= 2).length / all.length;
console.log(`within 2 cents: ${(100 * within).toFixed(2)} % of ${all.length}`);
console.log(`${(listeningMs / readings).toFixed(1)} ms for each look at the sound`);

function errorsOf(lowHz: number, highHz: number): readonly number[] {
  const string: PluckedString = {
    idealHz: lowHz * (highHz / lowHz) ** random(),
    inharmonicity: between(0, 3e-4),
    pluckShare: between(0.06, 0.45),
    decayS: between(1, 4),
    glideCents: between(0, 15),
    glideS: between(0.03, 0.1),
    signalToNoiseDb: 20,
  };
  const sound = pluck(string, SECONDS, RATE, random);
  const truthHz = firstPartialHz(string);
  const errors: number[] = [];
  let listening = SILENCE;
  for (let now = EVERY_S; now <= SECONDS; now += EVERY_S) {
    const startedAt = performance.now();
    listening = listen(listening, sound.subarray(0, Math.round(now * RATE)), RATE, now);
    listeningMs += performance.now() - startedAt;
    readings += 1;
    const { reading } = listening;
    if (reading?.isLive) errors.push(Math.abs(centsOver(truthHz, reading.hz)));
  }
  return errors;
}

function report(what: string, errors: readonly number[]): void {
  const figures = [0.5, 0.95, 1].map((share) => quantile(errors, share).toFixed(2).padStart(9));
  console.log(`${what.padEnd(14)} ${String(errors.length).padStart(8)}${figures.join(" ")}`);
}
