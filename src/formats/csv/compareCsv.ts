import { unparse } from "papaparse";
import { type GripCounts } from "@/core/chordGrips";
import { type WeighedTuning } from "@/core/compare";
import { pitchTexts, pitchTextsOver } from "@/core/pitch";
import { type Tuning } from "@/core/tuning";

/** What a table shows of one tuning in a comparison. */
export interface CsvColumn {
  readonly tuning: Tuning;
  readonly guitarName: string;
  readonly weighed: WeighedTuning | null;
  /** Of all chords together; null where they are not counted. */
  readonly counts: GripCounts | null;
  readonly travelMm: number | null;
  readonly shifts: number | null;
  readonly turned: number;
  readonly minutes: number;
  readonly score: number | null;
}

const FIELDS = [
  "tuning",
  "strings",
  "guitar",
  "chord",
  "times",
  "frets",
  "fingers",
  "effort",
  "cost",
  "notes",
  "strum-safe",
  "travel mm",
  "shifts",
  "playable",
  "strings to turn",
  "minutes",
  "score",
] as const;

type Row = Readonly<Partial<Record<(typeof FIELDS)[number], string | number>>>;

/**
 * A comparison as comma-separated values (RFC 4180): a row for each chord in each tuning, then one for
 * the tuning as a whole, whose chord is "all". Frets and fingers run from the thickest string.
 */
export function compareCsv(columns: readonly CsvColumn[]): string {
  const rows = columns.flatMap((column) => [...chordRows(column), wholeRow(column)]);
  // A name that a spreadsheet would read as a formula is escaped to stay text.
  return `${unparse({ fields: [...FIELDS], data: rows.map(inOrder) }, { escapeFormulae: true })}\r\n`;
}

function inOrder(row: Row): (string | number)[] {
  return FIELDS.map((field) => row[field] ?? "");
}

function tuningCells({ tuning, guitarName }: CsvColumn): Row {
  return {
    tuning: tuning.name,
    strings: pitchTexts(tuning.midi).join(" "),
    guitar: guitarName,
  };
}

function chordRows(column: CsvColumn): readonly Row[] {
  return (column.weighed?.chords ?? []).map(({ chord, times, grips: [best] }) => {
    const cells = { ...tuningCells(column), chord: chord.name, times };
    if (!best) return cells;
    const { fretting, fingers, effort, damping } = best.grip.best;
    return {
      ...cells,
      frets: fretting.map((fret) => fret ?? "x").join(" "),
      fingers: fingers.join(" "),
      effort: rounded(effort),
      cost: rounded(best.cost),
      notes: pitchTextsOver(chord.root, best.grip.midi).join(" "),
      "strum-safe": damping.strumSafe ? "yes" : "no",
    };
  });
}

function wholeRow(column: CsvColumn): Row {
  const { weighed, counts, travelMm, shifts, turned, minutes, score } = column;
  const totals = weighed?.totals;
  return {
    ...tuningCells(column),
    chord: "all",
    ...(totals ? { effort: rounded(totals.effort), cost: rounded(totals.cost) } : {}),
    ...(travelMm === null ? {} : { "travel mm": Math.round(travelMm) }),
    ...(shifts === null ? {} : { shifts }),
    ...(counts ? { playable: counts.playable } : {}),
    "strings to turn": turned,
    minutes,
    ...(score === null ? {} : { score: rounded(score) }),
  };
}

function rounded(points: number): number {
  return Math.round(100 * points) / 100;
}
