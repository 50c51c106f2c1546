export { type BarToken, barTokens, headingOfBars, isSign } from "./barLine";
export { isChordWord, isEnglish, readChordWord } from "./chordWord";
export { readCounts } from "./counts";
export { type Fact } from "./facts";
export { type LinePiece, type PieceKind, piecesOf } from "./highlight";
export { kindOfLine, readLabel } from "./lineKind";
export { bareWord, type Line, linesIn, plainWord, type Word, wordsIn } from "./lines";
export {
  barWordKind,
  isAgainBar,
  isBetweenChords,
  isPlayedWord,
  NOTATION,
  textureMark,
  timesSaid,
} from "./notation";
export { isNoteWord, isValidNoteWord, readNoteWord } from "./noteWord";
export { readChordName, readHeadingLine } from "./single";
