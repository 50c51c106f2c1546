import { array, boolean, number, object } from "yup";
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
import { countChords } from "@/core/chart";
import {
  findUnplayable,
  makeSearchSpace,
  MAX_FOUND,
  NO_SEARCH_LIMITS,
  searchTunings,
  type FoundTuning,
  type SearchRequest,
} from "@/core/compare";
import { type Fretting } from "@/core/fretting";
import { stringScaleMm, type Neck } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import { failure, success } from "@/core/result";
import { DEFAULT_TENSION_LIMITS } from "@/core/strings";
import { nameTuning, TUNINGS, usualMidi } from "@/core/tuning";

const semitones = number().integer().min(0).max(24);

const MAX_ASKED = 1000;

export const searchCommand = defineCommand({
  name: "search",
  summary: "the tunings that serve best: --tuning standard --chords 'D5 F5 C5' --within 2",
  schema: object({
    tuning: tuningArgument,
    within: semitones,
    limits: object({
      up: semitones,
      down: semitones,
      /** Indexes from the thickest string, from 0. */
      strings: array(number().integer().min(0).required()).default(undefined),
      maxStrings: number().integer().min(0),
      lowest: number().integer(),
      tension: boolean(),
    })
      .noUnknown()
      .default(undefined),
    catalogue: boolean(),
    onlyGainful: boolean(),
    max: number().integer().min(1).max(MAX_ASKED),
    frets: fretsArgument,
    guitar: guitarArgument,
    hand: handArgument,
    school: schoolArgument,
    ...chordArguments,
  }).noUnknown(),
  run: (args) => {
    const tuning = toTuning(args.tuning as TuningArgument);
    if (!tuning.ok) return tuning;
    const { midi } = tuning.value;
    const neck = toNeck({ tuning: midi, frets: args.frets, guitar: args.guitar });
    if (!neck.ok) return neck;
    const chords = toChords(args);
    if (!chords.ok) return chords;
    const enough = checkMinNotes(args.minNotes, midi.length);
    if (!enough.ok) return enough;
    const { up, down, strings, maxStrings, lowest, tension } = args.limits ?? {};
    const within = args.within ?? NO_SEARCH_LIMITS.up;
    const limits = {
      up: up ?? within,
      down: down ?? within,
      movable: strings ?? null,
      maxTurned: maxStrings ?? null,
      lowest: lowest ?? null,
      tension: tension ? { guitar: strungAs(neck.value), limits: DEFAULT_TENSION_LIMITS } : null,
    };
    const others = args.catalogue ? TUNINGS.map((each) => each.midi) : [];
    const space = makeSearchSpace(midi, limits, others);
    if (!space.ok) return space;
    const request: SearchRequest = {
      neck: neck.value,
      player: { hand: toHand(args.hand), school: args.school },
      chords: countChords(chords.value),
      weights: toWeights(args.weights),
      space: space.value,
      max: args.max ?? MAX_FOUND,
      onlyGainful: args.onlyGainful ?? false,
    };
    const start = performance.now();
    const found = runToEnd(request);
    const seconds = (performance.now() - start) / 1000;
    const unplayable = found.length === 0 ? findUnplayable(request) : null;
    if (unplayable) {
      return failure("chords", `no tuning within these limits can play ${unplayable.name}`);
    }
    return success({
      tunings: found.map((each) => answerOf(request, each)),
      evaluated: space.value.size,
      seconds,
    });
  },
  print: ({ tunings, evaluated, seconds }) =>
    [
      ...tunings.map(({ name, score, chords }) =>
        [
          name.padEnd(24),
          score.toFixed(1).padStart(6),
          chords.map(({ fretting }) => frettingText(fretting)).join("  "),
        ].join(" "),
      ),
      `${evaluated} tunings in ${seconds.toFixed(1)} s`,
    ].join("\n"),
});

interface TuningResponse {
  readonly name: string;
  readonly midi: readonly Midi[];
  readonly score: number;
  /** Effort points of the retuning. */
  readonly retuning: number;
  readonly chords: readonly {
    readonly chord: string;
    readonly fretting: Fretting;
    readonly effort: number;
    readonly preference: number;
    readonly cost: number;
  }[];
}

function answerOf({ chords }: SearchRequest, found: FoundTuning): TuningResponse {
  const { midi, score, retuning, grips } = found;
  return {
    name: nameTuning(midi).name,
    midi,
    score,
    retuning,
    chords: grips.map(({ fretting, effort, preference, cost }, index) => ({
      chord: chords[index]?.chord.name ?? "",
      fretting,
      effort,
      preference,
      cost,
    })),
  };
}

function runToEnd(request: SearchRequest): readonly FoundTuning[] {
  const run = searchTunings(request);
  for (let step = run.next(); ; step = run.next()) if (step.done) return step.value;
}

/** The usual strings for this many. */
function strungAs(neck: Neck) {
  return {
    usualMidi: usualMidi(neck.midi.length),
    scalesMm: neck.midi.map((_, string) => stringScaleMm(neck, string)),
    frets: neck.frets,
  };
}
