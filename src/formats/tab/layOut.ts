import { type ScoreNote } from "@/formats/score";
import { countQuarters, countText } from "./counts";

/** A bar's notes and names at their times, in quarters from where its counting begins. */
export interface BarCells {
  readonly meter: string;
  /** The section that begins here. */
  readonly begins: string | null;
  /** Where the bar begins and ends; a pick-up begins late. */
  readonly from: number;
  readonly to: number;
  readonly strings: number;
  readonly notes: readonly (ScoreNote & { readonly time: number })[];
  readonly names: readonly { readonly name: string; readonly time: number }[];
}

/** A bar in characters, without its bar lines. */
export interface LaidBar {
  readonly width: number;
  readonly mutes: string;
  readonly names: string;
  readonly counts: string;
  /** By string, thinnest first. */
  readonly rows: readonly string[];
}

/** Parts of a quarter that bars are divided evenly into; finer ones are counted by number. */
const GRIDS = [1, 2, 3, 4, 6];
const ROUNDING = 1e-6;
const MAX_CELL = 14;

/** Lays a bar out: evenly where its times allow it and it has room, else a column for each time that is needed. */
export function layOut(bar: BarCells, room: number): LaidBar {
  const times = [...new Set([...bar.notes, ...bar.names].map(({ time }) => time))];
  const count = countQuarters(bar.meter);
  const counts = Array.from(
    { length: Math.max(1, Math.ceil((bar.to - bar.from) / count - ROUNDING)) },
    (_, at) => bar.from + at * count,
  );
  const grid = GRIDS.find((each) =>
    [...times, ...counts, bar.to].every((time) => isWhole((time - bar.from) * each)),
  );
  if (grid !== undefined) {
    const slots = Math.round((bar.to - bar.from) * grid);
    const even = Array.from({ length: slots }, (_, at) => bar.from + at / grid);
    const laid = draw(bar, even, counts, true);
    if (laid && laid.width <= room) return laid;
  }
  const needed = [...new Set([...times, bar.from])].sort((a, b) => a - b);
  const laid = draw(bar, needed, needed, false);
  if (!laid) throw new RangeError("a bar that is not even can always be laid out");
  return laid;
}

/**
 * Draws a bar with a column for each time. Even columns are as wide as one another, so that the time between two counts can
 * be measured; others are as wide as what stands in them. Null where names need more room than even columns may have.
 */
function draw(
  bar: BarCells,
  times: readonly number[],
  counted: readonly number[],
  isEven: boolean,
): LaidBar | null {
  const tokens = times.map((time) =>
    bar.notes.filter((note) => Math.abs(note.time - time) < ROUNDING),
  );
  const nameAt = (time: number) =>
    bar.names.find((each) => Math.abs(each.time - time) < ROUNDING)?.name ?? "";
  const isCounted = (time: number) => counted.some((each) => Math.abs(each - time) < ROUNDING);
  const count = countQuarters(bar.meter);
  const countAt = (time: number) =>
    isCounted(time)
      ? countText(time, bar.meter, isCounted(Math.floor(time / count + ROUNDING) * count))
      : "";
  const widths = times.map((time, at) => {
    const digits = Math.max(1, ...(tokens[at] ?? []).map((note) => fretText(note).length));
    const over = isEven ? 0 : Math.max(nameAt(time).length, countAt(time).length);
    return 1 + Math.max(digits, over);
  });
  let cell = Math.max(...widths);
  if (isEven) {
    // A name needs room up to the next one, or up to the end of the bar.
    const gaps = bar.names.map(({ name, time }, at) => {
      const slot = times.findIndex((each) => Math.abs(each - time) < ROUNDING);
      const next = bar.names[at + 1];
      const until = next
        ? times.findIndex((each) => Math.abs(each - next.time) < ROUNDING)
        : times.length;
      return { length: name.length + 1, slots: Math.max(1, until - slot) };
    });
    const fits = () => gaps.every(({ length, slots }) => slots * cell >= length);
    while (!fits() && cell <= MAX_CELL) cell++;
    if (cell > MAX_CELL) return null;
  }
  const columns: number[] = [];
  let width = 0;
  for (const [at] of times.entries()) {
    columns.push(width + 1);
    width += isEven ? cell : (widths[at] ?? cell);
  }
  const line = (textAt: (time: number, at: number) => string) =>
    times.reduce((text, time, at) => {
      const column = columns[at] ?? 0;
      const word = textAt(time, at);
      // What has no room is left out: only numbers of counts and parts of them can lack it.
      return word === "" || text.length >= column ? text : text.padEnd(column) + word;
    }, "");
  const subdivided = (time: number) =>
    isEven && countAt(time) === "" && isWhole(time * 4)
      ? countText(time, bar.meter)
      : countAt(time);
  const strikes = columns.flatMap((column, at) => {
    const struck = tokens[at] ?? [];
    return struck.length > 0
      ? [{ column, isMuted: struck.some((note) => hasMark(note, "pm")) }]
      : [];
  });
  return {
    width,
    names: line((time) => nameAt(time)),
    counts: line((time) => subdivided(time)),
    mutes: mutesLine(strikes),
    rows: Array.from({ length: bar.strings }, (_, row) => {
      const string = bar.strings - 1 - row;
      let text = "";
      for (const [at, column] of columns.entries()) {
        const note = tokens[at]?.find((each) => each.string === string);
        if (!note) continue;
        text = text.padEnd(column - 1, "-") + (reachMark(note) ?? "-") + fretText(note);
      }
      return text.padEnd(width, "-");
    }),
  };
}

/** "PM" where one strike is muted, "PM----" over several that follow one another. */
function mutesLine(
  strikes: readonly { readonly column: number; readonly isMuted: boolean }[],
): string {
  let text = "";
  for (let at = 0; at < strikes.length; at++) {
    if (!strikes[at]?.isMuted) continue;
    let end = at;
    while (strikes[end + 1]?.isMuted) end++;
    const [from, to] = [strikes[at]?.column ?? 0, strikes[end]?.column ?? 0];
    text = text.padEnd(from) + (to > from + 1 ? `PM${"-".repeat(to - from - 1)}` : "PM");
    at = end;
  }
  return text;
}

function fretText(note: ScoreNote): string {
  if (hasMark(note, "x")) return "x";
  return `${note.fret}${["b", "~"].find((mark) => hasMark(note, mark)) ?? ""}`;
}

function reachMark(note: ScoreNote): string | null {
  return ["h", "p", "/", "\\"].find((mark) => hasMark(note, mark)) ?? null;
}

function hasMark({ mark }: ScoreNote, wanted: string): boolean {
  return mark?.split(" ").includes(wanted) ?? false;
}

function isWhole(number: number): boolean {
  return Math.abs(number - Math.round(number)) < ROUNDING;
}
