import type Database from "better-sqlite3";
import { type LogView } from "../../src/wire";

interface Row {
  readonly drill: string;
  readonly day: string;
  readonly result: string;
  readonly seconds: number;
  readonly bpm: number | null;
  readonly step: string;
}

/** Seconds are sums of decimals in two orders. */
const SECONDS_APART = 0.01;

/**
 * Recomputes the whole log from its rounds, row by row and without the server's queries, and lists where the view differs.
 * An empty list: every figure agrees. The estimate is not recomputed.
 */
export function logDifferences(data: Database.Database, view: LogView): readonly string[] {
  const rows = data
    .prepare<[], Row>(
      "SELECT drill, day, result, seconds, bpm, step FROM round WHERE deleted_at IS NULL",
    )
    .all();
  const found: string[] = [];
  const compare = (
    what: string,
    shown: number | string | null,
    computed: number | string | null,
  ) => {
    const isSame =
      typeof shown === "number" && typeof computed === "number"
        ? Math.abs(shown - computed) < SECONDS_APART
        : shown === computed;
    if (!isSame) found.push(`${what}: shown ${shown}, computed ${computed}`);
  };
  const compareSums = (what: string, shown: LogView["total"], of: readonly Row[]) => {
    compare(`${what}, rounds`, shown.rounds, of.length);
    compare(`${what}, seconds`, shown.seconds, secondsOf(of));
    compare(`${what}, clean`, shown.clean, of.filter(({ result }) => result === "clean").length);
    compare(`${what}, missed`, shown.missed, of.filter(({ result }) => result === "missed").length);
  };
  compareSums("all", view.total, rows);
  for (const span of view.spans) {
    compareSums(
      span.from,
      span,
      rows.filter(({ day }) => mondayOrDay(day, view.span) === span.from),
    );
  }
  compare("drills", view.drills.length, new Set(rows.map(({ drill }) => drill)).size);
  for (const drill of view.drills) {
    const own = rows.filter((row) => row.drill === drill.drill);
    compareSums(drill.drill, drill, own);
    compare(`${drill.drill}, best`, drill.bestBpm, fastestClean(own));
  }
  for (const { drill, firstBpm, bestBpm, since } of view.faster) {
    const clean = rows.filter(
      (row) =>
        row.drill === drill && row.step === "whole" && row.result === "clean" && row.bpm !== null,
    );
    const first = clean.map(({ day }) => day).toSorted()[0] ?? "";
    compare(`${drill}, since`, since, first);
    compare(`${drill}, at first`, firstBpm, fastestClean(clean.filter(({ day }) => day === first)));
    compare(`${drill}, now`, bestBpm, fastestClean(clean));
  }
  return found;
}

function secondsOf(rows: readonly Row[]): number {
  return rows.reduce((sum, { seconds }) => sum + seconds, 0);
}

function fastestClean(rows: readonly Row[]): number | null {
  const bpms = rows.flatMap(({ result, bpm }) => (result === "clean" && bpm !== null ? [bpm] : []));
  return bpms.length > 0 ? Math.max(...bpms) : null;
}

/** The day itself, or the Monday before it: by counting back, not by arithmetic on weekdays. */
function mondayOrDay(day: string, span: LogView["span"]): string {
  if (span === "day") return day;
  if (span === "month") return `${day.slice(0, 8)}01`;
  const date = new Date(`${day}T12:00:00Z`);
  while (date.getUTCDay() !== 1) date.setUTCDate(date.getUTCDate() - 1);
  return date.toISOString().slice(0, 10);
}
