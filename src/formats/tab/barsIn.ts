import { type StringLine } from "./systems";

/** A bar of a system: its columns, from the first after its bar line up to the next bar line. */
export interface BarColumns {
  readonly from: number;
  readonly to: number;
  readonly opens: boolean;
  /** How often it is played up to the sign that ends it; null where none does. */
  readonly closes: number | null;
}

/** Where the bars of a system are. Columns count from the beginning of the strings' bodies. */
export function barsIn(strings: readonly StringLine[]): readonly BarColumns[] {
  const width = Math.max(...strings.map(({ body }) => body.length));
  const isAt = (column: number, signs: string) =>
    strings.filter(({ body }) => signs.includes(body[column] ?? " ")).length;
  const isBarLine = (column: number) => isAt(column, "|") * 2 > strings.length;
  const bars: BarColumns[] = [];
  let column = 0;
  while (column < width) {
    let opens = false;
    // A bar line may be several columns wide, with the dots of a repeat.
    while (column < width && (isBarLine(column) || isDots(column))) {
      opens ||= isDots(column);
      column++;
    }
    const from = column;
    while (column < width && !isBarLine(column)) column++;
    if (column === from) break;
    const closes = isDots(column - 1);
    const to = closes ? column - 1 : column;
    const isEmpty = strings.every(({ body }) => !/[-\d]/.test(body.slice(from, to)));
    if (!isEmpty) bars.push({ from, to, opens, closes: closes ? timesAfter(column) : null });
  }
  return bars;

  function isDots(at: number): boolean {
    const dots = isAt(at, ":*o");
    return dots > 0 && dots + isAt(at, "-| ") === strings.length && dots < strings.length + 1;
  }
  function timesAfter(at: number): number {
    const said = strings.map(({ body }) => /^\|*\s*\(?x(\d{1,2})\)?/i.exec(body.slice(at))?.[1]);
    return Number(said.find((times) => times !== undefined) ?? 2);
  }
}
