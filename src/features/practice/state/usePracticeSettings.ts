import { useCallback } from "react";
import { useRig } from "@/session";
import { PLAYER_ID, type PracticeSettings } from "@/state";

/** How the player practises, and a way to change parts of it. */
export function usePracticeSettings() {
  const { profile, change } = useRig();
  const { practice } = profile;
  const set = useCallback(
    (part: Partial<PracticeSettings>) =>
      void change({
        act: "set",
        kind: "profile",
        id: PLAYER_ID,
        fields: { practice: { ...practice, ...part } },
      }),
    [change, practice],
  );
  return { practice, set };
}
