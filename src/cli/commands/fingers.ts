import { object } from "yup";
import { defineCommand } from "@/cli/command";
import { type Damper, type DampingPlan, type Fingering } from "@/core/hand";
import { success } from "@/core/result";
import { fingerShape, shapeArguments } from "./shape";

export const fingersCommand = defineCommand({
  name: "fingers",
  summary: "every fingering of one fretting: --tuning standard --fretting 'x 5 7 7 x x'",
  schema: object(shapeArguments).noUnknown(),
  run: (args) => {
    const found = fingerShape(args);
    if (!found.ok) return found;
    const { fingerings } = found.value;
    return success({ playable: fingerings.length > 0, fingerings: fingerings.map(answerOf) });
  },
  print: ({ playable, fingerings }) =>
    playable ? fingerings.map(lineOf).join("\n") : "this hand cannot hold it",
});

interface Answer extends Pick<Fingering, "fingers" | "effort" | "reachMm" | "terms"> {
  readonly damping: DampingPlan["silent"];
  readonly strumSafe: boolean;
}

function answerOf({ fingers, effort, reachMm, terms, damping }: Fingering): Answer {
  const { silent, strumSafe } = damping;
  return { fingers, effort, reachMm, terms, damping: silent, strumSafe };
}

function lineOf({ fingers, effort, reachMm, damping, strumSafe }: Answer): string {
  const silenced = damping.map(
    ({ string, first }) => `${fingers.length - string} ${damperText(first)}`,
  );
  return [
    fingers.join("").padEnd(10),
    effort.toFixed(1).padStart(5),
    `${Math.round(reachMm)} mm`.padStart(7),
    strumSafe ? " strum-safe" : " not strum-safe",
    silenced.length > 0 ? `(silent: ${silenced.join(", ")})` : "",
  ]
    .join(" ")
    .trimEnd();
}

function damperText({ by, finger }: Damper): string {
  return finger === null || by === "thumb" ? by : `${by} of ${finger}`;
}
