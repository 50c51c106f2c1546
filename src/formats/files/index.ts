export { decodeText } from "./decode";
export { detectKind } from "./detect";
export { MAX_BYTES, readFile, type ReadFile } from "./readFile";
