import { describe, expect, test } from "@jest/globals";
import { LEVELS, TIMING } from "@/core/motion";
import { kindOf, tempoAgreement } from "./agreement";
import { readTempoTable } from "./tempoTable";

/** Tempos that players hold (common practice, judged twice); bench/tempo/tempoTable.ts describes the table. */
const table = readTempoTable();

describe.each(LEVELS)("the tempos of half a table of changes, %s", (level) => {
  test("a change holds to a tempo within its range in 92% of them", () => {
    expect(tempoAgreement(table, level, TIMING[level]).holds).toBeGreaterThanOrEqual(0.92);
  });

  test("no kind of change with four cases or more falls under 75%", () => {
    for (const kind of new Set(table.map(kindOf))) {
      const changes = table.filter((each) => kindOf(each) === kind);
      if (changes.length < 4) continue;
      const { holds } = tempoAgreement(changes, level, TIMING[level]);
      expect(`${kind}: ${holds >= 0.75}`).toBe(`${kind}: true`);
    }
  });
});

test("what is possible lies within a tenth of the upper ends in 80% of them, all levels together", () => {
  const shares = LEVELS.map((level) => tempoAgreement(table, level, TIMING[level]).possible);
  expect(shares.reduce((sum, share) => sum + share, 0) / LEVELS.length).toBeGreaterThanOrEqual(0.8);
});
