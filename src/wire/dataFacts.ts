import { type OfferedCopy } from "./trouble";

/** Where the data lie, and how they are. */
export interface DataFacts {
  readonly file: string;
  readonly bytes: number;
  /** Whole copies that Tenon made and can open, the newest first. */
  readonly copies: readonly (OfferedCopy & { readonly reason: string })[];
  /** Rows that this Tenon cannot read, and what it set aside before writing over it. */
  readonly unreadable: number;
}
