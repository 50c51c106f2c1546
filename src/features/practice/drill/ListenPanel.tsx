import { useState } from "react";
import { SIMULATED } from "@/core/practice";
import { ChoiceButton } from "@/ui/controls";
import { type EarState } from "./useEar";
import { usePracticeSettings } from "@/features/practice/state";

const SIMULATED_WORDS = {
  steady: "Try it: steady",
  rushing: "Try it: rushing",
  sloppy: "Try it: sloppy",
} as const;

/** Listening to time: who, how late sound comes in, and with headphones or without. */
export function ListenPanel({ ear }: { readonly ear: EarState }) {
  const { practice, set } = usePracticeSettings();
  const { latencyMs, hasHeadphones } = practice;
  const { listened, listenTo, measure, isMeasuring } = ear;
  const [told, setTold] = useState<string | null>(null);
  const toggle = (who: Parameters<typeof listenTo>[0]) => listenTo(listened === who ? null : who);
  const measureNow = async () => {
    setTold(null);
    const ms = await measure();
    if (ms === null) {
      setTold(
        "Too few clicks were detected. Hold one ear of the headphones to the microphone, or turn it up.",
      );
      return;
    }
    setTold(null);
    set({ latencyMs: Math.round(ms) });
  };
  return (
    <details className="panel p-3">
      <summary className="min-h-11 cursor-pointer content-center text-lg font-semibold">
        Listen to my time
      </summary>
      <div className="mt-2 space-y-3">
        <div role="group" aria-label="Who is listened to" className="flex flex-wrap gap-1">
          <ChoiceButton
            pressed={listened === "microphone"}
            onPress={() => toggle("microphone")}
            className="px-3"
          >
            Microphone
          </ChoiceButton>
          {SIMULATED.map((who) => (
            <ChoiceButton
              key={who}
              pressed={listened === who}
              onPress={() => toggle(who)}
              className="px-3"
            >
              {SIMULATED_WORDS[who]}
            </ChoiceButton>
          ))}
        </div>
        <div className="flex flex-wrap items-center gap-3">
          <button
            type="button"
            className="button"
            disabled={listened !== "microphone" || isMeasuring}
            onClick={() => void measureNow()}
          >
            {isMeasuring ? "Listening to eight clicks…" : "Measure the delay"}
          </button>
          <p className="figures">
            {latencyMs === null ? "Delay not measured yet" : `Delay ${latencyMs} ms`}
          </p>
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              checked={hasHeadphones}
              onChange={({ target }) => set({ hasHeadphones: target.checked })}
            />
            I wear headphones
          </label>
        </div>
        <p role="status">{told}</p>
        <p className="text-[15px] text-muted">
          Tenon saves figures, never sound. Where Tenon is not sure, it says so. Tried players come
          in by the same path, with no delay.
        </p>
      </div>
    </details>
  );
}
