import { type Midi } from "@/core/pitch";
import { COMMON_METER, type Key, type Meter } from "../chart";

/** The directives read so far. */
export interface ChartSettings {
  readonly title: string | null;
  readonly keyText: string | null;
  readonly key: Key | null;
  readonly tempoBpm: number | null;
  readonly meter: Meter;
  readonly countBeats: number;
  readonly pickupBeats: number | null;
  /** Open-string pitches, thickest first. */
  readonly tuningMidi: readonly Midi[] | null;
  /** Between the directives that begin and end a part. */
  readonly isInPart: boolean;
  /** Within a grid that is a part by itself. */
  readonly isPartGrid: boolean;
}

export const FIRST_SETTINGS: ChartSettings = {
  title: null,
  keyText: null,
  key: null,
  tempoBpm: null,
  meter: COMMON_METER,
  countBeats: 1,
  pickupBeats: null,
  tuningMidi: null,
  isInPart: false,
  isPartGrid: false,
};
