/** Shifts the preference of all players towards this one's. */
export const TILTS = ["band", "wish", "pins"] as const;
export type TiltName = (typeof TILTS)[number];

/** A shift, in effort points; less than 0 where the player likes what is counted. */
export interface Tilt {
  readonly name: TiltName;
  /** For each open string that rings. */
  readonly perOpenString?: number;
  /** For each semitone of the lowest note over the low E of standard tuning. */
  readonly perSemitone?: number;
  /** For each fret of the lowest pressed one from the nut. */
  readonly perFret?: number;
  /** For each fret between the lowest pressed one and this; open grips are near to everything. */
  readonly near?: { readonly fret: number; readonly perFret: number };
}

/** What a player can ask for on top of what is usual. */
export const WISHES = ["ringing", "heavy", "high", "near"] as const;
type Wish = (typeof WISHES)[number];

/** Points of the wishes (judgements): each outweighs what is usual by about as much again. */
const PER_RINGING_STRING = -6;
const PER_LOW_SEMITONE = 2;
const PER_HIGH_FRET = -3;
const PER_FRET_AWAY = 2;

/** `near` counts from a fret: the lowest that the player's hand is at. */
export function tiltOfWish(wish: Wish, fret = 0): Tilt {
  switch (wish) {
    case "ringing":
      return { name: "wish", perOpenString: PER_RINGING_STRING };
    case "heavy":
      return { name: "wish", perSemitone: PER_LOW_SEMITONE };
    case "high":
      return { name: "wish", perFret: PER_HIGH_FRET };
    case "near":
      return { name: "wish", near: { fret, perFret: PER_FRET_AWAY } };
  }
}

/** A bass covers the low notes: leave them out, or move up the neck (common practice; points a judgement). */
export const WITH_BASS: Tilt = { name: "band", perSemitone: -4 };
