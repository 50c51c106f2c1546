export {
  useDocument,
  useHistory,
  useUndo,
  useUndoThrough,
  type DocumentChange,
  type Steps,
} from "./document";
export { askServer } from "./askServer";
export { useBringIn, useBroughtIn } from "./bringIn";
export { fetchSong } from "./fetchSong";
export { useComparisonDocument, useSettings, useView } from "./documents";
export { useInstrument } from "./instrument";
export { Notices, useNoticesHeld, useShownNotice, useTell, type Notice } from "./notices";
export { useOtherData, useOtherDataNotice, type OtherData } from "./otherData";
export { usePlayer } from "./player";
export { newId, useAdopted, useRig } from "./rig";
export { AWAY, useSavingNews } from "./saving";
export { Session } from "./Session";
export { useAwake } from "./useAwake";
export { useAddress } from "./useAddress";
export { useDraft, useFoundDraft } from "./useDraft";
export { useDeviceChoice } from "./useDeviceChoice";
export { useHearing } from "./useHearing";
export { useTuningShelf } from "./useTuningShelf";
export { useFileWork, type Looked } from "./useFileWork";
export { sendFile, useWork } from "./work";
