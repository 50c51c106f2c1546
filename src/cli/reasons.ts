import { soundingMidi } from "@/core/fretting";
import {
  DEFAULT_HAND,
  gradeReach,
  type Damper,
  type DampingConflict,
  type EffortTerms,
  type Finger,
  type Fingering,
  type Hand,
  type ReachGrade,
} from "@/core/hand";
import { type Neck } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import {
  describeSound,
  type ClarityPart,
  type Sound,
  type SoundOptions,
  type WeightPart,
} from "@/core/sound";

/**
 * One reason for a figure: which part of it, how much, in which unit, and what it is about. Words
 * are the interface's.
 */
export type Reason =
  | EffortReason
  | ReachReason
  | DampingReason
  | ConflictReason
  | ImpliedReason
  | BeatReason
  | RoughnessReason
  | WeightReason
  | ClarityReason;

interface EffortReason {
  readonly figure: "effort";
  readonly part: keyof EffortTerms;
  readonly value: number;
  readonly unit: "points";
}

/** Two fingers apart along the neck; the tightest pair comes first. */
interface ReachReason {
  readonly figure: "reach";
  readonly part: ReachGrade;
  readonly value: number;
  readonly unit: "mm";
  readonly fingers: readonly [Finger, Finger];
  readonly comfortMm: number;
  readonly hardMm: number;
  /** Null where no place on the neck is comfortable, or open strings tie the shape to its place. */
  readonly comfortableFromFret: number | null;
}

interface DampingReason {
  readonly figure: "damping";
  readonly part: Damper["by"];
  /** Strings, counted from the thickest, 0. */
  readonly value: number;
  readonly unit: "string";
  readonly finger: Finger | null;
  readonly second: Damper | null;
  readonly clearOf: number | null;
}

interface ConflictReason {
  readonly figure: "conflict";
  readonly part: DampingConflict["kind"];
  readonly value: number;
  readonly unit: "string";
  readonly conflict: DampingConflict;
}

interface ImpliedReason {
  readonly figure: "implied note";
  readonly part: "heard" | "implied" | "below hearing";
  readonly value: number;
  readonly unit: "Hz";
  readonly midi: Midi;
  readonly beatHz: number;
}

interface BeatReason {
  readonly figure: "beating";
  readonly part: `${number}:${number}`;
  readonly value: number;
  readonly unit: "Hz";
  readonly notes: readonly [low: Midi, high: Midi];
}

interface RoughnessReason {
  readonly figure: "roughness";
  readonly part: keyof Sound["roughness"];
  readonly value: number;
  readonly unit: "times the plain fifth";
}

interface WeightReason {
  readonly figure: "weight";
  readonly part: WeightPart;
  readonly value: number;
  readonly unit: "points";
}

interface ClarityReason {
  readonly figure: "clarity";
  readonly part: ClarityPart;
  readonly value: number;
  readonly unit: "points";
}

/** Parts smaller than this, in points, are not worth mentioning. */
const SMALLEST_PART = 0.05;

/** Why a fingering is as easy, as safe and as heavy as stated, largest reasons first. */
export function explain(
  neck: Neck,
  fingering: Fingering,
  hand: Hand = DEFAULT_HAND,
  options: SoundOptions = {},
): readonly Reason[] {
  const sound = describeSound(soundingMidi(neck, fingering.fretting), options);
  return [
    ...effortReasons(fingering.terms),
    ...reachReasons(neck, fingering, hand),
    ...dampingReasons(fingering),
    ...(sound ? soundReasons(sound) : []),
  ];
}

function effortReasons(terms: EffortTerms): readonly EffortReason[] {
  return partsOf(terms).map(([part, value]) => ({ figure: "effort", part, value, unit: "points" }));
}

function reachReasons(neck: Neck, fingering: Fingering, hand: Hand): readonly ReachReason[] {
  const reach = gradeReach(neck, fingering.fretting, fingering.presses, hand);
  return reach.stretches.map(({ fingers, mm, comfortMm, hardMm, grade }) => ({
    figure: "reach",
    part: grade,
    value: mm,
    unit: "mm",
    fingers,
    comfortMm,
    hardMm,
    comfortableFromFret: reach.comfortableFromFret,
  }));
}

function dampingReasons({ damping }: Fingering): readonly (DampingReason | ConflictReason)[] {
  return [
    ...damping.silent.map(({ string, first, second, clearOf }): DampingReason => ({
      figure: "damping",
      part: first.by,
      value: string,
      unit: "string",
      finger: first.finger,
      second,
      clearOf,
    })),
    ...damping.conflicts.map((conflict): ConflictReason => ({
      figure: "conflict",
      part: conflict.kind,
      value: conflict.kind === "two jobs" ? conflict.strings[1] : conflict.string,
      unit: "string",
      conflict,
    })),
  ];
}

function soundReasons({ implied, beats, roughness, weight, clarity }: Sound): readonly Reason[] {
  return [
    ...(implied ? [impliedReason(implied)] : []),
    ...beats.map(({ low, high, ratio, hz }): BeatReason => ({
      figure: "beating",
      part: `${ratio[0]}:${ratio[1]}`,
      value: hz,
      unit: "Hz",
      notes: [low, high],
    })),
    ...(["clean", "gain"] as const).map((part): RoughnessReason => ({
      figure: "roughness",
      part,
      value: roughness[part],
      unit: "times the plain fifth",
    })),
    ...partsOf(weight.parts).map(([part, value]): WeightReason => ({
      figure: "weight",
      part,
      value,
      unit: "points",
    })),
    ...partsOf(clarity.parts).map(([part, value]): ClarityReason => ({
      figure: "clarity",
      part,
      value,
      unit: "points",
    })),
  ];
}

function impliedReason(implied: NonNullable<Sound["implied"]>): ImpliedReason {
  const { hz, midi, beatHz, audibility } = implied;
  return { figure: "implied note", part: audibility, value: hz, unit: "Hz", midi, beatHz };
}

/** The parts that count for something, the largest first. */
function partsOf<Part extends string>(
  parts: Readonly<Record<Part, number>>,
): readonly (readonly [Part, number])[] {
  return (Object.entries(parts) as [Part, number][])
    .filter(([, value]) => Math.abs(value) >= SMALLEST_PART)
    .sort(([, a], [, b]) => Math.abs(b) - Math.abs(a));
}
