import { useCallback } from "react";
import { type Neighbour } from "@/core/neighbours";
import { useComputed } from "@/ui/workspace";
import { computeAside } from "@/worker/client";
import { type GripAnswer } from "./useGrips";

const NONE: readonly Neighbour[] = [];

/** The grips one step from the one in front; none while it changes. */
export function useNeighbours(answer: GripAnswer | null): readonly Neighbour[] {
  const map = answer?.map;
  const fretting = answer?.grip?.fretting;
  const { value, isCurrent } = useComputed(
    useCallback(
      async () =>
        map && fretting
          ? computeAside().neighbours(map.neck, map.root, map.stack, fretting, map.player)
          : NONE,
      [map, fretting],
    ),
  );
  return (isCurrent && value) || NONE;
}
