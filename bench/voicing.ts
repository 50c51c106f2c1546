import { findSetFrettings, findVoicingFrettings } from "@/core/fretting";
import { bruteForceVoicing } from "@/core/fretting/testing";
import { findGrips, rankGrips } from "@/core/grip";
import { DEFAULT_HAND, handReachMm, rankFingers } from "@/core/hand";
import { makeNeck, type Neck } from "@/core/neck";
import { spellPitchClass } from "@/core/pitch";
import { usualMidi } from "@/core/tuning";
import { quantile, timeMs } from "./median";

/**
 * Finding, fingering, damping and ranking grips over all twelve roots in turn, against brute force
 * (every fret combination over every three strings, enumeration only) in the same run. Compare
 * ratios; the times depend on the machine.
 */
const VOICING = [0, 7, 12];
const FIVE = { allowed: [0, 7], required: [0, 7], minNotes: 2, maxNotes: 6 };
const ROOTS = 12;
const RUNS = 600;
const SLOW_RUNS = 24;

const limit = { reachMm: handReachMm(DEFAULT_HAND) };
const six = neckOf(6);
const ten = neckOf(10);
const freeMode = (run: number) => findSetFrettings(six, run % ROOTS, FIVE, limit);
const gripsOf = (neck: Neck) => (run: number) =>
  findGrips(neck, spellPitchClass(run % ROOTS), VOICING);

console.log("24 frets, hand of 150 mm, twelve roots in turn; medians");
const enumerate = show(
  "R 5 8 on six strings, enumerate",
  timeMs(RUNS, (run) => findVoicingFrettings(six, run % ROOTS, VOICING, limit)),
);
const rank = show("R 5 8 on six strings, everything", timeMs(RUNS, gripsOf(six)));
show("R 5 8 on ten strings, everything", timeMs(RUNS, gripsOf(ten)));
show(
  "{R, 5}, 2 to 6 notes, everything",
  timeMs(SLOW_RUNS, (run) => rankGrips(six, spellPitchClass(run % ROOTS), freeMode(run))),
);
const bruteForce = show(
  "R 5 8 on six strings, brute force",
  timeMs(SLOW_RUNS, (run) => bruteForceVoicing(six, run % ROOTS, VOICING)),
);
console.log(`brute force / enumerate     ${(bruteForce / enumerate).toFixed(1)}`);
console.log(`brute force / everything    ${(bruteForce / rank).toFixed(1)}`);
showShapesPerSecond();

/** Every playable shape of three sets, with all its fingerings, their damping and effort. */
function showShapesPerSecond(): void {
  const roots = Array.from({ length: ROOTS }, (_, root) => root);
  const sets = {
    "R 5 8, all roots": roots.flatMap((root) => findVoicingFrettings(six, root, VOICING, limit)),
    "R 5, 5 R and R 8, all roots": roots.flatMap((root) =>
      [
        [0, 7],
        [-5, 0],
        [0, 12],
      ].flatMap((voicing) => findVoicingFrettings(six, root, voicing, limit)),
    ),
    "{R, 5}, 2 to 6 notes, all roots": roots.flatMap(freeMode),
  };
  for (const [name, frettings] of Object.entries(sets)) {
    const playable = frettings.filter((fretting) => rankFingers(six, fretting).length > 0);
    const runs = Math.ceil(60_000 / playable.length);
    const countFingerings = () =>
      playable.reduce((sum, fretting) => sum + rankFingers(six, fretting).length, 0);
    const samples = timeMs(runs, countFingerings);
    const perSecond = (1000 * playable.length) / quantile(samples, 0.5);
    console.log(
      `${name}: ${playable.length} playable shapes, ${countFingerings()} fingerings, ` +
        `${Math.round(perSecond).toLocaleString("en")} shapes a second`,
    );
  }
}

function neckOf(strings: number): Neck {
  const made = makeNeck({ midi: usualMidi(strings), frets: 24 });
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
}

/** Prints the median and returns it, in ms. */
function show(what: string, samples: readonly number[]): number {
  const median = quantile(samples, 0.5);
  const late = quantile(samples, 0.95).toFixed(3);
  console.log(`${what.padEnd(34)} ${median.toFixed(3)} ms (p95 ${late} ms)`);
  return median;
}
