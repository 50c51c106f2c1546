import { object } from "yup";
import { defineCommand } from "@/cli/command";
import { explain, type Reason } from "@/cli/reasons";
import { failure, success } from "@/core/result";
import { fingerShape, shapeArguments } from "./shape";

export const whyCommand = defineCommand({
  name: "why",
  summary: "what the first fingering's figures are made of: --tuning standard --fretting 577xxx",
  schema: object(shapeArguments).noUnknown(),
  run: (args) => {
    const found = fingerShape(args);
    if (!found.ok) return found;
    const { neck, hand, fingerings } = found.value;
    const [best] = fingerings;
    if (!best)
      return failure("fretting", "this hand cannot hold it, so there is nothing to explain");
    return success({ fingers: best.fingers, reasons: explain(neck, best, hand) });
  },
  print: ({ fingers, reasons }) => [fingers.join(""), ...reasons.map(lineOf)].join("\n"),
});

function lineOf({ figure, part, value, unit }: Reason): string {
  const amount = unit === "string" ? `string index ${value}` : `${value.toFixed(1)} ${unit}`;
  return `${figure.padEnd(13)} ${part.padEnd(16)} ${amount}`;
}
