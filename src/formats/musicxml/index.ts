export { readMusicXml } from "./readMusicXml";
export { writeMusicXml } from "./writeMusicXml";
export { scoreBytesOf, writeMxl } from "./mxl";
