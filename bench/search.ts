/**
 * The search for tunings: how long it takes, how many times as fast it is as evaluating every tuning
 * from scratch (estimated on a random sample), whether both agree there, and how it grows.
 */
import { countChords, DEFAULT_CHORD_OPTIONS, readProgression } from "@/core/chart";
import { findChordGrips } from "@/core/chordGrips";
import { DEFAULT_WEIGHTS, soundCost, weighGrip, weighRetuning } from "@/core/gripSearch";
import {
  makeSearchSpace,
  MAX_FOUND,
  NO_SEARCH_LIMITS,
  retuningPoints,
  searchTunings,
  type FoundTuning,
  type SearchLimits,
  type SearchRequest,
} from "@/core/compare";
import { soundingMidi } from "@/core/fretting";
import { makeNeck } from "@/core/neck";
import { usualMidi } from "@/core/tuning";

const SAMPLE = Number(process.argv[2] ?? 150);
const SETS = {
  "eight fives, R 5 8": "D5 F5 C5 Bb5 G5 A5 E5 F#5",
  "eight triads, free mode": "D F C Bm Gm A E F#m",
  "eight sevenths, free mode": "D7 Fmaj7 C7 Bm7 Gm7 A7 E7 F#m7",
};

for (const [name, text] of Object.entries(SETS)) measure(name, text);
console.log("\nGrowth with strings, one semitone each way, four fives and four triads:");
for (const strings of [4, 5, 6, 7, 8]) {
  const fives = timed(requestFor("D5 F5 C5 Bb5", strings, { up: 1, down: 1 }));
  const triads = timed(requestFor("D F C Bm", strings, { up: 1, down: 1 }));
  console.log(
    `${strings} strings, ${3 ** strings} tunings: ${fives.seconds.toFixed(2)} s, ${triads.seconds.toFixed(2)} s`,
  );
}
console.log("Growth with chords, six strings, two semitones each way, fives and triads:");
for (const count of [1, 2, 4, 8]) {
  const [fives, triads] = ["eight fives, R 5 8", "eight triads, free mode"].map((name) => {
    const text = SETS[name as keyof typeof SETS].split(" ").slice(0, count).join(" ");
    return timed(requestFor(text, 6)).seconds.toFixed(2);
  });
  console.log(`${count} chords: ${fives} s, ${triads} s`);
}

function measure(name: string, text: string): void {
  const request = requestFor(text, 6);
  const { size } = request.space;
  const { seconds, found } = timed(request);
  console.log(`\n${name}: ${size} tunings in ${seconds.toFixed(2)} s`);

  const gainful = timed({ ...request, onlyGainful: true });
  console.log(`leaving out strings turned for nothing: ${gainful.seconds.toFixed(2)} s`);

  const tunings = sampleOf(request.space.perString, SAMPLE);
  const start = performance.now();
  const scores = tunings.map((midi) => scoreFromScratch(request, midi));
  const scratchSeconds = (performance.now() - start) / 1000 / tunings.length;
  const ratio = (scratchSeconds * size) / seconds;
  console.log(
    `from scratch ${(1000 * scratchSeconds).toFixed(1)} ms a tuning, ${(scratchSeconds * size).toFixed(0)} s for all: ${ratio.toFixed(0)} times as long`,
  );

  // Asked for all of them, the search may leave none out, so that each can be compared.
  const all = timed({ ...request, max: size });
  const byMidi = new Map(all.found.map(({ midi, score }) => [midi.join(), score]));
  const apart = tunings.map((midi, index) =>
    Math.abs((byMidi.get(midi.join()) ?? Infinity) - (scores[index] ?? Infinity)),
  );
  const unplayable = scores.filter((score) => score === Infinity).length;
  console.log(
    `all ${all.found.length} of ${size} scored: ${all.seconds.toFixed(2)} s; on ${tunings.length} of them the two differ by ${Math.max(...apart.filter((each) => !Number.isNaN(each))).toExponential(1)} at most (${unplayable} not playable)`,
  );
  const best = all.found.slice(0, MAX_FOUND).map(({ score }) => score);
  const same = found.every(({ score }, place) => Math.abs(score - (best[place] ?? NaN)) < 1e-6);
  console.log(`the best twenty are the best twenty of all: ${same ? "yes" : "NO"}`);
}

function timed(request: SearchRequest): { seconds: number; found: readonly FoundTuning[] } {
  const start = performance.now();
  const run = searchTunings(request);
  for (let step = run.next(); ; step = run.next()) {
    if (step.done) return { seconds: (performance.now() - start) / 1000, found: step.value };
  }
}

function requestFor(
  text: string,
  strings: number,
  limits: Partial<SearchLimits> = {},
): SearchRequest {
  const midi = usualMidi(strings);
  const neck = makeNeck({ midi });
  const chords = readProgression(text, DEFAULT_CHORD_OPTIONS);
  const space = makeSearchSpace(midi, { ...NO_SEARCH_LIMITS, ...limits });
  if (!neck.ok || !chords.ok || !space.ok) throw new Error(text);
  return {
    neck: neck.value,
    player: {},
    chords: countChords(chords.value),
    weights: DEFAULT_WEIGHTS,
    space: space.value,
    max: MAX_FOUND,
    onlyGainful: false,
  };
}

function scoreFromScratch(
  { neck, player, chords, weights, space }: SearchRequest,
  midi: readonly number[],
): number {
  const tuned = { ...neck, midi };
  return chords.reduce(
    (sum, { chord, times }) => {
      let min = Infinity;
      for (const { fretting, best, preference } of findChordGrips(tuned, chord, player)) {
        const sound = soundCost(fretting, soundingMidi(tuned, fretting), weights);
        min = Math.min(min, weighGrip(best.effort, preference.points, sound, weights));
      }
      return sum + times * min;
    },
    weighRetuning(retuningPoints(space.from, midi), weights),
  );
}

/** Tunings drawn with a fixed seed (Park and Miller's generator), so that runs can be compared. */
function sampleOf(perString: readonly (readonly number[])[], count: number): number[][] {
  let seed = 20261125;
  const draw = (below: number) => (seed = (seed * 16807) % 2147483647) % below;
  return Array.from({ length: count }, () =>
    perString.map((pitches) => pitches[draw(pitches.length)] ?? 0),
  );
}
