"use client";

import { createContext, useCallback, useContext, useMemo, type ReactNode } from "react";
import { MAX_PINS, type KeptGrip, type Taste } from "@/core/grip";
import { parseNote } from "@/core/pitch";
import { WITH_BASS, type Tilt } from "@/core/preference";
import { neckOf, type Guitar, type Pin, type Profile } from "@/state";
import { lastValue, useComputed } from "@/ui/computed";
import { computeAside } from "@/worker/client";
import { useRig } from "./rig";

interface PlayerState {
  /** Hand, habits, and what shifts what is usual: all that answers depend on. */
  readonly player: Taste;
  /** How the player's pins shift it; null where they say nothing or are not asked. */
  readonly pinTilt: Tilt | null;
}

const NO_PINS: readonly KeptGrip[] = [];

const PlayerContext = createContext<PlayerState | null>(null);

/** The player as the core asks for one. */
export function PlayerProvider({ children }: { readonly children: ReactNode }) {
  const { profile, pins, guitars } = useRig();
  const { learnsFromPins, pinsLearntAfter, withBass } = profile;
  const kept = useMemo(
    () => (learnsFromPins ? keptGrips(pins, guitars, pinsLearntAfter) : NO_PINS),
    [learnsFromPins, pins, guitars, pinsLearntAfter],
  );
  const plain = useMemo(
    (): Taste => ({ hand: handOf(profile), school: profile.school }),
    [profile],
  );
  const requested = useComputed(
    useCallback(
      async () => (kept.length > 0 ? computeAside().pinTilt(kept, plain) : null),
      [kept, plain],
    ),
  );
  // A tilt that did not change must not ask for every grip again.
  const tiltText = JSON.stringify(learnsFromPins ? lastValue(requested) : null);
  const value = useMemo((): PlayerState => {
    const pinTilt = JSON.parse(tiltText) as Tilt | null;
    const tilts = [...(withBass ? [WITH_BASS] : []), ...(pinTilt ? [pinTilt] : [])];
    return { player: tilts.length > 0 ? { ...plain, tilts } : plain, pinTilt };
  }, [plain, withBass, tiltText]);
  return <PlayerContext.Provider value={value}>{children}</PlayerContext.Provider>;
}

export function usePlayer(): PlayerState {
  const player = useContext(PlayerContext);
  if (!player) throw new Error("usePlayer outside of PlayerProvider");
  return player;
}

function handOf({ spanMm, without, fingertipMm }: Profile): NonNullable<Taste["hand"]> {
  return { spanMm, without, fingertipMm };
}

/** Chords in any voicing take seconds to compute; only voicings are learnt from. */
function keptGrips(
  pins: readonly Pin[],
  guitars: readonly Guitar[],
  after: number,
): readonly KeptGrip[] {
  return pins
    .flatMap(({ id, guitarId, tuningMidi, root, voicing, minNotes, fretting }): KeptGrip[] => {
      const guitar = guitars.find((each) => each.id === guitarId);
      const note = parseNote(root);
      if (id <= after || minNotes !== null || !guitar || !note.ok) return [];
      return [{ neck: neckOf(guitar, tuningMidi), root: note.value, voicing, fretting }];
    })
    .slice(-MAX_PINS);
}
