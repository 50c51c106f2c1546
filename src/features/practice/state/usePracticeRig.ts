import { useMemo } from "react";
import { type DrillRig } from "@/core/drill";
import { useInstrument, usePlayer, useRig } from "@/session";
import { type Guitar } from "@/state";

/** The guitar in hand, as drills are made for it. */
interface PracticeRig {
  readonly guitar: Guitar;
  readonly rig: DrillRig;
}

export function usePracticeRig(): PracticeRig {
  const { guitar, neck } = useInstrument();
  const { player } = usePlayer();
  const { accidentals } = useRig().profile;
  return useMemo(
    () => ({ guitar, rig: { neck, player, accidentals } }),
    [guitar, neck, player, accidentals],
  );
}
