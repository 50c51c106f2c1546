"use client";

import { useMemo, useState } from "react";
import { type Manner } from "@/audio";
import { frequencyHz, type Midi } from "@/core/pitch";
import { type Hearing } from "@/state";
import { useEvent } from "@/ui/controls";
import { type HearBarState } from "@/ui/hear";
import { useSettings } from "./documents";
import { useTell } from "./notices";
import { useRig } from "./rig";

interface HearingState extends Omit<HearBarState, "hear"> {
  /** Sounds pitches in the order they are struck, at the player's reference pitch. */
  readonly hear: (pitches: readonly Midi[], manner: Manner) => void;
}

/** Sounds grips; where the browser refuses, says so when asked and stays silent. */
export function useHearing(): HearingState {
  const { settings, set } = useSettings();
  const { a4Hz } = useRig().profile;
  const tell = useTell();
  const { hearing } = settings;
  const [sounding, setSounding] = useState<Manner | null>(null);
  const setHearing = useEvent((part: Partial<Hearing>) =>
    set({ hearing: { ...hearing, ...part } }),
  );
  const hear = useEvent(async (pitches: readonly Midi[], manner: Manner) => {
    setSounding(manner);
    try {
      const { playGrip } = await import("@/audio/playGrip");
      const { gain, loudness } = hearing;
      await playGrip(
        pitches.map((midi) => frequencyHz(midi, a4Hz)),
        { manner, gain, loudness },
      );
    } catch (error) {
      console.warn(error);
      tell({ text: "Your browser gives Tenon no sound. Everything else still works." });
    }
    setSounding((old) => (old === manner ? null : old));
  });
  return useMemo(
    () => ({
      sounding,
      hearing,
      setHearing,
      hear: (pitches: readonly Midi[], manner: Manner) => void hear(pitches, manner),
    }),
    [sounding, hearing, setHearing, hear],
  );
}
