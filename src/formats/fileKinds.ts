/** Kinds of files that songs and tunings are read from. */
export const READ_KINDS = [
  "chordpro",
  "bars",
  "musicxml",
  "mxl",
  "midi",
  "tab",
  "csv",
  "json",
] as const;
export type ReadKind = (typeof READ_KINDS)[number];

/** Kinds that songs are written as: those, and what is drawn. */
export const FILE_KINDS = [...READ_KINDS, "svg", "pdf"] as const;
export type FileKind = (typeof FILE_KINDS)[number];

/** Those that are bytes and no text. */
export const BINARY_KINDS: readonly FileKind[] = ["mxl", "midi", "pdf"];

const KIND_OF: Readonly<Record<string, FileKind>> = {
  cho: "chordpro",
  pro: "chordpro",
  chordpro: "chordpro",
  musicxml: "musicxml",
  xml: "musicxml",
  mxl: "mxl",
  mid: "midi",
  midi: "midi",
  tab: "tab",
  txt: "tab",
  csv: "csv",
  svg: "svg",
  pdf: "pdf",
  json: "json",
};

/** Every extension that names a kind. */
export const EXTENSIONS = Object.keys(KIND_OF);

/** The extension that Tenon gives a kind. */
export const EXTENSION_OF: Readonly<Record<FileKind, string>> = {
  chordpro: "cho",
  bars: "txt",
  musicxml: "musicxml",
  mxl: "mxl",
  midi: "mid",
  tab: "tab",
  csv: "csv",
  svg: "svg",
  pdf: "pdf",
  json: "json",
};

/** The kind that a file's name says; null for none. */
export function kindOfName(name: string): FileKind | null {
  const extension = /\.([A-Za-z]+)$/.exec(name)?.[1]?.toLowerCase() ?? "";
  return KIND_OF[extension] ?? null;
}

/** The version of Tenon's own JSON files; docs/formats.md says what each holds. */
export const JSON_VERSION = 1;
