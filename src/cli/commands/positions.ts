import { array, number, object } from "yup";
import {
  fretsArgument,
  guitarArgument,
  toNeck,
  tuningArgument,
  type TuningArgument,
} from "@/cli/arguments";
import { defineCommand } from "@/cli/command";
import { findPositions } from "@/core/neck";
import { success } from "@/core/result";

export const positionsCommand = defineCommand({
  name: "positions",
  summary: "finds pitch classes on a neck: --tuning 'drop D' --frets 12 --pitchClasses 2,9",
  schema: object({
    tuning: tuningArgument,
    frets: fretsArgument,
    pitchClasses: array(number().integer().min(0).max(11).required()).required(),
    guitar: guitarArgument,
  }).noUnknown(),
  run: ({ tuning, frets, pitchClasses, guitar }) => {
    const neck = toNeck({ tuning: tuning as TuningArgument, frets, guitar });
    if (!neck.ok) return neck;
    return success(
      findPositions(neck.value, pitchClasses).map(({ string, fret }): [number, number] => [
        string,
        fret,
      ]),
    );
  },
  print: (positions) => positions.map(([string, fret]) => `${string} ${fret}`).join("\n"),
});
