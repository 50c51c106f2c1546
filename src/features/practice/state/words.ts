import { type DrillKind, type Step } from "@/core/drill";
import { type PlannedBlock, type Why } from "@/core/practice";
import { type Knowing, type RoundResult } from "@/core/recall";

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
  new: "new places",
  song: "your song needs it",
  weak: "goes least well",
  listen: "for the ear",
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
