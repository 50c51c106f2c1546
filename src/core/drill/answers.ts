import { soundingMidi, type Fretting } from "@/core/fretting";
import { pitchClass, type PitchClass } from "@/core/pitch";
import { type RoundResult } from "@/core/recall";
import { type QuestionKind } from "./drill";
import { type DrillRig } from "./grips";
import { type NeckPlace, type Question } from "./questions";

export type Answer =
  | { readonly kind: "note"; readonly pitchClass: PitchClass }
  | { readonly kind: "place"; readonly place: NeckPlace }
  | { readonly kind: "grip"; readonly fretting: Fretting }
  | { readonly kind: "choice"; readonly index: number }
  /** What was heard, in half steps. */
  | { readonly kind: "pitch"; readonly midi: number };

type AnswerVerdict = "right" | "wrong" | "more";

/** Sharper or flatter than this is heard, and than this is out of tune; in cents (judgements). */
const [PRESSED_CENTS, OUT_CENTS] = [6, 15];

/**
 * How an answer does; "more" where it is right and others are still to come.
 *
 * @param found places that were found before
 */
export function judge(
  rig: DrillRig,
  { expected }: Question,
  answer: Answer,
  found: readonly NeckPlace[],
): AnswerVerdict {
  const isRight = (right: boolean) => (right ? "right" : "wrong");
  if (expected.kind === "places") {
    if (answer.kind !== "place") return "wrong";
    if (!expected.places.some((place) => isSame(place, answer.place))) return "wrong";
    const others = found.filter((place) => !isSame(place, answer.place));
    return others.length + 1 === expected.places.length ? "right" : "more";
  }
  if (expected.kind === "note") {
    if (answer.kind === "note") return isRight(answer.pitchClass === expected.pitchClass);
    return isRight(
      answer.kind === "pitch" && pitchClass(Math.round(answer.midi)) === expected.pitchClass,
    );
  }
  if (expected.kind === "choice") {
    return isRight(answer.kind === "choice" && answer.index === expected.right);
  }
  if (expected.kind === "press") {
    return isRight(
      answer.kind === "pitch" && Math.abs(100 * (answer.midi - expected.midi)) <= OUT_CENTS,
    );
  }
  if (answer.kind !== "grip") return "wrong";
  const sounding = soundingMidi(rig.neck, answer.fretting);
  const notes = new Set(sounding.map(pitchClass));
  const hasAll =
    expected.notes.every((note) => notes.has(note)) && notes.size === expected.notes.length;
  return isRight(hasAll && pitchClass(Math.min(...sounding)) === expected.lowest);
}

/** Answers that took longer count as slow, in ms (judgements). */
const SLOW_MS: Readonly<Record<QuestionKind, number>> = {
  name: 4000,
  "half steps": 5000,
  places: 3000,
  grip: 8000,
  chord: 6000,
  "which voicing": 8000,
  higher: 8000,
  touch: 8000,
  press: Infinity,
};

/** The result of an answer that took so long. One wrong place, or one wrong try, and it is missed. */
export function gradeAnswer(
  { what, expected }: Question,
  answer: Answer,
  isRight: boolean,
  tookMs: number,
): RoundResult {
  if (!isRight) return "missed";
  if (expected.kind === "press" && answer.kind === "pitch") {
    return Math.abs(100 * (answer.midi - expected.midi)) <= PRESSED_CENTS ? "clean" : "rough";
  }
  const parts = expected.kind === "places" ? Math.max(1, expected.places.length) : 1;
  return tookMs <= SLOW_MS[what] * parts ? "clean" : "rough";
}

function isSame(a: NeckPlace, b: NeckPlace): boolean {
  return a.string === b.string && a.fret === b.fret;
}
