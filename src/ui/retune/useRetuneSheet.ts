import { useMemo } from "react";
import { stringScaleMm } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import { makeRetuneSheet, type RetuneSheet, type StrungGuitar } from "@/core/tuning";
import { type Guitar } from "@/server/types";
import { neckOf, useWorkspace } from "@/ui/workspace";

/** A guitar as far as its strings go. */
export function strung(guitar: Guitar): StrungGuitar {
  const { usualMidi, frets, strings } = guitar;
  const neck = neckOf(guitar, usualMidi);
  return {
    usualMidi,
    frets,
    strings,
    scalesMm: usualMidi.map((_, string) => stringScaleMm(neck, string)),
  };
}

/** How to get a guitar from one tuning to another, at this player's reference pitch and limits. */
export function useRetuneSheet(
  guitar: Guitar,
  from: readonly Midi[],
  to: readonly Midi[],
): RetuneSheet {
  const { a4Hz, limits } = useWorkspace().profile;
  return useMemo(
    () => makeRetuneSheet(strung(guitar), from, to, { a4Hz, limits }),
    [guitar, from, to, a4Hz, limits],
  );
}
