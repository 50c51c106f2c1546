export { changeGaps, needsGrip, type StruckChord } from "./changeGaps";
export { barEntries, type BarEntry } from "./barEntries";
export { noteStrike } from "./noteStrike";
export { struckNotes, type StruckNotes } from "./struckNotes";
export { playedChords } from "./played";
export { pickedAt, type Strike, strikesAs, strikesOf } from "./strikes";
export {
  DEFAULT_TEMPO_BPM,
  MAX_TEMPO_BPM,
  MIN_TEMPO_BPM,
  UNLIMITED_QUARTERS_BPM,
  withinTempo,
} from "./tempo";
export {
  ACCENTS,
  FEELS,
  MOTIONS,
  PLAIN_TEXTURE,
  readTexture,
  STROKES,
  type Texture,
  textureText,
  TOUCHES,
} from "./texture";
