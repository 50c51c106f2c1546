import { type GripCounts } from "@/core/chordGrips";
import { type Totals } from "@/core/compare";
import { type TimedRoute } from "@/core/plan";
import { type Sound } from "@/core/sound";
import { type Current } from "@/ui/computed";
import { pullText, warningText } from "@/ui/tuning";
import { type ColumnResult } from "./useCompareResults";
import { retuneMinutesText } from "./words";

/** One line of the figures: what it is, and a text for each tuning. */
interface FigureRow {
  readonly name: string;
  readonly texts: readonly string[];
}

export interface FigureGroup {
  readonly name: string;
  readonly rows: readonly FigureRow[];
}

const WORKING = "…";
const NONE = "none";
const FAILED = "could not be worked out";

/** Everything that a comparison counts, group by group. */
export function figureGroups(
  columns: readonly ColumnResult[],
  pitch: (midi: number) => string,
): readonly FigureGroup[] {
  const row = (name: string, text: (column: ColumnResult) => string): FigureRow => ({
    name,
    texts: columns.map(text),
  });
  const total = (text: (totals: Totals, column: ColumnResult) => string) => (each: ColumnResult) =>
    each.weighed === null ? WORKING : each.weighed.totals ? text(each.weighed.totals, each) : NONE;
  const routed = (text: (route: TimedRoute) => string) => (each: ColumnResult) =>
    outcomeText(each.route, text, NONE);
  const counted = (text: (counts: GripCounts) => string) => (each: ColumnResult) =>
    outcomeText(each.counts, text, "too many");
  return [
    {
      name: "The best grip of each chord",
      rows: [
        row(
          "Total effort",
          total(({ effort }) => effort.toFixed(1)),
        ),
        row(
          "Held with one finger or none",
          total(({ oneFinger }, { weighed }) => `${oneFinger} of ${weighed?.chords.length}`),
        ),
        row(
          "Strum-safe",
          total(({ strumSafe }, { weighed }) => `${strumSafe} of ${weighed?.chords.length}`),
        ),
        row(
          "Ringing open strings per chord",
          total(({ ringing }) => ringing.toFixed(1)),
        ),
        row(
          "Lowest note",
          total(({ lowest }) => pitch(lowest)),
        ),
        row(
          "Highest note",
          total(({ highest }) => pitch(highest)),
        ),
        row("Implied low note", (each) => impliedText(each, pitch)),
        row("Roughness under gain, per chord", roughnessText),
      ],
    },
    {
      name: "The best route, in the order played",
      rows: [
        row(
          "Effort and movement",
          routed(({ total }) => total.toFixed(1)),
        ),
        row(
          "Hand travels",
          routed(({ travelMm }) => `${Math.round(travelMm)} mm`),
        ),
        row(
          "Changes of position",
          routed(({ shifts }) => String(shifts)),
        ),
        row("Grips along it", routed(gripsText)),
      ],
    },
    {
      name: "All fingerings there are",
      rows: [
        row(
          "Playable",
          counted(({ playable }) => String(playable)),
        ),
        row(
          "With one finger or none",
          counted(({ oneFinger }) => String(oneFinger)),
        ),
        row(
          "Strum-safe",
          counted(({ strumSafe }) => String(strumSafe)),
        ),
        row(
          "With ringing open strings",
          counted(({ ringing }) => String(ringing)),
        ),
        row(
          "From lowest to highest note",
          counted(({ lowest, highest }) =>
            lowest === null || highest === null ? NONE : `${pitch(lowest)} to ${pitch(highest)}`,
          ),
        ),
      ],
    },
    {
      name: "The cost",
      rows: [
        row("Strings to turn", ({ cost }) => String(cost.turned)),
        row("On stage", ({ cost }) => retuneMinutesText(cost.minutes)),
        row("Pull of all strings", ({ cost }) => pullText(cost.sheet.pull)),
        row("Caution", ({ cost }) =>
          cost.sheet.warnings
            .map((warning) => warningText(warning, cost.sheet.strings.length))
            .join(" "),
        ),
        row("Score, as you weigh it", ({ score, weighed }) =>
          weighed === null ? WORKING : (score?.toFixed(1) ?? NONE),
        ),
      ],
    },
  ].map(({ name, rows }) => ({
    name,
    rows: rows.filter(({ texts }) => texts.some((text) => text !== "")),
  }));
}

/** Frets without spaces where each has one digit: "×355××", "10 10 10 × × ×". */
function gripsText({ stops }: TimedRoute): string {
  return stops
    .map(({ fingering: { fretting } }) =>
      fretting.map((fret) => fret ?? "×").join(fretting.some((fret) => (fret ?? 0) > 9) ? " " : ""),
    )
    .join(", ");
}

function impliedText({ sounds }: ColumnResult, pitch: (midi: number) => string): string {
  return outcomeText(sounds, (all) => lowestImplied(all, pitch), NONE);
}

function lowestImplied(sounds: readonly (Sound | null)[], pitch: (midi: number) => string): string {
  const implied = sounds.flatMap((sound) =>
    sound?.implied && sound.implied.audibility !== "below hearing" ? [sound.implied.midi] : [],
  );
  return implied.length > 0 ? pitch(Math.min(...implied)) : NONE;
}

function roughnessText({ sounds }: ColumnResult): string {
  return outcomeText(sounds, meanRoughness, NONE);
}

function meanRoughness(sounds: readonly (Sound | null)[]): string {
  const known = sounds.flatMap((sound) => (sound ? [sound.roughness.gain] : []));
  if (known.length === 0) return NONE;
  return `${(known.reduce((sum, each) => sum + each, 0) / known.length).toFixed(2)} ×`;
}

/** A figure as far as it is known; `none` where there is none. */
function outcomeText<T>(
  outcome: Current<T | null>,
  text: (value: T) => string,
  none: string,
): string {
  switch (outcome.kind) {
    case "waiting":
      return WORKING;
    case "failed":
      return FAILED;
    case "ready":
      return outcome.value === null ? none : text(outcome.value);
  }
}
