import { useEffect, useState } from "react";
import { type PlannedBlock } from "@/core/practice";
import { useRig } from "@/session";
import { type PlacedDrill } from "@/features/practice/state";
import { useEvent } from "@/ui/controls";
import { keepPlan, readKeptPlan, type KeptPlan } from "./keptPlan";

interface DayPlanInput {
  /** Days since 1970. */
  readonly today: number;
  /** The minutes, song, goal and tuning that the plan is made for. */
  readonly made: string;
  /** The plan that follows from the log; null while something it needs is still being worked out. */
  readonly planned: readonly PlannedBlock[] | null;
  readonly songDrills: readonly PlacedDrill[];
}

export interface DayPlan {
  /** Null until the plan is made. */
  readonly blocks: readonly PlannedBlock[] | null;
  readonly isOwn: boolean;
  /** Changes the plan by hand; null goes back to the one from the log. */
  readonly setBlocks: (blocks: readonly PlannedBlock[] | null) => void;
  /** Drills of songs as they were when the plan was made. */
  readonly keptDrill: (key: string) => PlacedDrill | undefined;
}

/** The plan of the day: made once, before it can be started, and the same after a reload and in other windows. */
export function useDayPlan({ today, made, planned, songDrills }: DayPlanInput): DayPlan {
  const { guitars } = useRig();
  /** Undefined until the browser's storage was read. */
  const [kept, setKept] = useState<KeptPlan | null | undefined>(undefined);
  useEffect(() => {
    let isHere = true;
    void readKeptPlan().then((found) => {
      if (isHere) setKept(found);
    });
    return () => {
      isHere = false;
    };
  }, []);
  const keep = useEvent((blocks: readonly PlannedBlock[], isOwn: boolean) => {
    const drills = songDrills.flatMap(({ drill, neck, guitar, songId }) =>
      drill.how === "played" ? [{ drill, neck, guitarId: guitar.id, songId }] : [],
    );
    const next = { day: today, made, blocks, isOwn, drills };
    keepPlan(next);
    setKept(next);
  });
  const isKept = kept !== undefined && kept?.day === today && kept.made === made;
  const isMissing = kept !== undefined && !isKept && planned !== null;
  useEffect(() => {
    if (isMissing && planned) keep(planned, false);
  }, [isMissing, planned, keep]);
  return {
    blocks: isKept ? (kept?.blocks ?? null) : null,
    isOwn: isKept && (kept?.isOwn ?? false),
    setBlocks: (blocks) => {
      if (blocks) keep(blocks, true);
      else if (planned) keep(planned, false);
    },
    keptDrill: (key) => {
      const found = kept?.drills.find(({ drill }) => drill.key === key);
      const guitar = guitars.find(({ id }) => id === found?.guitarId) ?? guitars[0];
      return found && { drill: found.drill, neck: found.neck, guitar, songId: found.songId };
    },
  };
}
