import { writeFileSync } from "node:fs";
import { EFFORT_PARTS } from "@/core/hand";
import { agreement, type Agreement } from "./hand/agreement";
import { caseOf, rankAsShipped, rankByWeights } from "./hand/cases";
import { disagreements, type Cause, type Disagreement } from "./hand/disagreements";
import { fitWeights } from "./hand/fitWeights";
import { JUDGED_WEIGHTS, NEVER_FITTED } from "./hand/judgedWeights";
import { neckFor } from "./hand/labelled";
import { fingersKey, readOpenData } from "./hand/openData";
import { alternateShapes, randomShapes, type Halves } from "./hand/splits";
import { rejectedPowerChords, separateEdges } from "./hand/verdicts";

/**
 * Fits the weights of the effort on one half of the open data and tells how well they do on the
 * other: `npm run bench -- fit`. With --write the fitted weights replace the shipped ones; with
 * --list every disagreement is told.
 */
const STANDARD = [40, 45, 50, 55, 59, 64];
const RANDOM_SPLITS = 12;
const WEIGHTS_FILE = "src/core/hand/fittedEffort.ts";

const data = readOpenData();
const neck = neckFor(STANDARD);
const cases = data.frettings.map((given) => caseOf(neck, given));
const judged = EFFORT_PARTS.map((name) => JUDGED_WEIGHTS[name]);
const shipped = rankAsShipped(neck);
const isFitted = EFFORT_PARTS.map((name) => !NEVER_FITTED.has(name));
const halves = alternateShapes(cases);
const refitted = fit(halves);

console.log(
  `${data.positions} positions, ${data.skipped} without whole fingers; ${cases.length} distinct ` +
    `frettings in ${halves.fitted.length} + ${halves.heldOut.length}`,
);
show("judged weights, held-out half", agreement(halves.heldOut, rankByWeights(judged)));
show("as shipped, fitted half", agreement(halves.fitted, shipped));
show("as shipped, held-out half", agreement(halves.heldOut, shipped));
show("fitted again just now, held-out half", agreement(halves.heldOut, rankByWeights(refitted)));
showRandomSplits();
showDisagreements();
showVerdicts();
if (process.argv.includes("--write")) writeWeights(refitted);

function fit({ fitted }: Halves): Float64Array {
  return fitWeights({ cases: fitted, start: judged, isFitted });
}

function show(what: string, found: Agreement): void {
  console.log(
    `${what.padEnd(38)} playable ${percent(found.playable)}  first ${percent(found.first)}  ` +
      `first three ${percent(found.firstThree)}  by shape ${percent(found.firstByShape)}  ` +
      percent(found.firstThreeByShape),
  );
}

function percent(share: number): string {
  return `${(100 * share).toFixed(1)} %`.padStart(7);
}

/** How far the figures move with the half that happens to be held out. */
function showRandomSplits(): void {
  const found = Array.from({ length: RANDOM_SPLITS }, (_, index) => {
    const split = randomShapes(cases, index + 1);
    return agreement(split.heldOut, rankByWeights(fit(split)));
  });
  const told = (name: string, of: (result: Agreement) => number) => {
    const values = found.map(of);
    const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
    const range = `${percent(Math.min(...values))} to ${percent(Math.max(...values))}`;
    return `${name} ${percent(mean)} (${range.trim()})`;
  };
  const first = told("first", ({ first: share }) => share);
  const three = told("first three", ({ firstThree }) => firstThree);
  console.log(`${RANDOM_SPLITS} random halves held out: ${first}, ${three}`);
}

function showDisagreements(): void {
  const found = disagreements(halves.heldOut, cases, shipped);
  const count = (cause: Cause) => found.filter((one) => one.cause === cause).length;
  console.log(
    `${found.length} disagreements held out: given fingering illegal ` +
      `${count("given fingering illegal")}, given elsewhere for the same shape ` +
      `${count("data contradict themselves")}, ours ${count("ours")}`,
  );
  if (!process.argv.includes("--list")) return;
  for (const line of new Set(found.map(lineOf))) console.log(line);
}

/** One line for a shape, whatever its place on the neck. */
function lineOf({ example, suggested, cause }: Disagreement): string {
  const short = (key: string) => key.replace(/[0,]/g, "");
  const given = [...example.given].map(short).join(" or ");
  return `  ${example.shape.padEnd(14)} suggested ${short(suggested) || "nothing"}, given ${given}: ${cause}`;
}

function showVerdicts(): void {
  const rejected = rejectedPowerChords();
  console.log(`labelled fives whose first suggestion is not accepted: ${rejected.length}`);
  for (const { fretting, suggested, accepted } of rejected) {
    console.log(
      `  ${fingersKey(fretting.map((fret) => fret ?? -1))}: ${suggested}, not ${[...accepted].join(" or ")}`,
    );
  }
  const edges = separateEdges();
  console.log(
    `impossible against hard shapes: area under the curve ${edges.area.toFixed(3)}, by effort ` +
      `alone ${edges.areaOfEffortAlone.toFixed(3)}; impossible but held ` +
      `${edges.impossibleHeld.length}, playable but refused ${edges.playableRefused.length}`,
  );
}

function writeWeights(weights: ArrayLike<number>): void {
  const lines = EFFORT_PARTS.map(
    (name, part) => `  "${name}": ${Number(weights[part]?.toFixed(2))},`,
  );
  writeFileSync(
    WEIGHTS_FILE,
    `/**
 * Every weight of the effort, in effort points (2 is an index finger put down) per unit of the part
 * named. Written by \`npm run bench -- fit --write\`: fitted on one half of the open data from the
 * judged weights of bench/hand/judgedWeights.ts, which also says what is never fitted.
 */
export const EFFORT_WEIGHTS = {
${lines.join("\n")}
} as const;

export type PartName = keyof typeof EFFORT_WEIGHTS;
`,
  );
  console.log(`wrote ${WEIGHTS_FILE}`);
}
