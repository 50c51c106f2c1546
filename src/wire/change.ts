import { type Problem } from "@/core/result";
import { type FieldMarks } from "./documentSave";
import { type Kept, type Kind, type Listed, type ListedKind } from "@/state";

interface Add<K extends ListedKind> {
  readonly act: "add";
  readonly kind: K;
  /** Made by the page (`nextId`), so that the next change can speak of it before the server has answered. */
  readonly id: number;
  readonly value: Kept[K];
}

interface Set<K extends Kind> {
  readonly act: "set";
  readonly kind: K;
  readonly id: number;
  /** Only what changed: two pages that change different fields both keep their change. */
  readonly fields: Partial<Kept[K]>;
  /** For a document: the revision it was opened at. What is newer there is never written over. */
  readonly basedOn?: number;
  /** Hashes of those fields as the page knew them, to tell whether another page has changed one since. */
  readonly was?: FieldMarks;
  /** The page's change of the same document before this one: it goes where that one went, newer or not. */
  readonly after?: string;
}

interface Mark<K extends ListedKind> {
  readonly act: "delete" | "restore";
  readonly kind: K;
  readonly id: number;
}

/** What can be done to anything that is kept. */
export type Act =
  { [K in ListedKind]: Add<K> | Mark<K> }[ListedKind] | { [K in Kind]: Set<K> }[Kind];

/** An act under a key that its page made, so that it counts once however often it is sent. */
export type Change = Act & { readonly key: string };

/** What a change made of something; null once that is deleted. */
export type Effect = {
  [K in Kind]: {
    readonly kind: K;
    readonly id: number;
    /** How many changes the data had seen, this one included. */
    readonly revision: number;
    readonly value: Listed[K] | Partial<Listed[K]> | null;
  };
}[Kind];

/** What became of one change. */
export interface Outcome {
  readonly key: string;
  /** Why it was refused; null where it was made. */
  readonly problem: Problem | null;
  /** How many changes the data had seen with it; null where it was refused. */
  readonly revision: number | null;
  /** Something the player should know although nothing went wrong. */
  readonly notice?: string;
  /** Another page had changed other fields of the document; they stay. */
  readonly isMerged?: true;
}

/** What a page sends: its changes in their order, and how far it knows the data. */
export interface ChangeRequest {
  /** Which data the page was made from. */
  readonly identity: string;
  readonly since: number;
  readonly changes: readonly Change[];
}

/** What it is answered. */
export interface ChangeResponse {
  readonly build: string;
  readonly identity: string;
  readonly revision: number;
  readonly outcomes: readonly Outcome[];
  /** Everything changed after `since`, by whichever page. */
  readonly effects: readonly Effect[];
}
