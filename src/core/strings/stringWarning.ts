import { A4_HZ, frequencyHz, type Midi } from "@/core/pitch";
import { type StrungGuitar } from "./strungGuitar";
import { plainStressMpa, tensionShare, type TensionLimits } from "./tension";
import { findWarnings, type TensionWarning } from "./warnings";

/** The warning to give before one string is turned from one pitch to another; null for none. */
export function stringWarning(
  guitar: StrungGuitar,
  string: number,
  from: Midi,
  to: Midi,
  limits: TensionLimits,
  a4Hz = A4_HZ,
): TensionWarning | null {
  const overUsual = to - (guitar.usualMidi[string] ?? to);
  const stressMpa = plainStressMpa(guitar.scalesMm[string] ?? 0, frequencyHz(to, a4Hz));
  const load = {
    semitones: to - from,
    overUsual,
    usualShare: tensionShare(overUsual),
    stressShare: stressMpa / limits.strengthMpa,
  };
  const [warning] = findWarnings([load], 1, limits);
  return warning ?? null;
}
