import { array, number, object, string } from "yup";
import { handArgument, schoolArgument, toHand, toLimit } from "@/cli/arguments";
import { defineCommand } from "@/cli/command";
import { frettingText } from "@/cli/text";
import { HELD, rankGrips } from "@/core/grip";
import { handReachMm } from "@/core/hand";
import { orderGrips } from "@/core/listing";
import { soundingMidi, type Fretting } from "@/core/fretting";
import { pitchClass, pitchClassOf, pitchText } from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import { search, searchArguments, type Found } from "./frettingSearch";

/** What comes first: what players take, or what is easiest for the hand. */
const ORDERS = ["usual", "easiest"] as const;
const HIGHEST_PITCH_CLASS = 11;

export const fingeringsCommand = defineCommand({
  name: "fingerings",
  summary: "the same, fingered, usual first: --tuning 'drop D' --root D --voicing 0,7,12",
  schema: object({
    ...searchArguments,
    hand: handArgument,
    school: schoolArgument,
    order: string().oneOf(ORDERS),
    /** The strings that sound, and no others. */
    strings: array(number().integer().min(0).required()).min(1).default(undefined),
    /** The lowest note, in semitones above the root. */
    bass: number().integer().min(0).max(HIGHEST_PITCH_CLASS),
  }).noUnknown(),
  run: (args) => {
    const hand = toHand(args.hand);
    const found = search(args, toLimit(args) ?? { reachMm: handReachMm(hand) }, HELD);
    if (!found.ok) return found;
    const { neck, root, requested } = found.value;
    const frettings = kept(found.value, args);
    if (!frettings.ok) return frettings;
    const usual = rankGrips(neck, root, frettings.value, { hand, school: args.school }, requested);
    const grips = args.order === "easiest" ? orderGrips(usual, "effort", { neck }) : usual;
    const fingerings = grips.map(({ best, preference, midi, name }) => ({
      fretting: best.fretting,
      fingers: best.fingers,
      effort: best.effort,
      preference: preference.points,
      reachMm: best.reachMm,
      pitches: midi,
      name,
    }));
    return success({ count: fingerings.length, fingerings });
  },
  print: ({ count, fingerings }) =>
    [
      ...fingerings.map(({ fretting, fingers, effort, preference, reachMm, pitches, name }) =>
        [
          frettingText(fretting).padEnd(20),
          fingers.join("").padEnd(10),
          effort.toFixed(1).padStart(5),
          preference.toFixed(1).padStart(6),
          `${Math.round(reachMm)} mm`.padStart(7),
          ` ${name}`.padEnd(12),
          pitches.map((pitch) => pitchText(pitch)).join(" "),
        ].join(" "),
      ),
      `${count} fingerings`,
    ].join("\n"),
});

interface Kept {
  readonly strings?: readonly number[] | undefined;
  readonly bass?: number | undefined;
}

/** The frettings on the requested strings with the requested lowest note. */
function kept(
  { neck, root, frettings }: Found,
  { strings, bass }: Kept,
): Result<readonly Fretting[]> {
  const last = neck.midi.length - 1;
  const stray = strings?.find((string) => string > last);
  if (stray !== undefined) {
    return failure("strings", `${stray}: strings count from 0, the thickest, to ${last}`);
  }
  const lowest = bass === undefined ? null : pitchClass(pitchClassOf(root) + bass);
  return success(
    frettings.filter((fretting) => {
      const isOnStrings =
        !strings || fretting.every((fret, string) => (fret !== null) === strings.includes(string));
      return (
        isOnStrings &&
        (lowest === null || pitchClass(Math.min(...soundingMidi(neck, fretting))) === lowest)
      );
    }),
  );
}
