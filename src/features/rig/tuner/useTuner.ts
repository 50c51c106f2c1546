import { useCallback, useEffect, useRef, useState } from "react";
import { EXAMPLE_STRING, listen, pluck, SILENCE, type Reading } from "@/audio";
import { captureMicrophone, captureSamples } from "@/audio/capture";
import { seededRandom } from "@/core/random";

type Source = "microphone" | "example";

export interface Tuner {
  readonly source: Source | null;
  readonly reading: Reading | null;
  /** Why it cannot listen, in words; null if it can. */
  readonly problem: string | null;
  readonly listenToMicrophone: () => void;
  /** Plucks a computed string of this pitch in Hz (its first partial), through the same path. */
  readonly pluckExample: (hz: number) => void;
  readonly stop: () => void;
}

const EXAMPLE_S = 6;

/** Listens to a string and reads its pitch. */
export function useTuner(): Tuner {
  const [source, setSource] = useState<Source | null>(null);
  const [reading, setReading] = useState<Reading | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const stopCapture = useRef<(() => void) | null>(null);
  const seed = useRef(1);
  /** Counts starts and stops, so that a permission granted too late is ignored. */
  const turn = useRef(0);

  const stop = useCallback(() => {
    turn.current += 1;
    stopCapture.current?.();
    stopCapture.current = null;
    setSource(null);
  }, []);
  useEffect(() => stop, [stop]);

  const start = async (from: Source, capture: (hear: Hear) => Promise<() => void>) => {
    stop();
    setReading(null);
    setProblem(null);
    setSource(from);
    const mine = turn.current;
    let listening = SILENCE;
    try {
      const stopThis = await capture((samples, sampleRate, now) => {
        listening = listen(listening, samples, sampleRate, now);
        setReading(listening.reading);
      });
      if (turn.current === mine) stopCapture.current = stopThis;
      else stopThis();
    } catch (error) {
      if (turn.current !== mine) return;
      setSource(null);
      setProblem(reasonFor(error));
    }
  };
  return {
    source,
    reading,
    problem,
    stop,
    listenToMicrophone: () => void start("microphone", captureMicrophone),
    pluckExample: (hz) => {
      const string = {
        ...EXAMPLE_STRING,
        idealHz: hz / Math.sqrt(1 + EXAMPLE_STRING.inharmonicity),
      };
      const random = seededRandom(seed.current++);
      void start("example", (hear) =>
        captureSamples((sampleRate) => pluck(string, EXAMPLE_S, sampleRate, random), hear),
      );
    },
  };
}

type Hear = Parameters<typeof captureMicrophone>[0];

function reasonFor(error: unknown): string {
  const name = error instanceof DOMException ? error.name : "";
  if (name === "NotAllowedError")
    return "The browser blocks the microphone. Allow it next to the address bar, then try again.";
  if (name === "NotFoundError") return "No microphone was found. Plug one in, then try again.";
  return "The microphone cannot be used here. The example string still works.";
}
