import { useCallback } from "react";
import { tonesOverRoot, type Fretting } from "@/core/fretting";
import { type Neighbour } from "@/core/neighbours";
import { pitchClassOf } from "@/core/pitch";
import { type Voicing } from "@/core/voicing";
import { currentValue, useComputed } from "@/ui/computed";
import { computeAside } from "@/worker/client";
import { type ChordMap, type GripsState } from "./useGrips";

const NONE: readonly Neighbour[] = [];

function voicingOf({ neck, root }: ChordMap, fretting: Fretting): Voicing {
  return tonesOverRoot(neck, fretting, pitchClassOf(root))
    .filter((tone) => tone !== null)
    .sort((a, b) => a - b);
}

/** The grips one step from the one in front; none while it changes. */
export function useNeighbours(answer: GripsState | null): readonly Neighbour[] {
  const map = answer?.map;
  const fretting = answer?.grip?.fretting;
  const computed = useComputed(
    useCallback(
      async () =>
        map && fretting
          ? computeAside().neighbours(
              map.neck,
              map.root,
              // A grip of free mode is one voicing among many; its neighbours are that voicing's.
              map.chordForm.minNotes === null ? map.chordForm.voicing : voicingOf(map, fretting),
              fretting,
              map.player,
            )
          : NONE,
      [map, fretting],
    ),
  );
  return currentValue(computed) ?? NONE;
}
