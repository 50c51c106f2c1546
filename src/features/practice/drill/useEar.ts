import { useEffect, useRef, useState } from "react";
import { type Ear, type Listened } from "@/audio/ear";
import { useHearing, useTell } from "@/session";
import { useEvent } from "@/ui/controls";

export interface EarState {
  /** Who is listened to; null for nobody. */
  readonly listened: Listened | null;
  readonly ear: () => Ear | null;
  readonly listenTo: (who: Listened | null) => void;
  /** Measures the latency in ms; null where too little was heard. */
  readonly measure: () => Promise<number | null>;
  readonly isMeasuring: boolean;
}

/** Listens to the player, where they turn it on. */
export function useEar(): EarState {
  const tell = useTell();
  const { hearing } = useHearing();
  const [listened, setListened] = useState<Listened | null>(null);
  const [isMeasuring, setIsMeasuring] = useState(false);
  const open = useRef<Ear | null>(null);
  /** Counts starts and stops, so that a permission that is granted too late is ignored. */
  const turn = useRef(0);

  const close = useEvent(() => {
    turn.current += 1;
    open.current?.close();
    open.current = null;
    setListened(null);
  });
  useEffect(() => close, [close]);

  const listenTo = useEvent(async (who: Listened | null) => {
    close();
    if (who === null) return;
    const own = turn.current;
    try {
      const { openEar } = await import("@/audio/ear");
      const ear = await openEar(who, () => {
        close();
        tell({
          text: "The microphone was unplugged. Tenon listens no more; judge rounds yourself.",
        });
      });
      if (own !== turn.current) {
        ear.close();
        return;
      }
      open.current = ear;
      setListened(who);
    } catch (error) {
      console.warn(error);
      tell({ text: refusedText(error) });
    }
  });
  const measure = useEvent(async () => {
    const ear = open.current;
    if (!ear) return null;
    setIsMeasuring(true);
    try {
      const { measureLatencyMs } = await import("@/audio/ear");
      return await measureLatencyMs(ear, hearing.loudness);
    } finally {
      setIsMeasuring(false);
    }
  });
  return {
    listened,
    ear: () => open.current,
    listenTo: (who) => void listenTo(who),
    measure,
    isMeasuring,
  };
}

function refusedText(error: unknown): string {
  const name = error instanceof DOMException ? error.name : "";
  if (name === "NotAllowedError")
    return "The browser blocks the microphone. Allow it next to the address bar, or judge rounds yourself.";
  if (name === "NotFoundError") return "No microphone was found. Judge rounds yourself.";
  return "The microphone cannot be used here. Judge rounds yourself.";
}
