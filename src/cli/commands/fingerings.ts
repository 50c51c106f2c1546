import { object } from "yup";
import { rankGrips } from "@/core/grip";
import { handReachMm } from "@/core/hand";
import { pitchText } from "@/core/pitch";
import { success } from "@/core/result";
import { handArgument, schoolArgument, toHand, toLimit } from "../arguments";
import { defineCommand } from "../command";
import { frettingText } from "../text";
import { search, searchArguments } from "./frettingSearch";

export const fingeringsCommand = defineCommand({
  name: "fingerings",
  summary: "the same, fingered, easiest first: --tuning 'drop D' --root D --stack 0,7,12",
  schema: object({ ...searchArguments, hand: handArgument, school: schoolArgument }).noUnknown(),
  run: (args) => {
    const hand = toHand(args.hand);
    const found = search(args, toLimit(args) ?? { reachMm: handReachMm(hand) });
    if (!found.ok) return found;
    const { neck, root, frettings } = found.value;
    const grips = rankGrips(neck, root, frettings, { hand, school: args.school });
    const fingerings = grips.map(({ best, midi, name }) => ({
      fretting: best.fretting,
      fingers: best.fingers,
      effort: best.effort,
      reachMm: best.reachMm,
      pitches: midi,
      name,
    }));
    return success({ count: fingerings.length, fingerings });
  },
  print: ({ count, fingerings }) =>
    [
      ...fingerings.map(({ fretting, fingers, effort, reachMm, pitches, name }) =>
        [
          frettingText(fretting).padEnd(20),
          fingers.join("").padEnd(10),
          effort.toFixed(1).padStart(5),
          `${Math.round(reachMm)} mm`.padStart(7),
          ` ${name}`.padEnd(12),
          pitches.map((pitch) => pitchText(pitch)).join(" "),
        ].join(" "),
      ),
      `${count} fingerings`,
    ].join("\n"),
});
