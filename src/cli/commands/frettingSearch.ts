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
  findVoicingFrettings,
  type Fretting,
  type ReachLimit,
  type ToneSet,
} from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { pitchClassOf, type Note } from "@/core/pitch";
import { requestSet, requestVoicing, type RequestedChord } from "@/core/preference";
import { failure, success, type Result } from "@/core/result";
import { degreesOf, makeVoicing } from "@/core/voicing";

const semitones = array(number().integer().required());

/** What `frettings` and `fingerings` have in common: a neck, and a voicing or a tone set on a root. */
export const searchArguments = {
  tuning: tuningArgument,
  frets: fretsArgument,
  root: rootArgument,
  voicing: semitones.default(undefined),
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
  readonly voicing?: readonly number[] | undefined;
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
  readonly requested: RequestedChord;
}

/** Runs the search that the arguments ask for, inside a limit; `held` is what a hand adds to free mode. */
export function search(
  args: SearchValues,
  limit: ReachLimit,
  held: Pick<ToneSet, "maxFingers" | "maxFrettings"> = {},
): Result<Found> {
  const neck = toNeck({
    tuning: args.tuning as TuningArgument,
    frets: args.frets,
    guitar: args.guitar,
  });
  if (!neck.ok) return neck;
  const root = toRoot(args.root);
  const rootClass = pitchClassOf(root);
  const found = (frettings: readonly Fretting[], requested: RequestedChord) =>
    success({ neck: neck.value, root, frettings, requested });
  if ((args.voicing === undefined) === (args.set === undefined)) {
    return failure("voicing", "give either a voicing, like 0,7,12, or a set");
  }
  if (args.voicing) {
    const voicing = makeVoicing(args.voicing);
    if (!voicing.ok) return voicing;
    return found(
      findVoicingFrettings(neck.value, rootClass, voicing.value, limit),
      requestVoicing(rootClass),
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
    requestSet(rootClass, degreesOf(set.value.allowed)),
  );
}
