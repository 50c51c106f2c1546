export {
  type Chart,
  type ChartBar,
  type ChartChord,
  type ChartProblem,
  type ChartSection,
  type TextPlace,
  type KeptLine,
} from "./chart";
export { piecesOf, type LinePiece, type PieceKind } from "./highlight";
export { readChart } from "./readChart";
export { FORM_CHORDS, FORMS, writeForm, type Form, type FormChords } from "./form";
export { readKey, type Key } from "./roman";
export { say, sayChordTexture, sayTexture, type Said } from "./rewrite";
export { transposeChart, type Move } from "./transpose";
export { pickedAt, strikesAs, strikesOf, type Strike, type StruckSpan } from "./strikes";
export {
  ACCENTS,
  FEELS,
  MOTIONS,
  PLAIN_TEXTURE,
  readTexture,
  STROKES,
  textureText,
  TOUCHES,
  type Texture,
} from "./texture";
export { changeGaps, needsGrip, type StruckChord } from "./changeGaps";
export { quartersPerBeat } from "./meter";
export { playedChords, type PlayedChord } from "./played";
export { DEFAULT_TEMPO_BPM, UNLIMITED_QUARTERS_BPM } from "./tempo";
export { LOOPS, writeLoop, type Loop } from "./loop";
export { keyOfSignature, signatureOf } from "./keySignature";
