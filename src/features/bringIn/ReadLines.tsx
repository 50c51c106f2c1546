import { type PreviewLine } from "@/wire";

interface ReadLinesProps {
  readonly lines: readonly PreviewLine[];
  /** What is kept, where the file has no lines to show. */
  readonly chart: string;
}

const MAX_CHART_LETTERS = 20_000;
const SIGNS = { music: "♪", words: "…", problem: "!", blank: "" } as const;
const SAID = { music: "music", words: "words", problem: "not understood", blank: "" } as const;

/** The file line by line with what each was taken for, or the chart that it becomes. */
export function ReadLines({ lines, chart }: ReadLinesProps) {
  if (lines.length === 0) {
    return (
      <pre
        className="figures max-h-72 overflow-auto rounded-lg border border-line p-3 text-[15px]"
        tabIndex={0}
        aria-label="The chart that it becomes"
      >
        {chart.slice(0, MAX_CHART_LETTERS)}
      </pre>
    );
  }
  return (
    <ol
      className="max-h-72 overflow-auto rounded-lg border border-line p-3 font-mono text-[14px]"
      tabIndex={0}
      aria-label="Line by line"
    >
      {lines.map(({ text, state, message }, index) => (
        <li
          key={index}
          className={`flex gap-3 ${state === "problem" ? "bg-picked" : ""}`}
          title={message ?? undefined}
        >
          <span className="w-5 shrink-0 text-center" aria-hidden="true">
            {SIGNS[state]}
          </span>
          <span className="sr-only">{SAID[state]}</span>
          <span className={`whitespace-pre ${state === "words" ? "text-muted" : ""}`}>
            {text || " "}
          </span>
        </li>
      ))}
    </ol>
  );
}
