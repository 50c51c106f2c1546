export { placeOf } from "./placeOf";
export { easeSong, NO_EASE, type Ease } from "./ease";
export { adviseOn, type Advice } from "./advice";
export {
  arrange,
  MAX_SONG_CHORDS,
  type ArrangedBar,
  type ArrangedChord,
  type Arrangement,
} from "./arrange";
export { findBlocked, type Blockage, type Blocker } from "./blocked";
export {
  DEFAULT_DOWN_STROKES_BPM,
  FASTEST_DOWN_STROKES_BPM,
  hardDownStrokes,
  SLOWEST_DOWN_STROKES_BPM,
} from "./downStrokes";
export { addMark } from "./marks";
export { rootOfGrip } from "./rootOfGrip";
export { sectionKeys } from "./sectionKeys";
export { gripsOf, type SongRoute } from "./planSong";
export { type SongRequest } from "./request";
export {
  DEFAULT_SONG_SETTINGS,
  HELPS,
  LOOSENED_STRUMS,
  NO_PLAY_LIMITS,
  OTHER_ROUTES,
  ROUTE_KINDS,
  type Help,
  type LoosenedStrums,
  type Mark,
  type MarkPlace,
  type PlayLimits,
  type SongSettings,
  type NamedRouteKind,
  type RouteKind,
} from "./settings";
export { type HoldsAtTempo, type SongChange } from "./timeSong";
export { keyOf } from "./keyOf";
export { nameRoutes, rowOf, type NamedRoute } from "./nameRoutes";
export { planRouteOfKind, planNamedRoutes } from "./routesOfKinds";
export { cornerOf, type Corner } from "./corner";
export {
  countInOf,
  countWord,
  quartersAt,
  roundOf,
  tempoShareAt,
  type PlayEvent,
  type Round,
} from "./timeline";
export { gripLimitsOf } from "./requestedNotes";
