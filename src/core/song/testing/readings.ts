import { readChart } from "@/core/song";

/** What is wrong with a text, each with its place and the words it is about: "1:6 Xy7: 'Xy7' is no chord...". */
export function problemsOf(text: string): readonly string[] {
  return readChart(text).problems.map(
    ({ line, column, text: wrong, message }) => `${line}:${column} ${wrong}: ${message}`,
  );
}
