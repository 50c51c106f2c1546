import { type SongSettings } from "@/core/arrangement";
import { type Midi } from "@/core/pitch";

/** A song: its chart as it was typed, and how it is played. */
export interface SongContent {
  readonly name: string;
  /** The text of the chart. */
  readonly chart: string;
  readonly guitarId: number;
  readonly tuningMidi: readonly Midi[];
  readonly settings: SongSettings;
  /** Put away, and not shown among the others. */
  readonly archived: boolean;
}

/** A song, as lists show it. */
export interface SavedSong extends Pick<SongContent, "name" | "tuningMidi" | "archived"> {
  readonly id: number;
  readonly revision: number;
}

/** A song that was opened. */
export interface OpenedSong extends SongContent {
  readonly id: number;
  readonly revision: number;
}

/** Room for a book of songs; longer texts are not charts. */
export const LONGEST_CHART = 250_000;
export const LONGEST_NAME = 60;
