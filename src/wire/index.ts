export {
  type Act,
  type Change,
  type ChangeResponse,
  type ChangeRequest,
  type Effect,
  type Outcome,
} from "./change";
export { changedFields } from "./changedFields";
export { type DataFacts } from "./dataFacts";
export { isUnchanged, markFields, type FieldMarks } from "./documentSave";
export { type FilePreview, type PreviewLine, type SongPreview } from "./filePreview";
export { LAST_SONG } from "./lastSong";
export { nextId } from "./nextId";
export { renameInChange } from "./olderChange";
export {
  type DrillStanding,
  type FasterDrill,
  type LogDrill,
  type LoggedNote,
  type CardStanding,
  type LoggedRound,
  type LogSpan,
  type LogSums,
  type LogView,
  type PracticeStart,
  type Span,
} from "./practiceLog";
export { actOnRig, fitTuned, mergeEffect, shownPins, sortKept } from "./rigChanges";
export { type Origin, type Start } from "./start";
export { TROUBLES, type OfferedCopy, type Trouble, type TroubleKind } from "./trouble";
export {
  FILES_TO_SAVE,
  MAX_LOG_BYTES,
  MAX_UPLOAD_BYTES,
  PIECE_BYTES,
  type BackupPreview,
  type FileToSave,
  type ReadRounds,
  type UploadState,
} from "./transfer";
