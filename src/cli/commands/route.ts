import { defineCommand } from "@/cli/command";
import { planForArguments, routeSchema } from "@/cli/planForArguments";
import { frettingText } from "@/cli/text";
import { type Chord } from "@/core/chart";
import { type Fingering } from "@/core/hand";
import { type TimedRoute } from "@/core/plan";
import { success } from "@/core/result";

export const routeCommand = defineCommand({
  name: "route",
  summary: "the best routes through chords: --tuning 'drop D' --chords 'D5 F5 C5 Bb5' --k 3",
  schema: routeSchema,
  run: (args) => {
    const planned = planForArguments(args);
    if (!planned.ok) return planned;
    const { chords, routes, constants } = planned.value;
    return success({ routes: routes.map((route) => answerOf(chords, route)), constants });
  },
  print: ({ routes }) => routes.map(textOf).join("\n\n"),
});

interface Answer extends Pick<
  TimedRoute,
  "total" | "hardest" | "travelMm" | "shifts" | "cleanTempoBpm" | "possibleTempoBpm"
> {
  readonly stops: readonly (Pick<Fingering, "fretting" | "fingers" | "effort"> & {
    readonly chord: string;
    readonly preference: number;
    readonly cost: number;
  })[];
  readonly changes: readonly object[];
}

function answerOf(chords: readonly Chord[], route: TimedRoute): Answer {
  const { total, hardest, travelMm, shifts, cleanTempoBpm, possibleTempoBpm } = route;
  return {
    total,
    hardest,
    travelMm,
    shifts,
    cleanTempoBpm,
    possibleTempoBpm,
    stops: route.stops.map(({ fingering, preference, cost }, index) => ({
      chord: chords[index]?.name ?? "",
      fretting: fingering.fretting,
      fingers: fingering.fingers,
      effort: fingering.effort,
      preference,
      cost,
    })),
    changes: route.changes.map((change) => ({
      cost: change.cost,
      travelMm: change.travelMm,
      stringsCrossed: change.stringsCrossed,
      kept: change.kept,
      slid: change.slid,
      lifted: change.lifted,
      landed: change.landed,
      neededMs: change.neededMs,
      availableMs: change.availableMs,
      slackMs: change.slackMs,
      cleanTempoBpm: change.cleanTempoBpm,
      possibleTempoBpm: change.possibleTempoBpm,
    })),
  };
}

function textOf(answer: Answer): string {
  const { stops, total, hardest, travelMm, shifts } = answer;
  const lines = stops.map(({ chord, fretting, fingers, cost }) =>
    [
      chord.padEnd(8),
      frettingText(fretting).padEnd(20),
      fingers.join("").padEnd(10),
      cost.toFixed(1).padStart(6),
    ].join(" "),
  );
  const way = `hand travels ${Math.round(travelMm)} mm in ${shifts} shifts`;
  return [
    ...lines,
    `total ${total.toFixed(1)}, hardest change ${hardest.toFixed(1)}, ${way}, ${tempoText(answer)}`,
  ].join("\n");
}

function tempoText({ cleanTempoBpm, possibleTempoBpm }: Answer): string {
  if (cleanTempoBpm === null) return "holds at any tempo";
  const possible =
    possibleTempoBpm === null ? "" : `, possible to ${Math.floor(possibleTempoBpm)} bpm`;
  return `holds to ${Math.floor(cleanTempoBpm)} bpm${possible}`;
}
