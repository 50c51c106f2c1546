"use client";

import { useEffect, useRef } from "react";
import { PLAYER_ID, type Choice } from "@/state";
import { changedFields } from "@/wire";
import { useEvent } from "@/ui/controls";
import { useSaveOnPause } from "./document";
import { useResumed, useRig, useSettingsFromOthers } from "./rig";

const QUIET_MS = 250;

/**
 * Saves what changed of the choice once the player has stopped changing it, and at once when the page is left: only
 * the fields that did, so that two windows that change different ones both keep theirs.
 */
export function useSavedChoice(choice: Choice): void {
  const { change } = useRig();
  const heard = useSettingsFromOthers();
  const saved = useRef(choice);

  const resumed = useResumed();
  // What another window saved, or an earlier page still waits to, is not saved again.
  useEffect(() => {
    saved.current = { ...saved.current, ...heard };
  }, [heard]);
  useEffect(() => {
    saved.current = { ...saved.current, ...resumed };
  }, [resumed]);

  const save = useEvent(() => {
    const fields = changedFields(saved.current, choice);
    saved.current = choice;
    if (Object.keys(fields).length === 0) return;
    void change({ act: "set", kind: "choice", id: PLAYER_ID, fields });
  });
  useSaveOnPause(choice, save, QUIET_MS);
}
