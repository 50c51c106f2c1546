import { useEffect, useLayoutEffect, useState } from "react";
import { useEvent } from "@/ui/controls";
import { useUndoThrough } from "./undo";
import { useHistory, type Undoable } from "./useHistory";
import { makeDocumentSync, type DocumentServer, type Opened } from "./documentSync";
import { useOpenDocuments } from "./OpenDocuments";
import { useSaveOnPause } from "./useSaveOnPause";

interface DocumentRequest<T> {
  /** "song 12". */
  readonly name: string;
  /** As it was opened; one that is new is kept from its first change on. */
  readonly first: Opened<T> & { readonly isNew: boolean };
  readonly server: DocumentServer<T>;
  /** How far other pages have changed it, as the server last said. */
  readonly heard: number;
  /** What an earlier page could not send, in its order. */
  readonly resumed: readonly { readonly fields: Partial<T>; readonly key: string }[];
}

const QUIET_MS = 400;
const NOTHING_KEPT: readonly never[] = [];

/**
 * A document as it is worked on: every change can be undone and is saved once the player pauses or leaves; what other pages
 * change of it is shown here.
 */
export function useDocument<T extends object>(
  request: DocumentRequest<T>,
): Pick<Undoable<T>, "value" | "change"> {
  const { name, first, server, heard, resumed } = request;
  const documents = useOpenDocuments<T>();
  const [sync] = useState(() => {
    const open = documents.get(name) ?? makeDocumentSync(first, server);
    documents.set(name, open);
    return open;
  });
  const { value, change, takeOver, steps } = useHistory<T>(sync.shown(), NOTHING_KEPT);
  useUndoThrough(steps);
  const take = useEvent((fields: Partial<T>, isWhole: boolean) => {
    if (isWhole) change(() => fields, true);
    else takeOver(fields);
  });
  useLayoutEffect(() => sync.listen(take), [sync, take]);
  useLayoutEffect(() => sync.show(value), [sync, value]);
  useSaveOnPause(value, sync.save, QUIET_MS);
  useEffect(() => sync.save, [sync]);
  useEffect(() => sync.hear(Math.max(heard, first.revision)), [sync, heard, first.revision]);
  useEffect(() => {
    for (const { fields, key } of resumed) sync.resume(fields, key);
  }, [sync, resumed]);
  return { value, change };
}
