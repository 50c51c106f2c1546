export { changeGaps, needsGrip, type StruckChord } from "./changeGaps";
export { type PlayedChord, playedChords } from "./played";
export { pickedAt, type Strike, strikesAs, strikesOf, type StruckSpan } from "./strikes";
export { DEFAULT_TEMPO_BPM, UNLIMITED_QUARTERS_BPM } from "./tempo";
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
