import { array, number, object } from "yup";
import {
  fretsArgument,
  guitarArgument,
  limitArguments,
  rootArgument,
  toNeck,
  toRoot,
  tuningArgument,
  type TuningArgument,
} from "@/cli/arguments";
import {
  checkToneSet,
  findSetFrettings,
  findStackFrettings,
  type Fretting,
  type ReachLimit,
  type ToneSet,
} from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { pitchClassOf, type Note } from "@/core/pitch";
import { askedFreely, askedStack, type Asked } from "@/core/preference";
import { failure, success, type Result } from "@/core/result";
import { degreesOf, makeStack } from "@/core/stack";

const semitones = array(number().integer().required());

/** What `frettings` and `fingerings` have in common: a neck, and a stack or a tone set on a root. */
export const searchArguments = {
  tuning: tuningArgument,
  frets: fretsArgument,
  root: rootArgument,
  stack: semitones.default(undefined),
  set: object({
    allowed: semitones.required(),
    required: semitones.required(),
    minNotes: number().integer().min(1),
    maxNotes: number().integer().min(1),
  })
    .noUnknown()
    .default(undefined),
  guitar: guitarArgument,
  ...limitArguments,
};

interface SearchValues {
  readonly tuning?: unknown;
  readonly frets?: number | undefined;
  readonly root: string | number;
  readonly stack?: readonly number[] | undefined;
  readonly set?:
    | {
        readonly allowed: readonly number[];
        readonly required: readonly number[];
        readonly minNotes?: number | undefined;
        readonly maxNotes?: number | undefined;
      }
    | undefined;
  readonly guitar?: Parameters<typeof toNeck>[0]["guitar"];
}

export interface Found {
  readonly neck: Neck;
  readonly root: Note;
  readonly frettings: readonly Fretting[];
  readonly asked: Asked;
}

/** Runs the search that the arguments ask for, inside a limit; `held` is what a hand adds to free mode. */
export function search(
  args: SearchValues,
  limit: ReachLimit,
  held: Pick<ToneSet, "mostFingers" | "mostFrettings"> = {},
): Result<Found> {
  const neck = toNeck({
    tuning: args.tuning as TuningArgument,
    frets: args.frets,
    guitar: args.guitar,
  });
  if (!neck.ok) return neck;
  const root = toRoot(args.root);
  const rootClass = pitchClassOf(root);
  const found = (frettings: readonly Fretting[], asked: Asked) =>
    success({ neck: neck.value, root, frettings, asked });
  if ((args.stack === undefined) === (args.set === undefined)) {
    return failure("stack", "give either a stack, like 0,7,12, or a set");
  }
  if (args.stack) {
    const stack = makeStack(args.stack);
    if (!stack.ok) return stack;
    return found(
      findStackFrettings(neck.value, rootClass, stack.value, limit),
      askedStack(rootClass),
    );
  }
  const {
    allowed = [],
    required = [],
    minNotes = 2,
    maxNotes = neck.value.midi.length,
  } = args.set ?? {};
  const set = checkToneSet({ allowed, required, minNotes, maxNotes });
  if (!set.ok) return set;
  return found(
    findSetFrettings(neck.value, rootClass, { ...set.value, ...held }, limit),
    askedFreely(rootClass, degreesOf(set.value.allowed)),
  );
}
