import { type Fretting } from "@/core/fretting";
import { type Finger } from "@/core/hand";
import { NO_FILTER, type GripFilter, type GripOrder } from "@/core/listing";
import { type Midi } from "@/core/pitch";
import { type ChordForm } from "@/core/voicing";

export const MARK_LABELS = ["degree", "note", "finger", "fret", "octave"] as const;
export type MarkLabel = (typeof MARK_LABELS)[number];

/** Frets drawn to scale, or evenly. */
export const SPACINGS = ["true", "even"] as const;
export type Spacing = (typeof SPACINGS)[number];

/** All that the neck shows, so that a view can be kept and shared. */
export interface View extends ChordForm {
  readonly tuningMidi: readonly Midi[];
  /** Root as plain text: "C#". */
  readonly root: string;
  readonly labels: MarkLabel;
  /** The degrees on the map, 0 to 11; null for those of the chord. */
  readonly mapped: readonly number[] | null;
  /** The natural notes on the map, with their half steps, in place of degrees. */
  readonly naturals: boolean;
  /** The strings that carry marks, from the thickest (0); null for all. */
  readonly mapStrings: readonly number[] | null;
  readonly spacing: Spacing;
  /** As the player looks down on the neck; otherwise as in a chart, thick string at the bottom. */
  readonly thickOnTop: boolean;
  readonly order: GripOrder;
  readonly filter: GripFilter;
  /** Neck and grip alone, large enough to be read from afar. */
  readonly stage: boolean;
  /** The fingering on the neck; null for the first of the list. */
  readonly chosen: {
    readonly fretting: Fretting;
    readonly fingers: readonly (Finger | 0)[];
  } | null;
}

/** The default view, without a tuning. */
export const DEFAULT_VIEW: Omit<View, "tuningMidi"> = {
  root: "E",
  voicing: [0, 7, 12],
  minNotes: null,
  labels: "degree",
  mapped: null,
  naturals: false,
  mapStrings: null,
  spacing: "true",
  thickOnTop: false,
  order: "usual",
  filter: NO_FILTER,
  stage: false,
  chosen: null,
};
