import { object } from "yup";
import {
  fretsArgument,
  frettingArgument,
  guitarArgument,
  limitArguments,
  toFretting,
  toNeck,
  tuningArgument,
  type FrettingArgument,
  type TuningArgument,
} from "@/cli/arguments";
import { defineCommand } from "@/cli/command";
import { frettingText } from "@/cli/text";
import { translatePitches } from "@/core/compare";
import { soundingMidi } from "@/core/fretting";
import { pitchText } from "@/core/pitch";
import { success } from "@/core/result";

export const translateCommand = defineCommand({
  name: "translate",
  summary: "the same pitches elsewhere: --from standard --to 'drop D' --fretting '3 5 5 x x x'",
  schema: object({
    from: tuningArgument,
    to: tuningArgument,
    fretting: frettingArgument,
    frets: fretsArgument,
    guitar: guitarArgument,
    ...limitArguments,
  }).noUnknown(),
  run: (args) => {
    const { frets, guitar, maxSpanFrets, reachMm } = args;
    const from = toNeck({ tuning: args.from as TuningArgument, frets, guitar, field: "from" });
    if (!from.ok) return from;
    const to = toNeck({ tuning: args.to as TuningArgument, frets, guitar, field: "to" });
    if (!to.ok) return to;
    const fretting = toFretting(from.value, args.fretting as FrettingArgument);
    if (!fretting.ok) return fretting;
    const pitches = soundingMidi(from.value, fretting.value);
    const { frettings, lost } = translatePitches(to.value, pitches, { maxSpanFrets, reachMm });
    return success({ frettings, lost });
  },
  print: ({ frettings, lost }) =>
    [
      ...frettings.map(frettingText),
      `${frettings.length} frettings`,
      ...(lost.length > 0 ? [`lost: ${lost.map((midi) => pitchText(midi)).join(" ")}`] : []),
    ].join("\n"),
});
