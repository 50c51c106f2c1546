/** What can be wrong with the data folder. */
export const TROUBLES = [
  "garbage",
  "cut",
  "damaged",
  "newer",
  "missing",
  "unusable folder",
  "in use",
  "gone",
  "replaced",
  "unknown",
] as const;
export type TroubleKind = (typeof TROUBLES)[number];

/** Why no page can be shown, and what could help. */
export interface Trouble {
  readonly kind: TroubleKind;
  /** The data folder. */
  readonly folder: string;
  /** What else is known: the address of the Tenon that has the folder, two versions, the system's own words. */
  readonly detail: string;
  /** The newest copy that opens. */
  readonly copy: OfferedCopy | null;
}

export interface OfferedCopy {
  readonly name: string;
  /** ISO 8601, UTC. */
  readonly madeAt: string;
  readonly guitars: number;
  readonly pins: number;
  readonly comparisons: number;
}
