import { useMemo, useState } from "react";
import { isCrossed, nameTuning, readTuning, type Tuning } from "@/core/tuning";
import { guitarFor, type Guitar } from "@/state";
import { type TuningShelf } from "./tuningLists";

/** What a text means as a tuning; nothing while it is empty. */
interface SaidTuning {
  /** The likeliest first; more than one where the text leaves a choice. */
  readonly tunings: readonly Tuning[];
  readonly problem: string | null;
  /** What is unusual about the likeliest. */
  readonly remark: string | null;
}

/** A tuning while it is being said, and what it means. */
export interface Saying {
  readonly text: string;
  readonly setText: (text: string) => void;
  readonly highToLow: boolean;
  readonly setHighToLow: (highToLow: boolean) => void;
  readonly reading: SaidTuning;
}

const NOTHING: SaidTuning = { tunings: [], problem: null, remark: null };

/**
 * Reads the text for the current guitar; failing that, unless `onlyHere`, for another of the
 * player's guitars.
 */
export function useSaying(
  shelf: Pick<TuningShelf, "guitars" | "accidentals">,
  guitar: Guitar,
  onlyHere: boolean,
): Saying {
  const [text, setText] = useState("");
  const [highToLow, setHighToLow] = useState(false);
  const { guitars, accidentals } = shelf;
  const reading = useMemo((): SaidTuning => {
    if (text.trim() === "") return NOTHING;
    const order = { letterOrder: highToLow ? "high to low" : "unsaid" } as const;
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
  return { text, setText, highToLow, setHighToLow, reading };
}
