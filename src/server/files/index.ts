export { readUpload } from "./readUpload";
export { writeSchema, writeSong, type WriteRequest } from "./writeSong";
export { pictureSchema, writePicture } from "./writePicture";
