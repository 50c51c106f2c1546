import { useState } from "react";
import { type Midi } from "@/core/pitch";
import { useInstrument, useRig, useTell } from "@/session";
import { guitarFor, type Guitar } from "@/state";
import { type ShownComparison } from "./useComparison";

interface ColumnActions {
  /** The place whose tuning is being chosen; the number of columns for a new one, null for none. */
  readonly changing: number | null;
  readonly change: (place: number) => void;
  readonly stopChanging: () => void;
  /** Puts a tuning in the place that is being changed. */
  readonly take: (midi: readonly Midi[]) => void;
  readonly remove: (place: number) => void;
  /** Looks at a tuning on another guitar. */
  readonly moveTo: (place: number, guitar: Guitar) => void;
}

/** Puts tunings beside one another, and takes them away. */
export function useColumns({ comparison, columns, set }: ShownComparison): ColumnActions {
  const { guitars } = useRig();
  const { guitar } = useInstrument();
  const tell = useTell();
  const [changing, setChanging] = useState<number | null>(null);
  const take = (midi: readonly Midi[]) => {
    if (changing === null) return;
    setChanging(null);
    const present = columns[changing]?.guitar ?? columns[0]?.guitar ?? guitar;
    const on = guitarFor(guitars, present, midi.length);
    if (!on) return;
    const isThere = comparison.columns.some(
      (other, place) =>
        place !== changing && other.guitarId === on.id && other.midi.join() === midi.join(),
    );
    if (isThere) {
      tell({ text: "That tuning is already here." });
      return;
    }
    set({ columns: comparison.columns.toSpliced(changing, 1, { guitarId: on.id, midi }) });
  };
  return {
    changing,
    change: setChanging,
    stopChanging: () => setChanging(null),
    take,
    remove: (place) => set({ columns: comparison.columns.toSpliced(place, 1) }),
    moveTo: (place, { id }) => {
      const column = comparison.columns[place];
      if (column) set({ columns: comparison.columns.with(place, { ...column, guitarId: id }) });
    },
  };
}
