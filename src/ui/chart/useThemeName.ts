import { useSyncExternalStore } from "react";

const NAME = "data-theme";

/** The theme of the page, as its root element states it: "light", "dark" or "system". */
export function useThemeName(): string {
  return useSyncExternalStore(watch, read, () => "system");
}

function watch(onChange: () => void): () => void {
  const observer = new MutationObserver(onChange);
  observer.observe(document.documentElement, { attributeFilter: [NAME] });
  const system = matchMedia("(prefers-color-scheme: dark)");
  system.addEventListener("change", onChange);
  return () => {
    observer.disconnect();
    system.removeEventListener("change", onChange);
  };
}

function read(): string {
  const theme = document.documentElement.getAttribute(NAME) ?? "system";
  const isDark = matchMedia("(prefers-color-scheme: dark)").matches;
  return theme === "system" && isDark ? "system, dark" : theme;
}
