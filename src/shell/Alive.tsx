"use client";

import { useEffect } from "react";

/** Marks the page once it listens: what is pressed before that is lost, so whoever drives a page waits for the mark. */
export function Alive() {
  useEffect(() => {
    document.documentElement.dataset.alive = "yes";
  }, []);
  return null;
}
