import { type GripCounts, type Totals } from "@/core/compare";
import { type TimedRoute } from "@/core/plan";
import { pullText, warningText } from "@/ui/retune";
import { type ColumnAnswer } from "./useCompareAnswers";
import { minutesText } from "./words";

/** One line of the figures: what it is, and a text for each tuning. */
export interface FigureRow {
  readonly name: string;
  readonly texts: readonly string[];
}

export interface FigureGroup {
  readonly name: string;
  readonly rows: readonly FigureRow[];
}

const WORKING = "…";
const NONE = "none";

/** Everything that a comparison counts, group by group. */
export function figureGroups(
  columns: readonly ColumnAnswer[],
  pitch: (midi: number) => string,
): readonly FigureGroup[] {
  const row = (name: string, text: (column: ColumnAnswer) => string): FigureRow => ({
    name,
    texts: columns.map(text),
  });
  const total = (text: (totals: Totals, column: ColumnAnswer) => string) => (each: ColumnAnswer) =>
    each.weighed === null ? WORKING : each.weighed.totals ? text(each.weighed.totals, each) : NONE;
  const routed = (text: (route: TimedRoute) => string) => (each: ColumnAnswer) =>
    each.route === null ? WORKING : each.route === undefined ? NONE : text(each.route);
  const counted = (text: (counts: GripCounts) => string) => (each: ColumnAnswer) =>
    each.counts === null ? WORKING : each.counts === undefined ? "too many" : text(each.counts);
  return [
    {
      name: "The best grip of each chord",
      rows: [
        row(
          "Effort, all together",
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
          "Ringing open strings, a chord",
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
        row("Roughness under gain, a chord", roughnessText),
      ],
    },
    {
      name: "The best route, in the order played",
      rows: [
        row(
          "Effort and ways",
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
        row("Grips on the way", routed(gripsText)),
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
          "Strum-safe ones",
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
        row("On stage", ({ cost }) => minutesText(cost.minutes)),
        row("Pull of all strings", ({ cost }) => pullText(cost.sheet.pull)),
        row("Careful", ({ cost }) =>
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

function impliedText({ sounds }: ColumnAnswer, pitch: (midi: number) => string): string {
  if (sounds === null) return WORKING;
  const implied = sounds.flatMap((sound) =>
    sound?.implied && sound.implied.audibility !== "below hearing" ? [sound.implied.midi] : [],
  );
  return implied.length > 0 ? pitch(Math.min(...implied)) : NONE;
}

function roughnessText({ sounds }: ColumnAnswer): string {
  if (sounds === null) return WORKING;
  const known = sounds.flatMap((sound) => (sound ? [sound.roughness.gain] : []));
  if (known.length === 0) return NONE;
  return `${(known.reduce((sum, each) => sum + each, 0) / known.length).toFixed(2)} ×`;
}
