import { changedFields, markFields, type FieldMarks, type Outcome } from "@/wire";
import { mergeFields } from "./mergeFields";

/** A document as the server has it. */
export interface Opened<T> {
  readonly content: T;
  readonly revision: number;
}

/** What a page sends of a document: all of it at first, then only the fields that changed. */
export type DocumentChange<T> =
  | { readonly act: "add"; readonly value: T; readonly key: string }
  | {
      readonly act: "set";
      readonly fields: Partial<T>;
      readonly basedOn: number;
      readonly was: FieldMarks;
      readonly after?: string;
      readonly key: string;
    };

export interface DocumentServer<T> {
  /** Answers once the server has; null where it refused. */
  readonly send: (change: DocumentChange<T>) => Promise<Outcome | null>;
  readonly fetch: () => Promise<Opened<T> | null>;
}

/** What a page shows of a document, kept in step with the server. */
export interface DocumentSync<T> {
  readonly shown: () => T;
  /** The player changed it here. */
  readonly show: (content: T) => void;
  /** Sends what changed here since it was sent last. */
  readonly save: () => void;
  /** The server has it at this revision. */
  readonly hear: (revision: number) => void;
  /** What an earlier page could not send is on its way again from here. */
  readonly resume: (fields: Partial<T>, key: string) => void;
  /** Calls back with fields that other pages changed; `isWhole` where this page's document was kept beside another. */
  readonly listen: (onTaken: OnTaken<T>) => void;
}

const MAX_MISSES = 3;

type OnTaken<T> = (fields: Partial<T>, isWhole: boolean) => void;

/**
 * Keeps a page's copy of a document and the server's in step. Fields that other pages changed are taken over; a field
 * with unsaved changes stays. Where two pages changed the same field, the server saves this page's version as a second
 * document; once everything from this page is saved there, the page shows the first one.
 */
export function makeDocumentSync<T extends object>(
  first: Opened<T> & { readonly isNew: boolean },
  server: DocumentServer<T>,
): DocumentSync<T> {
  let shown = first.content;
  /** What the server will have once it has made everything that was sent. */
  let known = first.content;
  let { revision, isNew } = first;
  let lastKey: string | null = null;
  let unanswered = 0;
  let isFetching = false;
  let isStale = false;
  let isBeside = false;
  let misses = 0;
  let onTaken: OnTaken<T> = () => undefined;

  const take = (fields: Partial<T>, isWhole: boolean) => {
    shown = { ...shown, ...fields };
    onTaken(fields, isWhole);
  };

  const save = () => {
    const fields = changedFields(known, shown);
    const names = Object.keys(fields);
    if (names.length === 0) return;
    const key = crypto.randomUUID();
    const [before, wasNew] = [known, isNew];
    const change: DocumentChange<T> = isNew
      ? { act: "add", value: shown, key }
      : {
          act: "set",
          fields,
          basedOn: revision,
          was: markFields(known, names),
          ...(lastKey !== null && { after: lastKey }),
          key,
        };
    known = shown;
    isNew = false;
    lastKey = key;
    unanswered += 1;
    void server.send(change).then((outcome) => {
      unanswered -= 1;
      if (!outcome) {
        // The player has been told why. The next change sends these fields again.
        known = before;
        isNew = wasNew;
        // A conflict would send them again at once, and be refused again.
        return;
      }
      // A merged document has fields that this page has not seen, so the known revision stays.
      if (outcome.notice !== undefined) isBeside = true;
      else if (outcome.isMerged) isStale = true;
      else if (!isBeside && !isStale) revision = Math.max(revision, outcome.revision ?? 0);
      catchUp();
    });
  };

  /** Fetches the newest document, unless a change of this page is still on its way. */
  const catchUp = () => {
    if (unanswered > 0 || isFetching || !(isStale || isBeside)) return;
    isFetching = true;
    void server.fetch().then((opened) => {
      isFetching = false;
      if (opened) meet(opened);
    });
  };

  const meet = (opened: Opened<T>) => {
    if (unanswered > 0) return;
    if (opened.revision < revision) {
      // The answer is older than a change of this page that the server has made since.
      misses += 1;
      if (misses <= MAX_MISSES) catchUp();
      return;
    }
    misses = 0;
    if (isBeside) {
      if (Object.keys(changedFields(known, shown)).length > 0) {
        save();
        return;
      }
      isBeside = false;
      take(opened.content, true);
    } else {
      const { theirs, isConflict } = mergeFields(known, shown, opened.content);
      if (isConflict) {
        // Based on the old revision, so the server saves it as a second document.
        save();
        return;
      }
      if (Object.keys(theirs).length > 0) take(theirs, false);
    }
    known = opened.content;
    revision = opened.revision;
    lastKey = null;
    isStale = false;
  };

  return {
    shown: () => shown,
    show: (content) => {
      shown = content;
    },
    save,
    hear: (heard) => {
      if (heard <= revision) return;
      isStale = true;
      catchUp();
    },
    resume: (fields, key) => {
      known = { ...known, ...fields };
      isNew = false;
      lastKey = key;
      take(fields, false);
    },
    listen: (listener) => {
      onTaken = listener;
    },
  };
}
