import { useMemo } from "react";
import { isCrossed, nameTuning, readTuning, type Tuning } from "@/core/tuning";
import { type Guitar } from "@/server/types";
import { guitarFor, useWorkspace } from "@/ui/workspace";

/** What a text means as a tuning; nothing while it is empty. */
export interface Reading {
  /** The likeliest first; more than one where the text leaves a choice. */
  readonly tunings: readonly Tuning[];
  readonly problem: string | null;
  /** What is unusual about the likeliest. */
  readonly remark: string | null;
}

const NOTHING: Reading = { tunings: [], problem: null, remark: null };

interface ReadingOptions {
  readonly highToLow?: boolean;
  /** Only tunings for this guitar; else another of the player's guitars may do. */
  readonly onlyHere?: boolean;
}

/** Reads a tuning for the guitar at hand; failing that, for another of the player's guitars. */
export function useReading(text: string, guitar: Guitar, options: ReadingOptions = {}): Reading {
  const { guitars, profile } = useWorkspace();
  const { highToLow = false, onlyHere = false } = options;
  const { accidentals } = profile;
  return useMemo(() => {
    if (text.trim() === "") return NOTHING;
    const order = highToLow ? { highToLow } : {};
    const { usualMidi } = guitar;
    const here = readTuning(text, { strings: usualMidi.length, usual: usualMidi, ...order });
    const read = here.ok || onlyHere ? here : readTuning(text, order);
    if (read.ok && guitarFor(guitars, guitar, read.value.tuning.midi.length)) {
      const tunings = [read.value.tuning, ...read.value.alternatives];
      return {
        tunings: tunings.map(({ midi }) => nameTuning(midi, accidentals)),
        problem: null,
        remark: isCrossed(read.value.tuning.midi)
          ? "Crossed: a thicker string sounds higher than a thinner one."
          : null,
      };
    }
    return { ...NOTHING, problem: here.ok ? null : here.problem.message };
  }, [text, guitar, guitars, accidentals, highToLow, onlyHere]);
}
