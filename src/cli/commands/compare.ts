import { array, lazy, object, string } from "yup";
import {
  fretsArgument,
  guitarArgument,
  handArgument,
  schoolArgument,
  toHand,
  toNeck,
  toTuning,
  tuningArgument,
  type TuningArgument,
} from "@/cli/arguments";
import { chordArguments, checkMinNotes, toChords, toWeights } from "@/cli/chords";
import { defineCommand } from "@/cli/command";
import { frettingText } from "@/cli/text";
import { countChords, type Chord } from "@/core/chart";
import {
  retuningPoints,
  scoreOf,
  weighTuning,
  type Totals,
  type WeighedChord,
} from "@/core/compare";
import { type Fretting } from "@/core/fretting";
import { makeGripSearch, type Weights } from "@/core/gripSearch";
import { type Fingering, type Player } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import { routeThrough } from "@/core/plan";
import { failure, success, type Result } from "@/core/result";
import { retuneSteps, type RetuneStep } from "@/core/retuning";
import { samePitches, usualMidi, type Tuning } from "@/core/tuning";

const MAX_TUNINGS = 50;

const tuningsArgument = lazy((value: unknown) =>
  Array.isArray(value)
    ? array(tuningArgument).max(MAX_TUNINGS).required()
    : string().defined(({ path }) => `${path}: name some, like 'standard, drop D'`),
);

export const compareCommand = defineCommand({
  name: "compare",
  summary: "chords in several tunings: --tunings 'standard, drop D' --chords 'D5 F5 C5'",
  schema: object({
    tunings: tuningsArgument,
    from: lazy((value) => (value === undefined ? string().optional() : tuningArgument)),
    frets: fretsArgument,
    guitar: guitarArgument,
    hand: handArgument,
    school: schoolArgument,
    ...chordArguments,
  }).noUnknown(),
  run: (args) => {
    const tunings = toTunings(args.tunings as string | readonly TuningArgument[]);
    if (!tunings.ok) return tunings;
    const chords = toChords(args);
    if (!chords.ok) return chords;
    const from = args.from === undefined ? null : toTuning(args.from as TuningArgument, "from");
    if (from && !from.ok) return from;
    const player = { hand: toHand(args.hand), school: args.school };
    const weights = toWeights(args.weights);
    const compared: ComparedTuning[] = [];
    for (const { midi, name } of tunings.value) {
      const { frets, guitar } = args;
      const neck = toNeck({ tuning: midi, frets, guitar });
      if (!neck.ok) return neck;
      const enough = checkMinNotes(args.minNotes, midi.length);
      if (!enough.ok) return enough;
      const start = from?.value.midi ?? usualMidi(midi.length);
      const answer = compareOne(neck.value, chords.value, player, weights);
      compared.push({ name, midi, ...answer, ...retuningTo(start, midi, answer.totals, weights) });
    }
    return success({ tunings: compared });
  },
  print: ({ tunings }) => tunings.map(textOf).join("\n\n"),
});

interface ComparedTuning extends OneTuning, Retuning {
  readonly name: string;
  readonly midi: readonly Midi[];
}

interface OneTuning {
  /** The best fingering of each chord, each chord once; null where it cannot be played. */
  readonly chords: readonly {
    readonly chord: string;
    readonly times: number;
    readonly best: BestGrip | null;
  }[];
  readonly totals: Totals | null;
  readonly route: {
    readonly frettings: readonly Fretting[];
    readonly cost: number;
    readonly travelMm: number;
    readonly shifts: number;
  } | null;
}

interface BestGrip extends Pick<Fingering, "fretting" | "fingers" | "effort" | "reachMm"> {
  readonly preference: number;
  readonly cost: number;
  readonly pitches: readonly Midi[];
  readonly name: string;
}

interface Retuning {
  /** Null on a guitar with another number of strings. */
  readonly retuning: { readonly steps: readonly RetuneStep[]; readonly points: number } | null;
  /** The chords' costs and the retuning, each times its weight; null where a chord has no grip. */
  readonly score: number | null;
}

function toTunings(said: string | readonly TuningArgument[]): Result<readonly Tuning[]> {
  const words = typeof said === "string" ? said.split(/[,;]/).filter((word) => word.trim()) : said;
  if (words.length === 0) return failure("tunings", "no tuning; name some, like standard, drop D");
  const tunings: Tuning[] = [];
  for (const [index, word] of words.entries()) {
    const tuning = toTuning(word, `tunings[${index}]`);
    if (!tuning.ok) return tuning;
    const { midi, name } = tuning.value;
    if (tunings.some((other) => samePitches(other.midi, midi))) {
      return failure(`tunings[${index}]`, `'${name}' is there already; name each tuning once`);
    }
    tunings.push(tuning.value);
  }
  return success(tunings);
}

function compareOne(
  neck: Neck,
  sequence: readonly Chord[],
  player: Player,
  weights: Weights,
): OneTuning {
  const search = makeGripSearch(neck, player, weights);
  const { chords, totals } = weighTuning(search, neck, countChords(sequence), player, 1);
  const route = routeThrough(search, neck, sequence, player, weights);
  return {
    chords: chords.map((each) => ({
      chord: each.chord.name,
      times: each.times,
      best: bestOf(each),
    })),
    totals,
    route: route && {
      frettings: route.stops.map(({ fingering }) => fingering.fretting),
      cost: route.total,
      travelMm: route.travelMm,
      shifts: route.shifts,
    },
  };
}

function bestOf({ grips: [first] }: WeighedChord): BestGrip | null {
  if (!first) return null;
  const { best, preference, midi, name } = first.grip;
  const { fretting, fingers, effort, reachMm } = best;
  return {
    fretting,
    fingers,
    effort,
    preference: preference.points,
    reachMm,
    cost: first.cost,
    pitches: midi,
    name,
  };
}

function retuningTo(
  from: readonly Midi[],
  to: readonly Midi[],
  totals: Totals | null,
  weights: Weights,
): Retuning {
  const steps = retuneSteps(from, to);
  const points = steps ? retuningPoints(from, to) : 0;
  return {
    retuning: steps && { steps, points },
    score: scoreOf(totals, { points }, weights),
  };
}

function textOf({ name, chords, totals, route, retuning, score }: ComparedTuning): string {
  const lines = chords.map(({ chord, best }) =>
    best
      ? `  ${chord.padEnd(8)} ${frettingText(best.fretting).padEnd(20)} ${best.effort.toFixed(1).padStart(5)}`
      : `  ${chord.padEnd(8)} cannot be played`,
  );
  const sums = totals
    ? `  effort ${totals.effort.toFixed(1)}, hand travels ${Math.round(route?.travelMm ?? 0)} mm with ${shiftsText(route?.shifts ?? 0)}, score ${score?.toFixed(1)}`
    : "  not all chords can be played";
  const turns = retuning ? `  strings to retune: ${retuning.steps.length}` : "  another guitar";
  return [name, ...lines, sums, turns].join("\n");
}

function shiftsText(shifts: number): string {
  return shifts === 1 ? "1 shift" : `${shifts} shifts`;
}
