import { number, object, string } from "yup";
import { defineCommand } from "@/cli/command";
import { failure } from "@/core/result";
import { transposeChart } from "@/core/song";
import { problemText } from "@/cli/text";

const FARTHEST_SEMITONES = 36;
const HIGHEST_CAPO = 12;

export const transposeCommand = defineCommand({
  name: "transpose",
  summary: "a chart in another key: --chart '| Em | C |' --semitones 3",
  schema: object({
    chart: string().defined(),
    semitones: number().integer().min(-FARTHEST_SEMITONES).max(FARTHEST_SEMITONES),
    toKey: string(),
    capo: number().integer().min(0).max(HIGHEST_CAPO),
  }).noUnknown(),
  run: ({ chart, semitones, toKey, capo = 0 }) => {
    if (semitones !== undefined && toKey !== undefined) {
      return failure("toKey", "semitones and toKey: say one of them");
    }
    if (toKey !== undefined) return transposeChart(chart, { toKey }, capo);
    if (semitones === undefined && capo === 0) {
      return failure("semitones", "say how far: semitones, toKey or capo");
    }
    return transposeChart(chart, { semitones: semitones ?? 0 }, capo);
  },
  print: ({ text, problems }) => [text, ...problems.map(problemText)].join("\n"),
});
