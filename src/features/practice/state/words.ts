import { type DrillKind, type Step } from "@/core/drill";
import { type Evidence, type PlannedBlock, type Why } from "@/core/practice";
import { CARD_FRETS, NOTE_STAGES, type Knowing, type RoundResult } from "@/core/recall";

export const KIND_WORDS: Readonly<Record<DrillKind, string>> = {
  know: "Know the neck",
  move: "Move",
  sound: "Sound",
  hear: "Hear",
  song: "From your song",
};

export const WHY_WORDS: Readonly<Record<Why, string>> = {
  "warm-up": "warm-up",
  due: "due today",
  new: "new",
  song: "for your song",
  learning: "in progress",
  check: "still there?",
  listen: "for the ear",
  weak: "in progress",
  own: "your choice",
};

export const RESULT_WORDS: Readonly<Record<RoundResult, string>> = {
  clean: "Clean",
  rough: "Rough",
  missed: "Missed",
};

export const KNOWING_WORDS: Readonly<Record<Knowing, string>> = {
  "never asked": "not asked yet",
  shaky: "shaky",
  known: "known",
  sure: "sure",
};

/** From the least to the whole; the next one is the next step up. */
export const STEP_WORDS: Readonly<Record<Step, string>> = {
  root: "Root alone",
  once: "One strum",
  two: "Two notes",
  whole: "The whole",
};

/** The reason for a drill: "missed 2 of 5 on Tuesday". */
export function evidenceText(evidence: Evidence, today: number): string {
  switch (evidence.kind) {
    case "tempo":
      return `holds to ${Math.floor(evidence.heldBpm)} of ${Math.round(evidence.goalBpm)} bpm`;
    case "missed":
      return `missed ${evidence.missed} of ${evidence.rounds} ${dayText(evidence.day, today)}`;
    case "held":
      return `clean at ${evidence.bpm} bpm ${dayText(evidence.day, today)}`;
    case "never played":
      return "new";
    case "cards":
      return [
        ...(evidence.due > 0 ? [`${evidence.due} due`] : []),
        ...(evidence.fresh > 0 ? [`${evidence.fresh} new`] : []),
      ].join(", ");
    case "answers":
      return `${evidence.right} of the last ${evidence.asked} right`;
  }
}

const MS_A_DAY = 86_400_000;
const DAYS_A_WEEK = 7;

/** "yesterday", "on Tuesday", "on 24 Nov". */
function dayText(day: number, today: number): string {
  if (today - day === 1) return "yesterday";
  const date = new Date(day * MS_A_DAY);
  const inWeek = today - day < DAYS_A_WEEK;
  const options = inWeek
    ? ({ weekday: "long", timeZone: "UTC" } as const)
    : ({ day: "numeric", month: "short", timeZone: "UTC" } as const);
  return `on ${date.toLocaleDateString("en-GB", options)}`;
}

/** "strings 6 and 5 to fret 7, naturals". */
export function stageText(stage: number): string {
  const reach = NOTE_STAGES[stage];
  if (!reach || reach.strings === Infinity) return "all strings";
  const last = USUAL_STRINGS - reach.strings + 1;
  const strings = reach.strings === 2 ? "strings 6 and 5" : `strings 6 to ${last}`;
  const frets = reach.maxFret < CARD_FRETS - 1 ? ` to fret ${reach.maxFret}` : "";
  return `${strings}${frets}${reach.naturalsOnly ? ", naturals" : ""}`;
}

const USUAL_STRINGS = 6;

/** "18 Oct". */
export function dateText(day: string): string {
  const date = new Date(`${day}T12:00:00Z`);
  return date.toLocaleDateString("en-GB", { day: "numeric", month: "short", timeZone: "UTC" });
}

/** "2 min". */
export function minutesText({ minutes }: Pick<PlannedBlock, "minutes">): string {
  return `${minutes} min`;
}

/** "4:05"; never below 0:00. */
export function clockText(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")}`;
}

/** "12 ms early", "on the beat", "8 ms late". */
export function offText(medianMs: number): string {
  const ms = Math.round(medianMs);
  if (ms === 0) return "on the beat";
  return `${Math.abs(ms)} ms ${ms < 0 ? "early" : "late"}`;
}
