import { type PlannedBlock } from "@/core/practice";
import { type PlayedDrill } from "@/core/drill";
import { type Neck } from "@/core/neck";

/** Where the browser keeps the plan of a day. */
const KEY = "tenon-plan";
/** Drills of songs with very long charts are not kept. */
const MAX_CHARACTERS = 400_000;

/** A drill of a song as it was when the plan was made: it stays playable if the song changes during the day. */
export interface KeptDrill {
  readonly drill: PlayedDrill;
  readonly neck: Neck;
  readonly guitarId: number;
  readonly songId: number | null;
}

/** The plan of one day. */
export interface KeptPlan {
  /** Days since 1970, by the local calendar. */
  readonly day: number;
  /** The minutes, song, goal and tuning that it was made for. Another choice is another plan. */
  readonly made: string;
  readonly blocks: readonly PlannedBlock[];
  /** Changed by hand. */
  readonly isOwn: boolean;
  readonly drills: readonly KeptDrill[];
}

/** The plan that this browser keeps; null where there is none, or it makes no sense. */
export async function readKeptPlan(): Promise<KeptPlan | null> {
  try {
    const saved: unknown = JSON.parse(localStorage.getItem(KEY) ?? "null");
    if (saved === null) return null;
    const { planSchema } = await import("./sittingSchema");
    return planSchema.isValidSync(saved, { strict: true }) ? (saved as unknown as KeptPlan) : null;
  } catch {
    return null;
  }
}

/** Keeps a plan for reloads and other windows. A browser that keeps nothing makes the same plan from the log. */
export function keepPlan(plan: KeptPlan): void {
  try {
    const whole = JSON.stringify(plan);
    const isShort = whole.length <= MAX_CHARACTERS;
    localStorage.setItem(KEY, isShort ? whole : JSON.stringify({ ...plan, drills: [] }));
  } catch {
    // Without storage the plan follows from the log.
  }
}
