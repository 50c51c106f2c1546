export { comparisonOf } from "./comparisonOf";
export { type Playhead } from "./playhead";
export { PLAY_KEYS, SONG_KEYS } from "./songKeys";
export { stripOf } from "./strip";
export { firstTexture, scopesOf, stepsOf, withTexture } from "./textureScope";
export { type PlayAlong } from "./usePlayAlong";
export { type SongDocument, type SongStart, UNNAMED, useSongDocument } from "./useSongDocument";
export { useQuietDocument } from "./useQuietDocument";
export { type SongPlan, useAdvice, useBlockage, useRoutes } from "./useSongPlan";
export { type SongRoom, useSongRoom } from "./useSongRoom";
export { type PanelName, type SongView, type SongViewState } from "./useSongView";
export {
  BLOCKER_WORDS,
  HOLDS_WORDS,
  adviceWords,
  barWords,
  fretsText,
  mmText,
  moveText,
  moveWords,
  msText,
  routeName,
  sectionName,
} from "./words";
