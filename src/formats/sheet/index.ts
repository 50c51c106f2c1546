export { FONT_FILES, type FontSet } from "./fonts";
export { songSheet } from "./songSheet";
export { pdfOf } from "./pdf";
export { comparePages, neckPages, type ComparePicture, type NeckPicture } from "./pictures";
