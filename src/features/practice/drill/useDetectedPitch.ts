import { useEffect, useRef, useState } from "react";
import { listen, SILENCE } from "@/audio";
import { useRig, useTell } from "@/session";
import { useEvent } from "@/ui/controls";

/** Half steps from A4 to MIDI's zero. */
const A4_MIDI = 69;

/** Hears the notes that are played: each steady one is handed over once, in half steps. */
export function useDetectedPitch(onPitch: (midi: number) => void) {
  const { a4Hz } = useRig().profile;
  const tell = useTell();
  const [isListening, setIsListening] = useState(false);
  const close = useRef<(() => void) | null>(null);
  const turn = useRef(0);
  const hand = useEvent((hz: number) => onPitch(A4_MIDI + 12 * Math.log2(hz / a4Hz)));

  const stop = useEvent(() => {
    turn.current += 1;
    close.current?.();
    close.current = null;
    setIsListening(false);
  });
  useEffect(() => stop, [stop]);

  const lost = useEvent(() => {
    stop();
    tell({ text: "The microphone was unplugged. Answer on the neck or by key." });
  });
  const start = useEvent(async () => {
    stop();
    const own = turn.current;
    let listening = SILENCE;
    let handedOver: number | null = null;
    try {
      const { captureMicrophone } = await import("@/audio/capture");
      const made = await captureMicrophone((samples, sampleRate, now) => {
        listening = listen(listening, samples, sampleRate, now);
        const { reading, pluckedAt } = listening;
        if (!reading?.isLive || pluckedAt === null || pluckedAt === handedOver) return;
        handedOver = pluckedAt;
        hand(reading.hz);
      }, lost);
      if (own !== turn.current) {
        made();
        return;
      }
      close.current = made;
      setIsListening(true);
    } catch (error) {
      console.warn(error);
      tell({ text: "The microphone cannot be used. Answer on the neck or by key." });
    }
  });
  return { isListening, toggle: () => (isListening ? stop() : void start()) };
}
