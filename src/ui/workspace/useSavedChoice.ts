"use client";

import { useEffect, useRef } from "react";
import { type Result } from "@/core/result";
import { type Choice } from "@/server/types";
import { type Notice } from "./notice";

const QUIET_MS = 250;
const LEAVING = ["beforeunload", "pagehide"];

/** Saves the choice once the player has stopped changing it, and at once when the page is left. */
export function useSavedChoice(choice: Choice, tell: (notice: Notice) => void): void {
  const saved = useRef(choice);

  useEffect(() => {
    if (choice === saved.current) return;
    const save = async () => {
      if (choice === saved.current) return;
      saved.current = choice;
      try {
        const result = await send(choice);
        if (!result.ok) tell({ text: result.problem.message });
      } catch {
        tell({ text: "Your last choice could not be saved. Is Tenon still running?" });
      }
    };
    const timer = setTimeout(() => void save(), QUIET_MS);
    const saveNow = () => void save();
    // The first comes before the next page is asked for, and not everywhere; the second always comes.
    for (const leaving of LEAVING) window.addEventListener(leaving, saveNow);
    return () => {
      clearTimeout(timer);
      for (const leaving of LEAVING) window.removeEventListener(leaving, saveNow);
    };
  }, [choice, tell]);
}

/** Kept alive, so that it arrives even while the page is being left. */
async function send(choice: Choice): Promise<Result<null>> {
  const response = await fetch("/choice", {
    method: "POST",
    body: JSON.stringify(choice),
    keepalive: true,
  });
  return (await response.json()) as Result<null>;
}
