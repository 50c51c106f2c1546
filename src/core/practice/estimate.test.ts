import { describe, expect, test } from "@jest/globals";
import { seededRandom } from "@/core/random";
import { estimateAfter, type TimedRound } from ".";

const DAY_MS = 86_400_000;
const round = (bpm: number, result: TimedRound["result"], atMs = 0): TimedRound => ({
  atMs,
  bpm,
  result,
});

/** A hand that plays half of its rounds clean at a tempo and does not change. */
function playedBy(halfCleanBpm: number, tempos: readonly number[], seed: number) {
  const random = seededRandom(seed);
  return tempos.map((bpm) => {
    const clean = 1 / (1 + (bpm / halfCleanBpm) ** (1 / 0.08));
    return round(bpm, random() < clean ? "clean" : "missed");
  });
}

describe("what a player can do with a drill", () => {
  test("without rounds nothing is said", () => {
    expect(estimateAfter([], 0)).toBeNull();
  });

  test("clean rounds raise it, missed ones lower it, and each narrows the band", () => {
    const one = estimateAfter([round(80, "clean")], 0);
    const more = estimateAfter([round(80, "clean"), round(84, "clean")], 0);
    const missed = estimateAfter([round(80, "clean"), round(84, "missed")], 0);
    expect(more?.heldBpm).toBeGreaterThan(one?.heldBpm ?? Infinity);
    expect(missed?.heldBpm).toBeLessThan(one?.heldBpm ?? 0);
    const width = (of: typeof one) => Math.log((of?.highBpm ?? 0) / (of?.lowBpm ?? 1));
    expect(width(more)).toBeLessThan(width(one));
  });

  test("rest lowers it a little and widens the band", () => {
    const rounds = [80, 84, 88].map((bpm) => round(bpm, "clean"));
    const now = estimateAfter(rounds, 0);
    const later = estimateAfter(rounds, 30 * DAY_MS);
    expect(later?.heldBpm).toBeLessThan(now?.heldBpm ?? 0);
    expect(later?.heldBpm).toBeGreaterThan(0.9 * (now?.heldBpm ?? Infinity));
    expect((later?.highBpm ?? 0) / (later?.lowBpm ?? 1)).toBeGreaterThan(
      (now?.highBpm ?? 0) / (now?.lowBpm ?? 1),
    );
  });

  test("of 200 hands that do not change, the band holds the truth for about eight in ten", () => {
    let [inBand, error] = [0, 0];
    for (let hand = 0; hand < 200; hand++) {
      const halfClean = 70 + (hand % 50);
      const tempos = Array.from({ length: 40 }, (_, at) => halfClean * (0.8 + 0.01 * at));
      const found = estimateAfter(playedBy(halfClean, tempos, hand), 0);
      // Eight in ten rounds come clean at this tempo.
      const held = halfClean * Math.exp(-0.08 * Math.log(4));
      if (found && found.lowBpm <= held && held <= found.highBpm) inBand++;
      error += Math.abs(Math.log((found?.heldBpm ?? 1) / held)) / 200;
    }
    expect(inBand / 200).toBeGreaterThan(0.7);
    expect(error).toBeLessThan(0.05);
  });
});
