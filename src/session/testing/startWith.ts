import { usualMidi } from "@/core/tuning";
import { DEFAULT_CHOICE, DEFAULT_PROFILE, newGuitar, type Choice, type Rig } from "@/state";
import { type Start } from "@/wire";
import { ORIGIN } from "./fakeBrowser";

/** A player with one six-string in standard tuning and nothing else, unless it is said. */
export function startWith(rig: Partial<Rig> = {}, choice: Partial<Choice> = {}): Start {
  const tuningMidi = usualMidi(6);
  return {
    origin: ORIGIN,
    rig: {
      guitars: [{ ...newGuitar(6, "Ash six"), id: 1, tunedMidi: tuningMidi }],
      pins: [],
      ownTunings: [],
      ownVoicings: [],
      favourites: [],
      comparisons: [],
      songs: [],
      profile: { ...DEFAULT_PROFILE, learnsFromPins: false },
      ...rig,
    },
    choice: { ...DEFAULT_CHOICE, guitarId: 1, tuningMidi, ...choice },
    isFirst: false,
    isAddressed: false,
    problems: [],
  };
}
