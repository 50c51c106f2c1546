export { standalonePage } from "./standalonePage";
export { copyAddress } from "./copyAddress";
export { download } from "./download";
export { fileName } from "./fileName";
export { saveElement } from "./saveElement";
export { PICTURE_KINDS, type PictureKind, savePicture } from "./savePicture";
export { saveJson } from "./saveJson";
export { PDF_PAPERS, savePdf, type PdfPaper } from "./savePdf";
