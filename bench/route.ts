/**
 * Routes: the dynamic programming by itself and how it grows with the song, and from chord names to a route.
 */
import { arrange, DEFAULT_SONG_SETTINGS, planRouteOfKind } from "@/core/arrangement";
import { DEFAULT_CHORD_OPTIONS, readProgression } from "@/core/chart";
import { DEFAULT_WEIGHTS } from "@/core/gripSearch";
import { TIMING } from "@/core/motion";
import { makeNeck } from "@/core/neck";
import { planRoutes } from "@/core/plan";
import { bestRoutes, minHardestRoutes, type Stop } from "@/core/route";
import { readChart } from "@/core/song";
import { usualMidi } from "@/core/tuning";
import { quantile, timeMs } from "./median";

const RUNS = 7;
const CANDIDATES = 40;
const LENGTHS = [64, 128, 256, 512, 1024];
const FIVES = "D5 F5 C5 Bb5 G5 A5 E5 F#5";
const WHOLE = "Am F C G Dm E7 Am Fmaj7 C/E G D7 Gm";

/** A song of chords that are all different, so that no table of changes serves twice. */
function layersOf(length: number): Stop[][] {
  let seed = 20261126;
  const draw = (below: number) => (seed = (seed * 16807) % 2147483647) % below;
  return Array.from({ length }, (_, layer) =>
    Array.from({ length: CANDIDATES }, (_stop, index) => ({
      cost: draw(1000) / 50,
      place: `${layer}-${index}`,
      position: 30 * (1 + draw(15)),
    })),
  );
}

const costOfChange = (from: Stop, _hand: Stop | null, to: Stop) =>
  0.05 * Math.abs((from.position ?? 0) - (to.position ?? 0));

console.log(`${CANDIDATES} candidates a chord, five best routes; ms, median of ${RUNS}:`);
for (const length of LENGTHS) {
  const layers = layersOf(length);
  const total = timed(() =>
    bestRoutes(layers, (from, hand, to) => costOfChange(from, hand, to), 5),
  );
  console.log(`  ${String(length).padStart(5)} chords ${total.toFixed(1).padStart(8)}`);
}
const song = layersOf(64);
const hardest = timed(() =>
  minHardestRoutes(song, (from, hand, to) => costOfChange(from, hand, to), 1),
);
console.log(`  least hardest change through 64 chords ${hardest.toFixed(1)}`);

/** A riff of so many notes, half of them without strings. */
const RIFF_NOTES = 200;
const made = makeNeck({ midi: usualMidi(6) });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;
console.log("From names to the best route, standard tuning, 24 frets; ms, median of 3:");
for (const [name, text] of [
  ["fives", FIVES],
  ["whole chords", WHOLE],
] as const) {
  for (const length of [16, 64, 128]) {
    const words = text.split(" ");
    const long = Array.from({ length }, (_, index) => words[index % words.length]).join(" ");
    const chords = readProgression(long, DEFAULT_CHORD_OPTIONS);
    if (!chords.ok) throw new Error(chords.problem.message);
    const request = { neck, player: {}, weights: DEFAULT_WEIGHTS, chords: chords.value };
    const ms = timed(() => planRoutes(request), 3);
    console.log(`  ${length} ${name} ${ms.toFixed(0)}`);
  }
}

function timed(work: () => unknown, runs = RUNS): number {
  return quantile(timeMs(runs, work), 0.5);
}

const bars = Array.from({ length: RIFF_NOTES / 8 }, (_, bar) =>
  Array.from({ length: 8 }, (_slot, slot) => {
    const at = 8 * bar + slot;
    return at % 2 === 0 ? `@${["E3", "G3", "A3", "B3", "D4"][(at / 2) % 5]}` : `5:${(at * 5) % 10}`;
  }).join(" "),
);
const arrangement = arrange(
  readChart(bars.map((bar) => `| ${bar} |`).join("\n")),
  DEFAULT_SONG_SETTINGS,
);
const riffMs = timed(() => {
  const planned = planRouteOfKind(
    { arrangement, neck, player: {}, constants: TIMING.steady, downStrokesBpm: 200 },
    "usual",
  );
  if (!planned.ok) throw new Error(planned.problem.message);
});
console.log(`A riff of ${arrangement.chords.length} notes: ${riffMs.toFixed(0)} ms (goal 100)`);
