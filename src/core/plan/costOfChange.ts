import { positionOf, type HandPosition } from "@/core/hand";
import { makeChangeCost, noteChangeCost } from "@/core/motion";
import { type Neck } from "@/core/neck";
import { type CostOfChange } from "@/core/route";
import { type GripStop } from "./stops";

/** What it costs on a neck to come from one stop to another. */
export function costOfChangeOn(neck: Neck): CostOfChange<GripStop> {
  const cost = makeChangeCost(neck);
  const positions = new WeakMap<GripStop, HandPosition>();
  const positionIn = (stop: GripStop) => {
    if (stop.position === null) return null;
    const known = positions.get(stop);
    if (known) return known;
    const found = positionOf(neck, stop.fingering);
    if (found) positions.set(stop, found);
    return found;
  };
  return (from, hand, to) => {
    const at = hand && positionIn(hand);
    return from.riff && to.riff
      ? noteChangeCost(at, positionIn(to), from.fingering, to.fingering, to.riff.slur)
      : cost(from.fingering, at, to.fingering);
  };
}
