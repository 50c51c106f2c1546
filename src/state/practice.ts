import { DEFAULT_LADDER, type DrillKind, type LadderSettings, type Step } from "@/core/drill";
import { PLAIN_METRONOME, type Metronome } from "@/core/metronome";
import { type TimingConstants } from "@/core/motion";
import { type Midi } from "@/core/pitch";
import { type RoundChange, type SittingMinutes } from "@/core/practice";
import { type RoundResult } from "@/core/recall";

/** When something was, and what the clock on the wall said there and then. */
export interface LocalTime {
  /** In ms since 1970. */
  readonly atMs: number;
  /** What to add to universal time for the local one, in minutes. */
  readonly zoneMin: number;
}

/** A round of a drill, or an answer, as the log keeps it. */
export interface RoundContent extends LocalTime {
  readonly drill: string;
  readonly kind: DrillKind;
  /** The drill's name when it was played. */
  readonly name: string;
  readonly result: RoundResult;
  readonly seconds: number;
  /** Null in a log from elsewhere; the guitar may be deleted since. */
  readonly guitarId: number | null;
  readonly tuningMidi: readonly Midi[];
  readonly songId: number | null;
  readonly bpm: number | null;
  readonly roomQuarters: number;
  readonly step: Step;
  /** Early below 0, late above; null where nobody listened, or could not tell. */
  readonly medianMs: number | null;
  readonly spreadMs: number | null;
  /** What is remembered, where the question has a card. */
  readonly card: string | null;
  /** The tightest change, where the hand moved. */
  readonly change: RoundChange | null;
  readonly note: string;
}

/** What a round says nothing of, unless it does: what an answer has no tempo, hand or song for. */
export const PLAIN_ROUND = {
  songId: null,
  bpm: null,
  roomQuarters: 0,
  step: "whole",
  medianMs: null,
  spreadMs: null,
  card: null,
  change: null,
  note: "",
} as const satisfies Partial<RoundContent>;

/** What the player wrote about a sitting. */
export interface JournalContent extends LocalTime {
  readonly text: string;
}

/** A song that shall hold at a tempo by a day. */
export interface SongGoal {
  readonly songId: number;
  readonly bpm: number;
  /** "2026-12-24". */
  readonly by: string;
}

export const MAX_GOALS = 50;

/** How the player practises. */
export interface PracticeSettings {
  readonly minutes: SittingMinutes;
  /** The song that drills are taken from; null for the one played last. */
  readonly songId: number | null;
  readonly ladder: LadderSettings;
  readonly metronome: Metronome;
  /** Cards that one sitting adds. */
  readonly newCards: number;
  /** Which notes are asked, as a place in NOTE_STAGES; null for what has not been learnt yet. */
  readonly noteStage: number | null;
  /** A song has at most one goal. */
  readonly goals: readonly SongGoal[];
  /** Minutes to practise each week; null for no goal. */
  readonly weekMinutes: number | null;
  /** Whether the chords are heard with the click. */
  readonly hearsChords: boolean;
  /** From a strum on the clock to the same strum heard; null until it is measured. */
  readonly latencyMs: number | null;
  /** The click is not heard by the microphone. */
  readonly hasHeadphones: boolean;
  /** Fitted from the log; null for the level's. */
  readonly ownTiming: TimingConstants | null;
}

export const DEFAULT_PRACTICE: PracticeSettings = {
  minutes: 10,
  songId: null,
  ladder: DEFAULT_LADDER,
  metronome: PLAIN_METRONOME,
  newCards: 6,
  noteStage: null,
  goals: [],
  weekMinutes: null,
  hearsChords: false,
  latencyMs: null,
  hasHeadphones: true,
  ownTiming: null,
};

export const LONGEST_NOTE = 2000;
export const MAX_NEW_CARDS = 30;
