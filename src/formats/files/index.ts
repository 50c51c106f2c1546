export { decodeText } from "./decode";
export { detectKind } from "./detect";
export { MOST_BYTES, readFile, type ReadFile } from "./readFile";
