import { number, object } from "yup";
import { toTuning, tuningArgument, type TuningArgument } from "@/cli/arguments";
import { defineCommand } from "@/cli/command";
import { pitchTexts } from "@/core/pitch";
import { failure, success } from "@/core/result";
import { readTuning, type Tuning } from "@/core/tuning";

export const tuningCommand = defineCommand({
  name: "tuning",
  summary: "reads a tuning: --text 'drop C#' [--strings 7]",
  schema: object({ text: tuningArgument, strings: number().integer() }).noUnknown(),
  run: ({ text, strings }) => {
    const said = text as TuningArgument;
    if (typeof said !== "string") {
      const named = toTuning(said, "text");
      return named.ok ? success({ ...named.value, alternatives: [] }) : named;
    }
    const read = readTuning(said, strings === undefined ? {} : { strings });
    if (!read.ok) {
      const { field, message } = read.problem;
      return failure(field === "tuning" ? "text" : field, message);
    }
    return success({ ...read.value.tuning, alternatives: read.value.alternatives });
  },
  print: ({ alternatives, ...tuning }) =>
    [line(tuning), ...alternatives.map((other) => `or ${line(other)}`)].join("\n"),
});

function line({ name, kind, midi }: Tuning): string {
  return `${name} (${kind}): ${pitchTexts(midi).join(" ")}`;
}
