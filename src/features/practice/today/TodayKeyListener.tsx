import { useKeys } from "@/ui/controls";
import { TODAY_KEYS } from "@/features/practice/state";

interface TodayKeyListenerProps {
  readonly onStart: () => void;
  readonly onMinutes: (place: number) => void;
}

/** Listens to the keys of the plan while no sitting is on screen. */
export function TodayKeyListener({ onStart, onMinutes }: TodayKeyListenerProps) {
  useKeys(TODAY_KEYS, { start: onStart, minutes: onMinutes }, "page", true);
  return null;
}
