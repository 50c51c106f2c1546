import { useCallback, useState } from "react";
import { type Result } from "@/core/result";
import { type Rig } from "@/server/types";
import { type Notice } from "./notice";

/**
 * Waits for a change of what the player owns, shows it, and says `done`; a refusal is told in its own
 * words. Answers the rig as it is now, or null where nothing changed.
 */
export type ChangeRig = (work: Promise<Result<Rig>>, done?: Notice) => Promise<Rig | null>;

/** What the player owns, as the server last told it. */
export function useRig(start: Rig, tell: (notice: Notice) => void): readonly [Rig, ChangeRig] {
  const [rig, setRig] = useState(start);
  const change = useCallback<ChangeRig>(
    async (work, done) => {
      try {
        const result = await work;
        if (!result.ok) {
          tell({ text: result.problem.message });
          return null;
        }
        setRig(result.value);
        if (done) tell(done);
        return result.value;
      } catch {
        tell({ text: "Tenon does not answer. Is it still running?" });
        return null;
      }
    },
    [tell],
  );
  return [rig, change];
}
