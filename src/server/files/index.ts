export { readUpload } from "./readUpload";
export { writeSchema, writeSong } from "./writeSong";
export { pictureSchema, writePicture } from "./writePicture";
