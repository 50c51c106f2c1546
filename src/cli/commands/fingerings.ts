import { object, string } from "yup";
import { handArgument, schoolArgument, toHand, toLimit } from "@/cli/arguments";
import { defineCommand } from "@/cli/command";
import { frettingText } from "@/cli/text";
import { HELD, rankGrips } from "@/core/grip";
import { handReachMm } from "@/core/hand";
import { orderGrips } from "@/core/listing";
import { pitchText } from "@/core/pitch";
import { success } from "@/core/result";
import { search, searchArguments } from "./frettingSearch";

/** What comes first: what players take, or what is easiest for the hand. */
const ORDERS = ["usual", "easiest"] as const;

export const fingeringsCommand = defineCommand({
  name: "fingerings",
  summary: "the same, fingered, usual first: --tuning 'drop D' --root D --stack 0,7,12",
  schema: object({
    ...searchArguments,
    hand: handArgument,
    school: schoolArgument,
    order: string().oneOf(ORDERS),
  }).noUnknown(),
  run: (args) => {
    const hand = toHand(args.hand);
    const found = search(args, toLimit(args) ?? { reachMm: handReachMm(hand) }, HELD);
    if (!found.ok) return found;
    const { neck, root, frettings, asked } = found.value;
    const usual = rankGrips(neck, root, frettings, { hand, school: args.school }, asked);
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
