import { describe, expect, test } from "@jest/globals";
import { countChords, readProgression } from "@/core/chart";
import { countGrips, sumCounts } from "@/core/chordGrips";
import { scoreOf, stageCost, weighTuning } from "@/core/compare";
import { DEFAULT_WEIGHTS, makeGripSearch } from "@/core/gripSearch";
import { makeNeck, stringScaleMm } from "@/core/neck";
import { pitchText } from "@/core/pitch";
import { routeThrough } from "@/core/plan";
import { describeSound } from "@/core/sound";
import { nameTuning, usualMidi } from "@/core/tuning";
import { type Guitar } from "@/state";
import { figureGroups } from "./figures";
import { type ColumnResult } from "./useCompareResults";

const STANDARD = usualMidi(6);
const WAITING = { kind: "waiting" } as const;
const ready = <T>(value: T) => ({ kind: "ready", value }) as const;
const OPEN_D = [38, 45, 50, 54, 57, 62];

/** A column with everything worked out, on a guitar in standard tuning. */
function columnFor(midi: readonly number[]): ColumnResult {
  const neck = makeNeck({ midi, frets: 12 });
  const read = readProgression("D5 G5");
  if (!neck.ok || !read.ok) throw new Error("a neck and chords");
  const sequence = read.value;
  const chords = countChords(sequence);
  const search = makeGripSearch(neck.value, {}, DEFAULT_WEIGHTS);
  const weighed = weighTuning(search, neck.value, chords, {}, 1);
  const guitar = {
    usualMidi: STANDARD,
    scalesMm: STANDARD.map((_, string) => stringScaleMm(neck.value, string)),
    frets: 12,
  };
  const cost = stageCost(guitar, STANDARD, midi, 0.5);
  return {
    column: { guitar: { name: "Ash six" } as Guitar, tuning: nameTuning(midi), neck: neck.value },
    cost,
    weighed,
    score: scoreOf(weighed.totals, cost, DEFAULT_WEIGHTS),
    route: ready(routeThrough(search, neck.value, sequence, {}, DEFAULT_WEIGHTS)),
    counts: ready(sumCounts(chords.map(({ chord }) => countGrips(neck.value, chord)))),
    sounds: ready(weighed.chords.map(({ grips: [best] }) => describeSound(best?.grip.midi ?? []))),
  };
}

const textsOf = (columns: readonly ColumnResult[], name: string) =>
  figureGroups(columns, (midi) => pitchText(midi))
    .flatMap(({ rows }) => rows)
    .find((row) => row.name === name)?.texts;

describe("the figures of a comparison", () => {
  const columns = [columnFor(STANDARD), columnFor(OPEN_D)];
  const [standard, open] = columns;
  if (!standard || !open) throw new Error("two columns");

  test("tell each tuning's efforts, notes, counts and cost", () => {
    expect(textsOf(columns, "Total effort")).toEqual(
      columns.map(({ weighed }) => weighed?.totals?.effort.toFixed(1)),
    );
    expect(textsOf(columns, "Held with one finger or none")?.[1]).toBe("2 of 2");
    expect(textsOf(columns, "Lowest note")?.[1]).toBe("D2");
    expect(textsOf(columns, "Strings to turn")).toEqual(["0", "4"]);
    expect(textsOf(columns, "On stage")).toEqual(["no time", "2 min"]);
    expect(textsOf(columns, "Playable")).toEqual(
      columns.map(({ counts }) =>
        counts.kind === "ready" ? String(counts.value?.playable) : counts.kind,
      ),
    );
    expect(textsOf(columns, "Grips along it")?.[1]).toMatch(/^000×××, /);
    expect(textsOf(columns, "Implied low note")?.[1]).toMatch(/^[A-G][#b]?[0-3]$/);
  });

  test("tell cautions where there are any, and leave the line out where there are none", () => {
    expect(textsOf([standard], "Caution")).toBeUndefined();
    const low = columnFor(STANDARD.map((midi) => midi - 5));
    expect(textsOf([standard, low], "Caution")?.[1]).toMatch(
      /String 6 keeps 56% .* have a qualified technician check/,
    );
  });

  test("say what is still worked out, and what cannot be told", () => {
    const working = { ...open, weighed: null, route: WAITING, counts: WAITING, sounds: WAITING };
    const unable = { ...open, route: ready(null), counts: ready(null) };
    for (const name of ["Total effort", "Hand travels", "Playable", "Implied low note"]) {
      expect(textsOf([working], name)).toEqual(["…"]);
    }
    expect(textsOf([unable], "Hand travels")).toEqual(["none"]);
    expect(textsOf([unable], "Playable")).toEqual(["too many"]);
    const mute = {
      ...open,
      weighed: { chords: [], totals: null },
      score: null,
      sounds: ready([null]),
    };
    expect(textsOf([mute], "Total effort")).toEqual(["none"]);
    expect(textsOf([mute], "Score, as you weigh it")).toEqual(["none"]);
    expect(textsOf([mute], "Roughness under gain, per chord")).toEqual(["none"]);
  });
});
