import { type SongSettings } from "@/core/arrangement";

/** What a drill is for. */
export const DRILL_KINDS = ["know", "move", "sound", "hear", "song"] as const;
export type DrillKind = (typeof DRILL_KINDS)[number];

interface DrillBase {
  /** Tells drills apart in the log, from one Tenon to the next. */
  readonly key: string;
  readonly kind: DrillKind;
  readonly name: string;
  /** What to do, in a line. */
  readonly say: string;
}

/** Played to the metronome and judged when a round is over. */
export interface PlayedDrill extends DrillBase {
  readonly how: "played";
  /** As a chart, with the grips that are meant as pins. */
  readonly text: string;
  readonly settings: SongSettings;
  /** The bars that are played, the second one not included; null for all. */
  readonly bars: readonly [from: number, to: number] | null;
  /** Where its ladder begins. */
  readonly startBpm: number;
  /** The tempo that it shall hold at: the song's, or that of its kind. */
  readonly goalBpm: number;
  /** Other strings sound or are silent, and that is the point. */
  readonly showsSilence: boolean;
}

/** What an asked drill asks. */
export const QUESTION_KINDS = [
  "name",
  "places",
  "half steps",
  "grip",
  "chord",
  "which voicing",
  "higher",
  "touch",
  "press",
] as const;
export type QuestionKind = (typeof QUESTION_KINDS)[number];

/** Asked question by question; every answer is a round. */
export interface QuestionDrill extends DrillBase {
  readonly how: "asked";
  readonly what: QuestionKind;
}

export type Drill = PlayedDrill | QuestionDrill;
