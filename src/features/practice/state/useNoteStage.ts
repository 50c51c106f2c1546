import { useMemo } from "react";
import { type Neck } from "@/core/neck";
import { noteStage } from "@/core/recall";
import { useRig } from "@/session";
import { type PracticeData } from "./usePracticeData";

/** Which notes are asked, as a place in NOTE_STAGES: the player's choice, or what has not been learnt yet. */
export function useNoteStage(neck: Neck, { cards }: Pick<PracticeData, "cards">): number {
  const chosen = useRig().profile.practice.noteStage;
  const grown = useMemo(
    () => noteStage(neck, (card) => cards.get(card)?.knowing ?? "never asked"),
    [neck, cards],
  );
  return chosen ?? grown;
}
