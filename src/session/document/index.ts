export { type DocumentChange } from "./documentSync";
export { OpenDocumentsProvider } from "./OpenDocuments";
export { onLeaving } from "./onLeaving";
export { UndoProvider, useUndo, useUndoThrough } from "./undo";
export { useHistory, type Steps } from "./useHistory";
export { useDocument } from "./useDocument";
export { useSaveOnPause } from "./useSaveOnPause";
