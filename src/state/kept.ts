import { type Midi } from "@/core/pitch";
import { type Choice } from "./choice";
import { type Comparison } from "./comparison";
import { type GuitarContent } from "./guitar";
import { type OwnVoicingContent } from "./ownVoicing";
import { type PinContent } from "./pin";
import { type Placed } from "./place";
import { type JournalContent, type RoundContent } from "./practice";
import { type Profile } from "./profile";
import { type SongContent } from "./song";

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
  readonly voicing: OwnVoicingContent & Placed;
  readonly favourite: { readonly midi: readonly Midi[] } & Placed;
  readonly comparison: { readonly name: string; readonly comparison: Comparison };
  readonly song: SongContent;
  readonly round: RoundContent;
  readonly journal: JournalContent;
  readonly profile: Profile;
  readonly choice: Choice;
}

export type Kind = keyof Kept;

/** Kinds of which there are many; the others exist once for each player. */
export type ListedKind = Exclude<Kind, "profile" | "choice">;

/** Kinds that pages read a part at a time; all others are in the rig of every page. */
const LOGGED_KINDS = ["round", "journal"] as const;
type LoggedKind = (typeof LOGGED_KINDS)[number];
export type RigKind = Exclude<ListedKind, LoggedKind>;

export function isLogged(kind: Kind): kind is LoggedKind {
  return (LOGGED_KINDS as readonly Kind[]).includes(kind);
}

/** Of documents, the fields that lists show. */
export const LISTED_FIELDS = {
  comparison: ["name"],
  song: ["name", "tuningMidi", "archived"],
} as const;

/** What lists show: a document without its content, everything else whole. */
export interface Listed extends Omit<Kept, keyof typeof LISTED_FIELDS> {
  readonly comparison: Pick<Kept["comparison"], (typeof LISTED_FIELDS)["comparison"][number]>;
  readonly song: Pick<Kept["song"], (typeof LISTED_FIELDS)["song"][number]>;
}
