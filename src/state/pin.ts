import { type View } from "./view";

/** A pinned fingering, with everything needed to show it again. */
export interface PinContent extends Pick<View, "tuningMidi" | "root" | "voicing" | "minNotes"> {
  readonly guitarId: number;
  readonly fretting: NonNullable<View["chosen"]>["fretting"];
  readonly fingers: NonNullable<View["chosen"]>["fingers"];
}

export interface Pin extends PinContent {
  readonly id: number;
}

/** The pin that holds this fingering, if any. */
export function findPin(pins: readonly Pin[], content: PinContent): Pin | undefined {
  const key = keyOf(content);
  return pins.find((pin) => keyOf(pin) === key);
}

function keyOf({ guitarId, tuningMidi, root, voicing, fretting, fingers }: PinContent): string {
  return JSON.stringify([guitarId, tuningMidi, root, voicing, fretting, fingers]);
}
