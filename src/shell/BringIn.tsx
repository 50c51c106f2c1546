"use client";

import { useEffect } from "react";
import { useBringIn, useBroughtIn } from "@/session";
import { onDemand } from "@/ui/controls";

const BringInDialog = onDemand("Bringing in a file", () =>
  import("@/features/bringIn").then((part) => part.BringInDialog),
);

/** What is brought in from any room; a file that is dropped on the page is, wherever it falls. */
export function BringIn() {
  const { broughtIn, close } = useBroughtIn();
  const open = useBringIn();
  useEffect(() => {
    const isFile = (event: DragEvent) => event.dataTransfer?.types.includes("Files") ?? false;
    const allow = (event: DragEvent) => {
      if (isFile(event)) event.preventDefault();
    };
    const take = (event: DragEvent) => {
      const file = event.dataTransfer?.files[0];
      if (!file || event.defaultPrevented) return;
      event.preventDefault();
      open(file);
    };
    window.addEventListener("dragover", allow);
    window.addEventListener("drop", take);
    return () => {
      window.removeEventListener("dragover", allow);
      window.removeEventListener("drop", take);
    };
  }, [open]);
  return broughtIn && <BringInDialog file={broughtIn.file} onClose={close} />;
}
