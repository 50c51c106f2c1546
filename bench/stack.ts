import { bruteForceStack, findStackFrettings } from "@/core/fretting";
import { DEFAULT_HAND, findGrips, handReachMm } from "@/core/hand";
import { makeNeck } from "@/core/neck";
import { spellPitchClass } from "@/core/pitch";
import { usualMidi } from "@/core/tuning";
import { quantile, timeMs } from "./median";

/**
 * R 5 8 in standard tuning with 24 frets, over all twelve roots in turn: the time to enumerate and
 * rank, and the ratio to brute force (every fret combination over every three strings, enumeration
 * only) in the same run. Compare ratios; the times depend on the machine.
 */
const STACK = [0, 7, 12];
const RUNS = 600;
const BRUTE_FORCE_RUNS = 24;

const made = makeNeck({ midi: usualMidi(6), frets: 24 });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;
const limit = { reachMm: handReachMm(DEFAULT_HAND) };

const enumerate = timeMs(RUNS, (run) => findStackFrettings(neck, run % 12, STACK, limit));
const rank = timeMs(RUNS, (run) => findGrips(neck, spellPitchClass(run % 12), STACK));
const bruteForce = timeMs(BRUTE_FORCE_RUNS, (run) => bruteForceStack(neck, run % 12, STACK));

const median = (samples: readonly number[]) => quantile(samples, 0.5);
const show = (what: string, samples: readonly number[]) =>
  console.log(
    `${what.padEnd(40)} ${median(samples).toFixed(3)} ms (p95 ${quantile(samples, 0.95).toFixed(3)} ms)`,
  );

console.log("R 5 8, standard tuning, 24 frets, hand of 150 mm; medians");
show("enumerate", enumerate);
show("enumerate, finger and rank", rank);
show("brute force, enumeration only", bruteForce);
console.log(
  `brute force / enumerate                  ${(median(bruteForce) / median(enumerate)).toFixed(1)}`,
);
console.log(
  `brute force / enumerate, finger and rank ${(median(bruteForce) / median(rank)).toFixed(1)}`,
);
