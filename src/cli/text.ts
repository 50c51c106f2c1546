import { type Fretting } from "@/core/fretting";

/** A fretting on a terminal, thickest string first: "x 3 5 5 x x". */
export function frettingText(fretting: Fretting): string {
  return fretting.map((fret) => fret ?? "x").join(" ");
}

/** A problem as a line of its own, with its place. */
export function problemText(problem: {
  readonly line: number | null;
  readonly column: number | null;
  readonly message: string;
}): string {
  const { line, column, message } = problem;
  if (line === null) return message;
  return column === null
    ? `line ${line}: ${message}`
    : `line ${line}, column ${column}: ${message}`;
}
