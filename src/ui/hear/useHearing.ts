"use client";

import { useCallback, useState } from "react";
import { type Manner } from "@/audio";
import { frequencyHz, type Midi } from "@/core/pitch";
import { useEvent } from "@/ui/controls";
import { useWorkspace } from "@/ui/workspace";

interface HearingState {
  /** What is sounding now. */
  readonly sounding: Manner | null;
  /** Sounds pitches in the order they are struck, at the player's reference pitch. */
  readonly hear: (pitches: readonly Midi[], manner: Manner) => void;
}

const CAUTION =
  "Keep it down and take breaks: loud practice harms hearing. Follow the noise rules of your place.";

/** Sounds grips; where the browser refuses, says so once asked and stays silent. */
export function useHearing(): HearingState {
  const { choice, choose, profile, tell } = useWorkspace();
  const { hearing } = choice;
  const [sounding, setSounding] = useState<Manner | null>(null);
  const stop = useCallback(
    (manner: Manner) => setSounding((old) => (old === manner ? null : old)),
    [],
  );

  const hear = useEvent(async (pitches: readonly Midi[], manner: Manner) => {
    if (!hearing.told) {
      choose({ hearing: { ...hearing, told: true } });
      tell({ text: CAUTION });
    }
    setSounding(manner);
    try {
      const { playGrip } = await import("@/audio/playGrip");
      const { gain, loudness } = hearing;
      await playGrip(
        pitches.map((midi) => frequencyHz(midi, profile.a4Hz)),
        { manner, gain, loudness },
      );
    } catch (error) {
      console.warn(error);
      tell({ text: "Your browser gives Tenon no sound. Everything else works in silence." });
    }
    stop(manner);
  });
  return { sounding, hear: (pitches, manner) => void hear(pitches, manner) };
}
