export { FONT_FILES, type FontFile, type FontSet } from "./fonts";
export { PAPERS, type Paper } from "./page";
export { SHEETS, songSheet, type Sheet } from "./songSheet";
export { pdfOf } from "./pdf";
export {
  comparePages,
  neckPages,
  type ComparePicture,
  type NeckPicture,
  type PictureGrip,
} from "./pictures";
