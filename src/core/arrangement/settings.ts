import { DEFAULT_CHORD_OPTIONS } from "@/core/chart";
import { type Fretting } from "@/core/fretting";
import { type Finger } from "@/core/hand";
import { type Voicing } from "@/core/voicing";

/** What the player asks of the grips of a song, or of a section. */
export interface PlayLimits {
  /** Pressed strings lie between these frets; null for anywhere. */
  readonly frets: readonly [lowest: number, highest: number] | null;
  /** Strings on which the lowest root may lie, from the thickest, 0; null for any. */
  readonly rootStrings: readonly number[] | null;
  readonly openStrings: "any" | "wanted" | "none";
  readonly maxNotes: number | null;
  /** What power chords are played as. */
  readonly powerChordVoicing: Voicing;
  /** A bass player is there: each grip leaves out its low root, or the bass that is written. */
  readonly withoutLowest: boolean;
}

/** Where something holds: at one chord, at every such chord of a section, or everywhere in the song. */
export interface MarkPlace {
  /** The chord's name in the chart. */
  readonly chord: string;
  /** As `sectionKeys` tells sections apart; null for everywhere. */
  readonly section: string | null;
  /** The bar in its section and the chord in its bar, from 0; null for all of the section. */
  readonly at: readonly [bar: number, chord: number] | null;
}

/** Something that the player decided about a chord's grip. */
export type Mark = MarkPlace &
  (
    | {
        readonly act: "pin";
        readonly fretting: Fretting;
        readonly fingers: readonly (Finger | 0)[] | null;
      }
    | { readonly act: "forbid"; readonly fretting: Fretting }
    /** Fewer notes: the root alone, or the two lowest. */
    | { readonly act: "thin"; readonly notes: 1 | 2 }
    /** The last strums are let go, so that the hand has time to move. */
    | { readonly act: "leave"; readonly strums: LoosenedStrums }
    /** The last strums are scratched with the fretting hand off the frets, which frees it for as long. */
    | { readonly act: "scratch"; readonly strums: LoosenedStrums }
  );

/** How many of a chord's last strums may be let go or scratched. */
export const LOOSENED_STRUMS = [1, 2, 3] as const;
export type LoosenedStrums = (typeof LOOSENED_STRUMS)[number];

/** How much of each chord is played while it is learnt. */
export const HELPS = ["root", "two", "full"] as const;
export type Help = (typeof HELPS)[number];

/** What a route is chosen for: what is usual, a condition that it keeps, or a figure that it is best at. */
export const ROUTE_KINDS = [
  "usual",
  "closed",
  "one place",
  "one shape",
  "one position",
  "least movement",
  "least hardest change",
  "open and ringing",
  "low and heavy",
  "up the neck",
  "one string pair",
] as const;
/** Unnamed routes, best first, each distinct from the usual one and from those before it. */
export const OTHER_ROUTES = ["another 1", "another 2", "another 3", "another 4"] as const;
export type NamedRouteKind = (typeof ROUTE_KINDS)[number];
/** Identifies a route: planning the same song for the same kind always gives the same route. */
export type RouteKind = NamedRouteKind | (typeof OTHER_ROUTES)[number];

/** How the player wants a song to be played, beside its chart. */
export interface SongSettings {
  /** Every chord becomes its power chord. */
  readonly allAsPowerChords: boolean;
  /** Other chords sound on at least this many strings. */
  readonly minNotes: number;
  readonly limits: PlayLimits;
  /** By section, as `sectionKeys` tells them apart: what holds there instead. */
  readonly sectionLimits: Readonly<Record<string, PlayLimits>>;
  readonly marks: readonly Mark[];
  readonly routeKind: RouteKind;
}

export const NO_PLAY_LIMITS: PlayLimits = {
  frets: null,
  rootStrings: null,
  openStrings: "any",
  maxNotes: null,
  powerChordVoicing: DEFAULT_CHORD_OPTIONS.powerChordVoicing,
  withoutLowest: false,
};

export const DEFAULT_SONG_SETTINGS: SongSettings = {
  allAsPowerChords: false,
  minNotes: DEFAULT_CHORD_OPTIONS.minNotes,
  limits: NO_PLAY_LIMITS,
  sectionLimits: {},
  marks: [],
  routeKind: "usual",
};
