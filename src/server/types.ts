import { type Fretting } from "@/core/fretting";
import { type Finger } from "@/core/hand";
import { type NeckMeasures } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import { type Stack } from "@/core/stack";

/** A guitar that the player owns; what it is tuned to just now is a choice, not a part of it. */
export interface Guitar extends Omit<NeckMeasures, "capo"> {
  readonly id: number;
  readonly name: string;
  readonly frets: number;
  /** The tuning it usually hangs in, thickest string first. */
  readonly usualMidi: readonly Midi[];
}

/** A fingering that the player keeps, with all it takes to show it again. */
export interface PinContent {
  readonly guitarId: number;
  readonly tuningMidi: readonly Midi[];
  /** Root as plain text: "C#". */
  readonly root: string;
  readonly stack: Stack;
  readonly fretting: Fretting;
  readonly fingers: readonly (Finger | 0)[];
}

export interface Pin extends PinContent {
  readonly id: number;
}

export const MARK_LABELS = ["degree", "note", "finger"] as const;
export type MarkLabel = (typeof MARK_LABELS)[number];

export const THEMES = ["system", "light", "dark"] as const;
export type Theme = (typeof THEMES)[number];

/** Everything that is there again when the player comes back. */
export interface Choice {
  readonly guitarId: number;
  readonly tuningMidi: readonly Midi[];
  /** Root as plain text: "C#". */
  readonly root: string;
  readonly stack: Stack;
  readonly labels: MarkLabel;
  readonly theme: Theme;
  /** The fingering on the neck; null shows the map alone. */
  readonly chosen: {
    readonly fretting: Fretting;
    readonly fingers: readonly (Finger | 0)[];
  } | null;
  /** The tuning that Compare holds against the present one; null until the player takes one. */
  readonly comparedMidi: readonly Midi[] | null;
}

/** What a page needs to begin: the player's guitars and pins, and where they left off. */
export interface Start {
  readonly guitars: readonly [Guitar, ...Guitar[]];
  readonly pins: readonly Pin[];
  readonly choice: Choice;
}
