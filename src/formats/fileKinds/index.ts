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
