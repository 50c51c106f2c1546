"use client";

import { createContext, useContext, useState, type ReactNode } from "react";
import { type DocumentSync } from "./documentSync";

type AnySync = DocumentSync<never>;
const OpenDocumentsContext = createContext<Map<string, AnySync> | null>(null);

/** Documents that this page has shown; newer here than on the server until all is saved, even when they are left. */
export function OpenDocumentsProvider({ children }: { readonly children: ReactNode }) {
  const [documents] = useState(() => new Map<string, AnySync>());
  return <OpenDocumentsContext value={documents}>{children}</OpenDocumentsContext>;
}

/** All open documents by name, such as "song 12". The caller knows the type of the ones it opens. */
export function useOpenDocuments<T>(): Map<string, DocumentSync<T>> {
  const documents = useContext(OpenDocumentsContext);
  if (!documents) throw new Error("useOpenDocuments outside of OpenDocumentsProvider");
  return documents as unknown as Map<string, DocumentSync<T>>;
}
