import { type DampingConflict, type DampingPlan } from "@/core/hand";
import { dampingLines } from "@/formats/dampingWords";
import { conflictText, strumText } from "./reasonWords";

interface SilenceProps {
  readonly damping: DampingPlan;
  /** How many strings the guitar has. */
  readonly strings: number;
}

/** What keeps each silent string quiet, and whether all strings may be struck. */
export function SilentStrings({ damping, strings }: SilenceProps) {
  return (
    <section aria-labelledby="silence-title">
      <h3 id="silence-title" className="text-lg font-semibold">
        {strumText(damping, strings)}
      </h3>
      <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-[16px]">
        {dampingLines(damping, strings).map(({ strings: numbers, text, isSafe }) => (
          <div key={numbers.join()} className="contents">
            <dt className="figures font-semibold whitespace-nowrap">{numbers.join(" ")}</dt>
            <dd className={isSafe ? "" : "font-medium text-warning"}>{text}</dd>
          </div>
        ))}
      </dl>
      {unsolved(damping).map((conflict) => (
        <p key={JSON.stringify(conflict)} className="mt-1 text-[16px] text-muted">
          {conflictText(conflict, strings)}
        </p>
      ))}
    </section>
  );
}

/** Conflicts that leave a string sounding; the others are settled by the second choice. */
function unsolved({ conflicts, humming }: DampingPlan): readonly DampingConflict[] {
  return conflicts.filter((conflict) =>
    humming.includes(conflict.kind === "two jobs" ? conflict.strings[1] : conflict.string),
  );
}
