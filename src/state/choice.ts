import { type KeptAcross } from "@/core/reading";
import { type Comparison } from "./comparison";
import { DEFAULT_VIEW, type View } from "./view";

export const THEMES = ["system", "light", "dark"] as const;
export type Theme = (typeof THEMES)[number];

/** What the neck shows, and on which guitar. */
export interface NeckView extends View {
  readonly guitarId: number;
}

/** Settings that apply to every screen. */
export interface Settings {
  readonly theme: Theme;
  /** Whether short hints are shown. */
  readonly hints: boolean;
  readonly hearing: Hearing;
  /** On the Neck: whether a chosen shape stays when the root changes. */
  readonly keepsShape: boolean;
  /** In Name: what a shape keeps when it moves across strings. */
  readonly keepsAcross: KeptAcross;
}

/** In the order they are offered. */
export const KEPT_ACROSS: readonly KeptAcross[] = ["chord", "frets"];

/** Everything restored when the player returns. */
export interface Choice extends NeckView, Settings {
  /** What Compare shows; null until the player changes what it begins with. */
  readonly comparison: Comparison | null;
}

/** A choice taken apart: the neck's view, the comparison, and the settings. */
export function splitChoice({
  comparison,
  theme,
  hints,
  hearing,
  keepsShape,
  keepsAcross,
  ...view
}: Choice): {
  readonly view: NeckView;
  readonly comparison: Comparison | null;
  readonly settings: Settings;
} {
  return { view, comparison, settings: { theme, hints, hearing, keepsShape, keepsAcross } };
}

/** How grips are heard. */
export interface Hearing {
  readonly gain: boolean;
  /** 0 silent to 1, the loudest Tenon goes. */
  readonly loudness: number;
  /** Whether the one-time warning about loudness has been shown. */
  readonly told: boolean;
}

/** The default choice. */
export const DEFAULT_CHOICE: Omit<Choice, "guitarId" | "tuningMidi"> = {
  ...DEFAULT_VIEW,
  theme: "system",
  comparison: null,
  hints: true,
  hearing: { gain: false, loudness: 0.5, told: false },
  keepsShape: true,
  keepsAcross: "chord",
};
