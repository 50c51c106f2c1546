export { readUpload } from "./readUpload";
export { writeSchema, writeSong, type WriteQuestion } from "./writeSong";
export { pictureSchema, writePicture } from "./writePicture";
