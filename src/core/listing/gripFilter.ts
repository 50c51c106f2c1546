/** What a player may ask of the grips in a list; null or "any" asks nothing. */
export interface GripFilter {
  /** The thickest string that sounds. */
  readonly bassString: number | null;
  /** Which tone of the chord lies lowest. */
  readonly lowestNote: "any" | "root" | "fifth";
  /** Every fretted note lies between these frets. */
  readonly frets: readonly [lowest: number, highest: number] | null;
  readonly openStrings: "any" | "with" | "without";
  readonly barre: "any" | "with" | "without";
  /** Only grips of which all strings may be struck. */
  readonly strumSafe: boolean;
  /** Only grips within comfortable reach of this hand. */
  readonly comfortable: boolean;
  /** At most this many fingers. */
  readonly maxFingers: number | null;
  /** Exactly this many sounding notes. */
  readonly notes: number | null;
  /** Only grips that hold this note. */
  readonly through: { readonly string: number; readonly fret: number } | null;
}

export type FilterName = keyof GripFilter;

export const NO_FILTER: GripFilter = {
  bassString: null,
  lowestNote: "any",
  frets: null,
  openStrings: "any",
  barre: "any",
  strumSafe: false,
  comfortable: false,
  maxFingers: null,
  notes: null,
  through: null,
};
