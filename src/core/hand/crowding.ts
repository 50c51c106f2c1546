import { acrossMm, wireMm, type Neck } from "@/core/neck";
import { type Press } from "./assign";
import { type Hand } from "./hand";

/**
 * How much room fingertips lack where several press neighbouring strings at one fret, in mm. Strings lie
 * closer together than fingertips are wide, so each fingertip stands a little further from the wire
 * than the one before it, until the fret space is used up.
 */
export function crowdedMm(neck: Neck, presses: readonly Press[], { fingertipMm }: Hand): number {
  let lackingMm = 0;
  let neededMm = 0;
  for (let index = 1; index < presses.length; index++) {
    const [before, press] = [presses[index - 1], presses[index]];
    if (!before || !press || before.finger === "T") continue;
    const { fret, thickest } = press.hold;
    if (before.hold.fret !== fret || thickest !== before.hold.thinnest + 1) {
      neededMm = 0;
      continue;
    }
    const apartMm = acrossMm(neck, thickest, fret) - acrossMm(neck, thickest - 1, fret);
    if (apartMm >= fingertipMm) continue;
    neededMm += Math.sqrt(fingertipMm ** 2 - apartMm ** 2);
    const roomMm = wireMm(neck, thickest, fret) - wireMm(neck, thickest, fret - 1);
    lackingMm = Math.max(lackingMm, neededMm - roomMm);
  }
  return lackingMm;
}
