import { type Accidentals, type Midi } from "@/core/pitch";
import { nameTuning, type Tuning } from "@/core/tuning";

/** A tuning that the player named. */
export interface OwnTuning {
  readonly id: number;
  readonly name: string;
  readonly midi: readonly Midi[];
}

/** A tuning under the name the player gave it, else under its best name. */
export function callTuning(
  midi: readonly Midi[],
  ownTunings: readonly OwnTuning[],
  accidentals: Accidentals,
): Tuning {
  const key = midi.join();
  const own = ownTunings.find((tuning) => tuning.midi.join() === key);
  const tuning = nameTuning(midi, accidentals);
  return own ? { ...tuning, name: own.name, kind: "own" } : tuning;
}
