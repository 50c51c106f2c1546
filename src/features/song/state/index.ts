export { comparisonOf } from "./comparisonOf";
export { PLAY_KEYS, SONG_KEYS } from "./songKeys";
export { KEYS } from "./keys";
export { inTuning } from "./songTuning";
export { stripOf } from "./strip";
export { firstTexture, scopesOf, stepsOf, withTexture } from "./textureScope";
export { type PlayAlong } from "./usePlayAlong";
export { type SongDocument, type SongStart, UNNAMED, useSongDocument } from "./useSongDocument";
export { useQuietDocument } from "./useQuietDocument";
export { type ComparedRoute, useRouteBefore } from "./useRouteBefore";
export { type SongPlan, useAdvice, useBlockage, useRoutes } from "./useSongPlan";
export { type SongRoom, useSongRoom } from "./useSongRoom";
export { type PanelName, type SongPart, type SongView, type SongViewState } from "./useSongView";
export {
  BLOCKER_WORDS,
  HOLDS_WORDS,
  adviceWords,
  barWords,
  mmText,
  msText,
  routeName,
  shortRouteName,
  sectionName,
} from "./words";
