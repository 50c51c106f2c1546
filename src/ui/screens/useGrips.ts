import { useCallback, useMemo } from "react";
import { rankFingers, type Fingering, type Grip } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { type Note } from "@/core/pitch";
import { useComputed, useWorkspace } from "@/ui/workspace";
import { compute } from "@/worker/client";

/** An answer of the worker together with the question, so that the two are always shown as one. */
export interface GripAnswer {
  readonly neck: Neck;
  readonly root: Note;
  readonly tuningName: string;
  readonly grips: readonly Grip[];
  /** Index of the grip in front, -1 where there is none. */
  readonly index: number;
  readonly grip: Grip | null;
  /** Every way to finger the grip in front, easiest first. */
  readonly ways: readonly Fingering[];
  readonly fingering: Fingering | null;
}

interface Grips {
  readonly answer: GripAnswer | null;
  /** False while the worker still answers the present question. */
  readonly isCurrent: boolean;
  readonly failed: boolean;
}

/** The grips of the chord at hand, and the one the player chose; the easiest where none is. */
export function useGrips(): Grips {
  const { neck, root, tuning, choice } = useWorkspace();
  const { stack, chosen } = choice;
  const computed = useComputed(
    useCallback(async () => {
      const grips = await compute().grips(neck, root, stack);
      return { neck, root, tuningName: tuning.name, grips };
    }, [neck, root, stack, tuning.name]),
  );
  const answer = useMemo((): GripAnswer | null => {
    if (!computed.value) return null;
    const { grips } = computed.value;
    const key = chosen?.fretting.join();
    const found = grips.findIndex(({ fretting }) => fretting.join() === key);
    const index = found >= 0 || grips.length === 0 ? found : 0;
    const grip = grips[index] ?? null;
    const ways = grip ? rankFingers(computed.value.neck, grip.fretting) : [];
    const fingers = chosen?.fingers.join();
    const fingering = ways.find((way) => way.fingers.join() === fingers) ?? ways[0] ?? null;
    return { ...computed.value, index, grip, ways, fingering };
  }, [computed.value, chosen]);
  return { answer, isCurrent: computed.isCurrent, failed: computed.failed };
}
