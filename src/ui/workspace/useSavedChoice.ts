"use client";

import { useEffect, useRef } from "react";
import { rememberChoice } from "@/server/actions";
import { type Choice } from "@/server/types";
import { type Notice } from "./notice";

const QUIET_MS = 250;

/** Saves the choice once the player has stopped changing it, and at once when the page is hidden. */
export function useSavedChoice(choice: Choice, tell: (notice: Notice) => void): void {
  const saved = useRef(choice);

  useEffect(() => {
    if (choice === saved.current) return;
    const save = async () => {
      if (choice === saved.current) return;
      saved.current = choice;
      try {
        const result = await rememberChoice(choice);
        if (!result.ok) tell({ text: result.problem.message });
      } catch {
        tell({ text: "Your last choice could not be saved. Is Tenon still running?" });
      }
    };
    const timer = setTimeout(() => void save(), QUIET_MS);
    const saveNow = () => void save();
    window.addEventListener("pagehide", saveNow);
    return () => {
      clearTimeout(timer);
      window.removeEventListener("pagehide", saveNow);
    };
  }, [choice, tell]);
}
