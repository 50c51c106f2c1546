export { sentFile } from "./sentFile";
export { addPiece, dropUpload, findUpload, startUpload, wholeUpload } from "./uploads";
