import { frequencyHz, type Midi } from "@/core/pitch";
import { type StrungGuitar } from "./strungGuitar";
import { equalFeelDiameterMm } from "./tension";

/** What would make one string feel in a new tuning as it does in the guitar's usual one. */
export interface GaugeAdvice {
  readonly wound: boolean;
  /** Diameter now and for equal feel in mm; null where the diameter is not known. */
  readonly diameter: { readonly nowMm: number; readonly equalFeelMm: number } | null;
  /** Diameter for equal feel as a share of what it is now: 1/f, the same for plain and wound. */
  readonly diameterShare: number;
  /** Unit weight for equal feel as a share of what it is now; this is what sets a wound string's pull. */
  readonly unitMassShare: number;
}

/**
 * Gauges for the same tension at the same scale, string by string from the thickest. For a wound
 * string only the share of unit weight is exact, because its diameter says little of its weight.
 */
export function adviseGauges(guitar: StrungGuitar, to: readonly Midi[]): readonly GaugeAdvice[] {
  return to.map((midi, string) => {
    const spec = guitar.strings?.[string];
    const usualHz = frequencyHz(guitar.usualMidi[string] ?? midi);
    const hz = frequencyHz(midi);
    const nowMm = spec?.diameterMm ?? null;
    const diameterShare = usualHz / hz;
    return {
      wound: spec?.wound ?? false,
      diameter:
        nowMm === null ? null : { nowMm, equalFeelMm: equalFeelDiameterMm(nowMm, usualHz, hz) },
      diameterShare,
      unitMassShare: diameterShare ** 2,
    };
  });
}
