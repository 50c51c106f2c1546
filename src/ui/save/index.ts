export { copyAddress } from "./copyAddress";
export { download } from "./download";
export { fileName } from "./fileName";
export { PICTURE_KINDS, savePicture, type PictureKind } from "./savePicture";
export { saveElement } from "./saveElement";
