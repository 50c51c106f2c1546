import { demandsWith } from "../../src/core/motion/testing";
import { roundFor } from "../../src/server/testing/makers";

const DRILLS = 60;
const CARDS = 72;
const MINUTE_MS = 60_000;
const KINDS = ["know", "move", "sound", "hear", "song"] as const;
const RESULTS = ["clean", "rough", "missed"] as const;

/** Rounds of many years, of all kinds, 42 minutes apart. */
export function manyRounds(count: number) {
  const change = demandsWith({ travelMm: 60 });
  return Array.from({ length: count }, (_, index) => {
    const drill = (index * 7919) % DRILLS;
    const kind = KINDS[drill % KINDS.length] ?? "move";
    const isKnow = kind === "know";
    return roundFor({
      atMs: Date.UTC(2018, 0) + index * 42 * MINUTE_MS,
      drill: `${kind}:drill-${drill}`,
      name: `Drill ${drill}`,
      kind,
      result: RESULTS[((index * 31) % 7) % 3] ?? "clean",
      bpm: isKnow ? null : 60 + (index % 90),
      card: isKnow ? `note:${40 + (index % 6)}:${(index * 5) % (CARDS / 6)}` : null,
      change: kind === "move" ? { ...change, availableMs: 150 + (index % 200) } : null,
      medianMs: index % 3 === 0 ? (index % 50) - 25 : null,
      songId: kind === "song" ? 1 + (drill % 4) : null,
    });
  });
}
