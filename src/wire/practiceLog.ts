import { type DrillKind, type LadderRound } from "@/core/drill";
import { type Estimate, type Standing } from "@/core/practice";
import { type Knowing } from "@/core/recall";
import { type JournalContent, type RoundContent } from "@/state";

/** How rounds went, counted. */
export interface LogSums {
  readonly rounds: number;
  readonly seconds: number;
  readonly clean: number;
  readonly missed: number;
}

/** A day, a week from its Monday, or a month from its first. */
export type Span = "day" | "week" | "month";

export interface LogSpan extends LogSums {
  readonly from: string;
  readonly secondsByKind: Readonly<Partial<Record<DrillKind, number>>>;
  /** Of the chosen drill: the fastest clean round, and how strums fell on the median. */
  readonly bestBpm: number | null;
  readonly medianMs: number | null;
  /** Of the chosen drill: what it held at when the span ended. */
  readonly estimate: Estimate | null;
}

export interface LogDrill extends LogSums {
  readonly drill: string;
  readonly kind: DrillKind;
  readonly name: string;
  readonly bestBpm: number | null;
  readonly lastMs: number;
}

export interface LoggedRound extends Omit<RoundContent, "change" | "card"> {
  readonly id: number;
}

export interface LoggedNote extends JournalContent {
  readonly id: number;
}

/** A drill that got faster: its fastest clean rounds on its first clean day, and since. */
export interface FasterDrill {
  readonly drill: string;
  readonly name: string;
  readonly firstBpm: number;
  readonly bestBpm: number;
  /** Its first clean day: "2026-03-29". */
  readonly since: string;
}

/** A view of the log; rounds and notes a page at a time, the newest first. */
export interface LogView {
  readonly total: LogSums;
  readonly span: Span;
  readonly spans: readonly LogSpan[];
  /** The tempo of the chosen drill's song, or that drills of movement lead to; null for all drills. */
  readonly goalBpm: number | null;
  /** The last ones played first. */
  readonly drills: readonly LogDrill[];
  /** Those that are missed most, of drills in which the hand moves. */
  readonly hardest: readonly LogDrill[];
  /** Drills that are played clean faster than on the first day, those that gained most first. */
  readonly faster: readonly FasterDrill[];
  readonly rounds: readonly LoggedRound[];
  readonly notes: readonly LoggedNote[];
  /** Where the next page begins; null at the end. */
  readonly next: number | null;
}

/** How a drill stands: before today for the day's plan, and its last rounds in their order for the ladder. */
export interface DrillStanding extends Standing {
  readonly drill: string;
  readonly lastMs: number;
  readonly cleanShare: number;
  readonly ladder: readonly (LadderRound & { readonly id: number })[];
}

/** How a card stands at the time that was asked for. */
export interface CardStanding {
  /** When it should be asked again, in ms since 1970. */
  readonly dueMs: number;
  readonly knowing: Knowing;
}

/** What the room begins with. */
export interface PracticeStart {
  /** Of every card that was asked. */
  readonly cards: readonly (readonly [card: string, standing: CardStanding])[];
  readonly standings: readonly DrillStanding[];
  /** Seconds practised on the day that was asked for. */
  readonly todayS: number;
  /** Seconds practised since that week's Monday. */
  readonly weekS: number;
}
