export {
  BINARY_KINDS,
  EXTENSION_OF,
  EXTENSIONS,
  FILE_KINDS,
  kindOfName,
  READ_KINDS,
  type FileKind,
  type ReadKind,
} from "./kinds";
export { decodeText } from "./decode";
export { detectKind } from "./detect";
export { MOST_BYTES, readFile, type ReadFile } from "./readFile";
