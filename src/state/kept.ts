import { type Midi } from "@/core/pitch";
import { type Choice } from "./choice";
import { type Comparison } from "./comparison";
import { type GuitarContent } from "./guitar";
import { type OwnStackContent } from "./ownStack";
import { type PinContent } from "./pin";
import { type Placed } from "./place";
import { type Profile } from "./profile";

/** One player until there are more. */
export const PLAYER_ID = 1;

/** A guitar, and what it is tuned to now; the tuning on screen is part of the view. */
export interface KeptGuitar extends GuitarContent {
  readonly tunedMidi: readonly Midi[];
}

/** All that is kept, by kind, without its number. */
export interface Kept {
  readonly guitar: KeptGuitar;
  readonly pin: PinContent;
  readonly tuning: { readonly name: string; readonly midi: readonly Midi[] };
  readonly stack: OwnStackContent & Placed;
  readonly favourite: { readonly midi: readonly Midi[] } & Placed;
  readonly comparison: { readonly name: string; readonly comparison: Comparison };
  readonly profile: Profile;
  readonly choice: Choice;
}

export type Kind = keyof Kept;

/** Kinds of which there are many; the others exist once for each player. */
export type ListedKind = Exclude<Kind, "profile" | "choice">;

/** What lists show: a document without its content, everything else whole. */
export interface Listed extends Omit<Kept, "comparison"> {
  readonly comparison: Pick<Kept["comparison"], "name">;
}
