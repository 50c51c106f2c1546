import { type TensionLimits } from "./tension";

/** A warning to give before a guitar is retuned. Strings are indexes from the thickest, from 0. */
export type TensionWarning =
  | {
      readonly kind: "near breaking";
      readonly string: number;
      /** Stress as a share of the strength of plain steel; a wound string breaks earlier still. */
      readonly share: number;
    }
  | { readonly kind: "above usual"; readonly string: number; readonly semitones: number }
  | {
      readonly kind: "slack";
      readonly string: number;
      /** Tension as a share of the string's usual one. */
      readonly share: number;
    }
  | {
      readonly kind: "total";
      /** Pull of all strings as a share of the usual one. */
      readonly share: number;
    };

/** What a warning is computed from: one string as it will be. */
interface StringLoad {
  /** Semitones it is turned now. */
  readonly semitones: number;
  /** Semitones over the pitch it is made for. */
  readonly overUsual: number;
  readonly usualShare: number;
  readonly stressShare: number;
}

/** The warnings for a guitar as it will be: per string from the thickest, then for the whole neck. */
export function findWarnings(
  loads: readonly StringLoad[],
  totalShare: number,
  limits: TensionLimits,
): readonly TensionWarning[] {
  const perString = loads.flatMap((load, string): TensionWarning[] => {
    if (load.stressShare > limits.stressShare) {
      return [{ kind: "near breaking", string, share: load.stressShare }];
    }
    if (load.semitones > 0 && load.overUsual > 0) {
      return [{ kind: "above usual", string, semitones: load.overUsual }];
    }
    return load.usualShare < limits.slackShare
      ? [{ kind: "slack", string, share: load.usualShare }]
      : [];
  });
  return Math.abs(totalShare - 1) > limits.totalShare && !isTunedDownWhole(loads)
    ? [...perString, { kind: "total", share: totalShare }]
    : perString;
}

/** A whole guitar up to two half steps down is ordinary: E flat, D standard (common practice). */
const ORDINARY_HALF_STEPS = 2;

function isTunedDownWhole(loads: readonly StringLoad[]): boolean {
  const by = loads[0]?.overUsual ?? 0;
  return by < 0 && by >= -ORDINARY_HALF_STEPS && loads.every(({ overUsual }) => overUsual === by);
}
