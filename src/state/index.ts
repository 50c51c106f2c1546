export {
  DEFAULT_CHOICE,
  splitChoice,
  KEPT_ACROSS,
  THEMES,
  type Choice,
  type Hearing,
  type NeckView,
  type Settings,
  type Theme,
} from "./choice";
export {
  type Comparison,
  DEFAULT_COMPARISON,
  HOLDS,
  type ComparedBy,
  MAX_COLUMNS,
  MAX_MINUTES,
} from "./comparison";
export {
  BRIDGES,
  type Bridge,
  type Guitar,
  type GuitarContent,
  contentOf,
  guitarFor,
  neckOf,
  newGuitar,
  strungGuitar,
} from "./guitar";
export {
  LISTED_FIELDS,
  PLAYER_ID,
  type Kept,
  type KeptGuitar,
  type Kind,
  type Listed,
  type ListedKind,
  isLogged,
  type RigKind,
} from "./kept";
export {
  DEFAULT_PRACTICE,
  LONGEST_NOTE,
  MAX_GOALS,
  MAX_NEW_CARDS,
  PLAIN_ROUND,
  type JournalContent,
  type LocalTime,
  type PracticeSettings,
  type SongGoal,
  type RoundContent,
} from "./practice";
export { type OwnVoicing, type OwnVoicingContent } from "./ownVoicing";
export { type OwnTuning, callTuning } from "./ownTuning";
export { type Pin, type PinContent, findPin } from "./pin";
export { placeAt, type Placed } from "./place";
export { DEFAULT_PROFILE, NAMINGS, type Naming, type Profile } from "./profile";
export { type OpenedComparison, type Rig, type SavedComparison } from "./rig";
export {
  LONGEST_CHART,
  LONGEST_NAME,
  type OpenedSong,
  type SavedSong,
  type SongContent,
} from "./song";
export {
  DEFAULT_VIEW,
  MARK_LABELS,
  type MarkLabel,
  SPACINGS,
  type Spacing,
  type View,
} from "./view";
export { renameFields } from "./renamedFields";
export { isFields, type Fields } from "./fields";
export { WHOLE_LOG, type LogFilter } from "./logFilter";
export { remembered } from "./remembered";
