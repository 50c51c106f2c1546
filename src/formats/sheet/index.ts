export { FONT_FILES, type FontFile, type FontSet } from "./fonts";
export { songSheet } from "./songSheet";
export { pdfOf } from "./pdf";
export {
  comparePages,
  neckPages,
  type ComparePicture,
  type NeckPicture,
  type PictureGrip,
} from "./pictures";
