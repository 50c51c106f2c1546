import { type Choice, type Rig } from "@/state";

/** Which data a page was made from, and when. */
export interface Origin {
  /** The application that made the page. */
  readonly build: string;
  readonly identity: string;
  readonly revision: number;
  /** Where nothing can be saved, and why. */
  readonly readOnly: string | null;
}

/** What a page needs to begin: what the player owns, and where they left off. */
export interface Start {
  readonly origin: Origin;
  readonly rig: Rig;
  readonly choice: Choice;
  /** Nothing was ever chosen: Tenon asks for guitar and tuning first. */
  readonly isFirst: boolean;
  /** Whether the address says what to show. */
  readonly isAddressed: boolean;
  /** What in the address could not be read. */
  readonly problems: readonly string[];
}
