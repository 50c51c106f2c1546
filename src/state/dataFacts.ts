/** Where the data lie, and how they are. */
export interface DataFacts {
  readonly file: string;
  readonly bytes: number;
  /** Whole copies that Tenon made, the newest first. */
  readonly copies: readonly {
    readonly name: string;
    /** ISO 8601, UTC. */
    readonly madeAt: string;
    readonly reason: string;
  }[];
  /** Rows that this Tenon cannot read, and what it set aside before writing over it. */
  readonly unreadable: number;
}
