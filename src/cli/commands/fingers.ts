import { object } from "yup";
import { fingerFretting, type Damper, type DampingPlan, type Fingering } from "@/core/hand";
import { success } from "@/core/result";
import {
  fretsArgument,
  frettingArgument,
  guitarArgument,
  handArgument,
  schoolArgument,
  toFretting,
  toHand,
  toNeck,
  tuningArgument,
  type FrettingArgument,
  type TuningArgument,
} from "../arguments";
import { defineCommand } from "../command";

export const fingersCommand = defineCommand({
  name: "fingers",
  summary: "every way to finger one fretting: --tuning standard --fretting 'x 5 7 7 x x'",
  schema: object({
    tuning: tuningArgument,
    frets: fretsArgument,
    fretting: frettingArgument,
    hand: handArgument,
    school: schoolArgument,
    guitar: guitarArgument,
  }).noUnknown(),
  run: ({ tuning, frets, fretting, hand, school, guitar }) => {
    const neck = toNeck({ tuning: tuning as TuningArgument, frets, guitar });
    if (!neck.ok) return neck;
    const read = toFretting(neck.value, fretting as FrettingArgument);
    if (!read.ok) return read;
    const found = fingerFretting(neck.value, read.value, { hand: toHand(hand), school });
    if (!found.ok) return found;
    return success({ playable: found.value.length > 0, fingerings: found.value.map(answerOf) });
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
