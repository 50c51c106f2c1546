import { type KeySection } from "@/ui/controls";

/** A place in the application, as the navigation and the list of keys show it. */
export interface Room {
  readonly path: string;
  readonly name: string;
  /** Fetched for the list of keys; the screen itself listens to the same tables. */
  readonly keys: () => Promise<readonly KeySection[]>;
  /** What lies below it, with tabs of its own. */
  readonly tabs?: readonly Omit<Room, "keys" | "tabs">[];
}
