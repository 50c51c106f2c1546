import { useMemo } from "react";
import { type Midi } from "@/core/pitch";
import { makeRetuneSheet, type RetuneSheet } from "@/core/retuning";
import { useRig } from "@/session";
import { strungGuitar, type Guitar } from "@/state";

/** How to get a guitar from one tuning to another, at this player's reference pitch and limits. */
export function useRetuneSheet(
  guitar: Guitar,
  from: readonly Midi[],
  to: readonly Midi[],
): RetuneSheet {
  const { a4Hz, limits } = useRig().profile;
  return useMemo(
    () => makeRetuneSheet(strungGuitar(guitar), from, to, { a4Hz, limits }),
    [guitar, from, to, a4Hz, limits],
  );
}
