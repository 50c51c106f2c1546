import { writeFileSync } from "node:fs";
import {
  LEVELS,
  TIMING,
  TIMING_TERMS,
  timingParts,
  type Level,
  type TimingConstants,
  type TimingTerms,
} from "@/core/motion";
import { kindOf, strays, tempoAgreement } from "./tempo/agreement";
import { FIRST_CONSTANTS, FIRST_POSSIBLE } from "./tempo/firstConstants";
import { fitTempo, termsOf } from "./tempo/fitTempo";
import { readTempoTable, type TableChange } from "./tempo/tempoTable";

/**
 * Fits the timing constants to half of a table of tempos and reports how often the predicted tempos are right, including on
 * held-out kinds of change: `npm run bench -- tempo`. With --write the fitted constants replace the shipped ones.
 */
const CONSTANTS_FILE = "src/core/motion/fittedTiming.ts";
const FOLDS = 10;

const table = readTempoTable();
for (const level of LEVELS) {
  show(`${level}, as shipped`, table, () => TIMING[level], level);
  show(`${level}, first constants`, table, () => firstOf(level), level);
  show(`${level}, a tenth held out each time`, table, heldOut(level, byTurns), level);
  show(`${level}, each kind held out`, table, heldOut(level, byKind), level);
}
for (const level of LEVELS) {
  for (const line of strays(table, level, fitted(table, level))) console.log(`${level}: ${line}`);
}

for (const term of TIMING_TERMS) {
  const shown = table.filter(({ change }) => timingParts(change, 1)[term] !== 0).length;
  const ms = LEVELS.map((level) => TIMING[level][term]).join(", ");
  console.log(`${term}: ${ms}; shown by ${shown} changes`);
}

if (process.argv.includes("--write")) {
  const lines = LEVELS.map((level) => {
    const { possible, usableShare: _, ...terms } = fitted(table, level);
    return `  ${level}: {\n${termLines(terms, "    ")}\n    possible: {\n${termLines(possible, "      ")}\n    },\n  },`;
  });
  writeFileSync(
    CONSTANTS_FILE,
    `/**
 * Timing constants of each level in ms, and under "possible" those of its fastest players. Written by
 * \`npm run bench -- tempo --write\`, which fits them to bench/tempo/changes.json.
 */
export const FITTED_TIMING = {
${lines.join("\n")}
} as const;
`,
  );
}

function fitted(changes: readonly TableChange[], level: Level): TimingConstants {
  return {
    ...rounded(fitTempo(changes, level, "middle", FIRST_CONSTANTS[level])),
    possible: rounded(fitTempo(changes, level, "upper end", FIRST_POSSIBLE[level])),
    usableShare: 1,
  };
}

function firstOf(level: Level): TimingConstants {
  return { ...FIRST_CONSTANTS[level], possible: FIRST_POSSIBLE[level], usableShare: 1 };
}

/** Rounds to half a millisecond; the table is not more precise than that. */
function rounded(terms: TimingTerms): TimingTerms {
  return termsOf((term) => Math.round(2 * terms[term]) / 2);
}

/** For each change, the constants fitted without the group that the change belongs to. */
function heldOut(
  level: Level,
  partOf: (change: TableChange, index: number) => string,
): (change: TableChange, index: number) => TimingConstants {
  const parts = table.map(partOf);
  const known = new Map(
    [...new Set(parts)].map((part) => [
      part,
      fitted(
        table.filter((_, index) => parts[index] !== part),
        level,
      ),
    ]),
  );
  return (_, index) => known.get(parts[index] ?? "") ?? TIMING[level];
}

function byTurns(_: TableChange, index: number): string {
  return String(index % FOLDS);
}

function byKind(change: TableChange): string {
  return kindOf(change);
}

function show(
  name: string,
  changes: readonly TableChange[],
  constantsOf: (change: TableChange, index: number) => TimingConstants,
  level: Level,
): void {
  const byEach = changes.map((change, index) => ({
    kind: kindOf(change),
    ...tempoAgreement([change], level, constantsOf(change, index)),
  }));
  const mean = (of: "holds" | "possible", some = byEach) =>
    some.reduce((sum, each) => sum + each[of], 0) / some.length;
  const percent = (share: number) => `${(100 * share).toFixed(0)}%`;
  const kinds = [...new Set(byEach.map(({ kind }) => kind))].flatMap((kind) => {
    const some = byEach.filter((each) => each.kind === kind);
    const share = mean("holds", some);
    return share < 1 ? [`${kind} ${percent(share)} of ${some.length}`] : [];
  });
  console.log(
    `${name}: holds within the range ${percent(mean("holds"))}, possible within a tenth of its end ${percent(mean("possible"))}` +
      (kinds.length > 0 ? `; kinds not whole: ${kinds.join(", ")}` : ""),
  );
}

function termLines(terms: TimingTerms, indent: string): string {
  return Object.entries(terms)
    .map(([term, ms]) => `${indent}${term}: ${ms},`)
    .join("\n");
}
