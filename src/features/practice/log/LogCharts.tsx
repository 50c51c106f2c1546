import { useRef } from "react";
import {
  BarElement,
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  LineElement,
  PointElement,
} from "chart.js";
import { Bar, Line } from "react-chartjs-2";
import { type Estimate } from "@/core/practice";
import { DRILL_KINDS, type DrillKind } from "@/core/drill";
import { type LogSpan, type LogView } from "@/wire";
import { chartOptions, colour, useChartLook } from "@/ui/chart";
import { TableButton } from "@/ui/save";
import { dateText, offText, KIND_WORDS } from "@/features/practice/state";

Chart.register(BarElement, CategoryScale, Legend, LinearScale, LineElement, PointElement);

const HEIGHT = 240;
const KIND_COLOURS: Readonly<Record<DrillKind, string>> = {
  know: "--fifth",
  move: "--root",
  sound: "--third",
  hear: "--other-degree",
  song: "--muted",
};
const SPAN_WORDS = { day: "day", week: "week from", month: "month from" } as const;

interface LogChartsProps {
  readonly view: LogView;
  /** The chosen drill; null for all. */
  readonly drill: string | null;
}

/** Minutes by kind, and tempo or accuracy over time; the figures stand beside as a table. */
export function LogCharts({ view, drill }: LogChartsProps) {
  const look = useChartLook();
  const table = useRef<HTMLTableElement>(null);
  const { spans, span, goalBpm } = view;
  const labels = spans.map(({ from }) => dateText(from));
  const kinds = DRILL_KINDS.filter((kind) => spans.some((each) => each.secondsByKind[kind]));
  const hasTempo = drill !== null && spans.some(({ bestBpm }) => bestBpm !== null);
  const second = hasTempo
    ? { label: "fastest clean round, bpm", values: spans.map(({ bestBpm }) => bestBpm) }
    : { label: "clean, in %", values: spans.map(cleanShare) };
  return (
    <div className="space-y-4">
      <figure className="panel p-3" style={{ height: HEIGHT }}>
        <Bar
          // Drawn again with what a canvas cannot follow.
          key={look}
          role="img"
          aria-label={`Minutes by ${span}; the table below has the figures.`}
          data={{
            labels,
            datasets: kinds.map((kind) => ({
              label: KIND_WORDS[kind],
              data: spans.map(({ secondsByKind }) => minutes(secondsByKind[kind] ?? 0)),
              backgroundColor: colour(KIND_COLOURS[kind]),
              borderColor: colour("--surface"),
              borderWidth: 1,
              stack: "minutes",
            })),
          }}
          options={chartOptions(SPAN_WORDS[span], "minutes")}
        />
      </figure>
      <figure className="panel p-3" style={{ height: HEIGHT }}>
        <Line
          key={look}
          role="img"
          aria-label={`${drill ?? "All drills"}: ${second.label}; the table below has the figures.`}
          data={{
            labels,
            datasets: [
              {
                label: second.label,
                data: [...second.values],
                borderColor: colour("--ink"),
                backgroundColor: colour("--ink"),
                pointRadius: 4,
                spanGaps: true,
              },
              ...(hasTempo ? estimateLines(spans, goalBpm) : []),
            ],
          }}
          options={chartOptions(SPAN_WORDS[span], hasTempo ? "bpm" : "%")}
        />
      </figure>
      <details>
        <summary className="min-h-11 cursor-pointer content-center">The same in figures</summary>
        <div className="max-h-96 overflow-auto">
          <table ref={table} className="figures w-full text-left">
            <thead>
              <tr className="border-b border-line">
                <th className="py-1 pr-3">{SPAN_WORDS[span]}</th>
                {kinds.map((kind) => (
                  <th key={kind} className="pr-3">{`${KIND_WORDS[kind]}, min`}</th>
                ))}
                <th className="pr-3">rounds</th>
                <th className="pr-3">clean</th>
                {hasTempo && <th className="pr-3">clean at</th>}
                {hasTempo && <th className="pr-3">holds to</th>}
                {hasTempo && <th>on the beat</th>}
              </tr>
            </thead>
            <tbody>
              {spans.toReversed().map((each) => (
                <tr key={each.from} className="border-b border-line">
                  <td className="py-1 pr-3 whitespace-nowrap">{each.from}</td>
                  {kinds.map((kind) => (
                    <td key={kind}>{minutes(each.secondsByKind[kind] ?? 0)}</td>
                  ))}
                  <td>{each.rounds}</td>
                  <td>{`${cleanShare(each)}%`}</td>
                  {hasTempo && <td>{each.bestBpm === null ? "" : Math.round(each.bestBpm)}</td>}
                  {hasTempo && <td>{estimateText(each)}</td>}
                  {hasTempo && <td>{each.medianMs === null ? "" : offText(each.medianMs)}</td>}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <div className="mt-2">
          <TableButton table={table} name={`practice by ${span}`} />
        </div>
      </details>
    </div>
  );
}

/** Lines for the held tempo with its 80% band, and for the goal. */
function estimateLines(spans: readonly LogSpan[], goalBpm: number | null) {
  const line = (label: string, values: readonly (number | null)[], name: string) => ({
    label,
    data: [...values],
    borderColor: colour(name),
    backgroundColor: colour(name),
    pointRadius: 0,
    borderWidth: 2,
    spanGaps: true,
  });
  const of = (part: keyof Estimate) =>
    spans.map(({ estimate }) => estimate && Math.round(estimate[part]));
  return [
    line("holds to", of("heldBpm"), "--root"),
    { ...line("at least", of("lowBpm"), "--muted"), borderWidth: 1 },
    { ...line("at most", of("highBpm"), "--muted"), borderWidth: 1 },
    ...(goalBpm === null
      ? []
      : [
          {
            ...line(
              "goal",
              spans.map(() => Math.round(goalBpm)),
              "--fifth",
            ),
            borderDash: [6, 5],
          },
        ]),
  ];
}

/** "92, 86 to 99". */
function estimateText({ estimate }: LogSpan): string {
  if (!estimate) return "";
  const [held, low, high] = [estimate.heldBpm, estimate.lowBpm, estimate.highBpm].map(Math.round);
  return `${held}, ${low} to ${high}`;
}

function minutes(seconds: number): number {
  return Math.round(seconds / 6) / 10;
}

function cleanShare({ clean, rounds }: LogSpan): number {
  return rounds === 0 ? 0 : Math.round((100 * clean) / rounds);
}
