import { readHeadingLine } from "@/core/song";

/** How a kind of chart writes what is not bars. */
export interface Dialect {
  readonly say: (what: Said, value: string) => string;
  /** A section with its lines, played so often. */
  readonly section: (name: string, times: number, body: readonly string[]) => readonly string[];
  /** A line that plays a section again that stands above; null where the kind has none for it. */
  readonly again: (name: string, times: number) => string | null;
  /** Whether grips are written into it. */
  readonly hasGrips: boolean;
}

type Said = "Title" | "Key" | "Tempo" | "Time" | "Capo" | "Texture" | "Pickup" | "Tuning";

/** Bars between lines, as Tenon's own charts are written. */
export const BARS: Dialect = {
  say: (what, value) => `${what}: ${value}`,
  section: (name, times, body) => {
    if (times === 1) return [...headingLines(name, 1), ...body];
    return name === "" ? repeated(body, times) : [...headingLines(name, times), ...body];
  },
  again: (name, times) => headingLines(name, times)[0] ?? null,
  hasGrips: false,
};

/** A heading that is read as this name: in brackets, or before a colon where that would be a chord. */
function headingLines(name: string, times: number): readonly string[] {
  const plain = name
    .replace(/[[\]{}|:]+/g, " ")
    .replace(/\s+/g, " ")
    .trim();
  if (plain === "") return [];
  const often = times === 1 ? "" : ` x${times}`;
  const tried = [`[${plain}${often}]`, `${plain}${often}:`, `[Part ${plain}${often}]`];
  return [tried.find((heading) => isHeading(heading, plain)) ?? `[Part]`];
}

function isHeading(heading: string, name: string): boolean {
  return readHeadingLine(heading)?.name === name;
}

function repeated(body: readonly string[], times: number): readonly string[] {
  const first = body.findIndex((line) => line.startsWith("|"));
  const last = body.findLastIndex((line) => line.startsWith("|"));
  return body.map((line, at) => {
    const opened = at === first ? line.replace(/^\|/, "|:") : line;
    return at === last
      ? `${opened.replace(/\|$/, ":|")}${times === 2 ? "" : ` x${times}`}`
      : opened;
  });
}

/** Facts that ChordPro has no directive for; `x_` marks a program's own. */
const OWN_DIRECTIVES: ReadonlySet<string> = new Set(["Texture", "Pickup", "Tuning"]);

/** Bracketed chord sheets, their bars in grids. */
export const CHORDPRO: Dialect = {
  say: (what, value) => {
    const name = OWN_DIRECTIVES.has(what) ? `x_${what}` : what;
    return `{${name.toLowerCase()}: ${value}}`;
  },
  section: (name, times, body) => {
    const plain = name.replace(/[{}]+/g, " ").trim();
    const bars = times === 1 ? body : repeated(body, times);
    const part = /^(verse|chorus|bridge)\b/i.exec(plain)?.[1]?.toLowerCase();
    const isOwnPart = part === undefined && plain !== "";
    const start = isOwnPart ? `{start_of_grid: ${plain}}` : "{start_of_grid}";
    const grid = [start, ...bars, "{end_of_grid}"];
    return part === undefined
      ? grid
      : [`{start_of_${part}: ${plain}}`, ...grid, `{end_of_${part}}`];
  },
  again: (name, times) => (/^chorus$/i.test(name) && times === 1 ? "{chorus}" : null),
  hasGrips: true,
};
