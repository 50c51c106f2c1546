import { useMemo } from "react";
import { type TuningShelf } from "@/ui/tuning";
import { useInstrument } from "./instrument";
import { useRig } from "./rig";

/** The tunings to choose from: the player's favourites and own ones, for their guitars. */
export function useTuningShelf(): TuningShelf {
  const { guitars, favourites, ownTunings, profile } = useRig();
  const { guitar } = useInstrument();
  const { accidentals } = profile;
  return useMemo(
    () => ({
      guitars,
      guitar,
      favourites: favourites.map(({ midi }) => midi),
      ownTunings,
      accidentals,
    }),
    [guitars, guitar, favourites, ownTunings, accidentals],
  );
}
