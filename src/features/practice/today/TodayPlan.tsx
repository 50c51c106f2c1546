import {
  remainingS,
  SITTINGS,
  type PlannedBlock,
  type Sitting,
  type SittingMinutes,
} from "@/core/practice";
import { ChoiceButton, KeyCap, onDemand } from "@/ui/controls";
import { BlockList, type BlockListProps } from "./BlockList";

interface TodayPlanProps {
  /** Null until the plan is made. */
  readonly blocks: readonly PlannedBlock[] | null;
  /** Days since 1970. */
  readonly today: number;
  readonly minutes: SittingMinutes;
  readonly nameOf: (drill: string) => string;
  /** One that waits. */
  readonly sitting: Sitting | null;
  /** The plan was changed by hand. */
  readonly isOwn: boolean;
  readonly onMinutes: (minutes: SittingMinutes) => void;
  /** Null goes back to the plan that follows from the log. */
  readonly onBlocks: (blocks: readonly PlannedBlock[] | null) => void;
  readonly onStart: () => void;
  readonly onEnd: () => void;
}

// Sorting comes after the first paint; until then the list stands as it is.
const SortableBlocks = onDemand(
  "Sorting the plan",
  () => import("./SortableBlocks").then((part) => part.SortableBlocks),
  (props: BlockListProps) => <BlockList {...props} />,
);

/** The plan for today: how long, what in which order, and one button to begin. */
export function TodayPlan(props: TodayPlanProps) {
  const { blocks, today, minutes, nameOf, sitting, isOwn, onMinutes, onBlocks, onStart, onEnd } =
    props;
  const total = (blocks ?? []).reduce((sum, block) => sum + block.minutes, 0);
  const isWaiting = !sitting && blocks === null;
  return (
    <section aria-label="Today" className="panel space-y-4 p-4">
      <div className="flex flex-wrap items-center gap-2">
        <h2 className="text-xl font-semibold">Today</h2>
        <div role="group" aria-label="How long" className="ml-auto flex gap-1">
          {SITTINGS.map((each) => (
            <ChoiceButton
              key={each}
              pressed={!isOwn && minutes === each}
              onPress={() => onMinutes(each)}
              label={`${each} minutes`}
              className="figures min-w-11 px-2 text-lg"
            >
              {each}
            </ChoiceButton>
          ))}
          <span className="self-center text-muted">min</span>
        </div>
      </div>
      <button
        type="button"
        className="button button-primary min-h-16 w-full justify-center text-2xl"
        disabled={isWaiting}
        onClick={onStart}
      >
        {isWaiting
          ? "Making your plan…"
          : sitting
            ? `Carry on: ${Math.ceil(remainingS(sitting) / 60)} min left`
            : `Start: ${total} min`}
        {!isWaiting && <KeyCap of=" " onButton />}
      </button>
      {sitting && (
        <button type="button" className="button w-full justify-center" onClick={onEnd}>
          End that sitting and plan a new one
        </button>
      )}
      {blocks && (
        <SortableBlocks blocks={blocks} today={today} nameOf={nameOf} onBlocks={onBlocks} />
      )}
      {isOwn && (
        <button type="button" className="button" onClick={() => onBlocks(null)}>
          Back to the plan from the log
        </button>
      )}
    </section>
  );
}
