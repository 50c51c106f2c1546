import { parseChord } from "@/core/chart";
import { blocksIn } from "@/formats/tab";
import { decodeText } from "./decode";
import { type ReadKind } from "@/formats/fileKinds";

const HEAD = 4000;
/** As much as shows what a text is; a tablature may have a page of words above it. */
const MAX_LOOKED_AT = 60_000;
const PROGRAM_BYTES = 0.02;

/** What kind of file bytes or a text are, told from the content alone; null for what Tenon cannot read. */
export function detectKind(content: Uint8Array | string): ReadKind | null {
  if (typeof content !== "string") {
    const magic = String.fromCharCode(...content.subarray(0, 4));
    if (magic === "MThd") return "midi";
    if (magic === "PK\u0003\u0004") return "mxl";
    if (isBinary(content)) return null;
    return detectKind(decodeText(content.subarray(0, MAX_LOOKED_AT)));
  }
  const head = content
    .slice(0, HEAD)
    .replace(/^\uFEFF/, "")
    .trimStart();
  if (/^<\?xml|^<!DOCTYPE|^<score-/i.test(head)) return /<svg[\s>]/.test(head) ? null : "musicxml";
  if (/^\{\s*"/.test(head)) return "json";
  if (head.startsWith("<")) return null;
  if (isTable(head)) return "csv";
  const text = content.slice(0, MAX_LOOKED_AT);
  if (blocksIn(text).some(({ kind }) => kind === "system")) return "tab";
  const isSheet = /^\s*\{\s*[a-z_]+\s*(?:[:\s][^}]*)?\}\s*$/im.test(text);
  return isSheet || hasBracketedChords(text) ? "chordpro" : "bars";
}

/** A table names columns that Tenon knows in its first line. */
function isTable(head: string): boolean {
  const [first = ""] = head.split(/\r\n|\n|\r/);
  const names = first
    .split(/[,;\t]/)
    .map((name) => name.trim().toLowerCase().replace(/^"|"$/g, ""));
  const has = (name: string) => names.includes(name);
  if (has("when") && has("drill")) return true;
  return names.length > 1 && (has("chord") || (has("strings") && (has("tuning") || has("name"))));
}

/** Whether chords stand in brackets among the words of a line. */
function hasBracketedChords(text: string): boolean {
  return text
    .split(/\r\n|\n|\r/)
    .some((line) =>
      [...line.matchAll(/\[([^[\]]{1,20})\]/g)].some(
        ([bracket, inner = ""]) => parseChord(inner.trim()) && line.trim() !== bracket,
      ),
    );
}

function isBinary(bytes: Uint8Array): boolean {
  const text = decodeText(bytes.subarray(0, HEAD));
  const strange = [...text].filter((sign) =>
    /[\u0000-\u0008\u000E-\u001A\u001C-\u001F]/.test(sign),
  );
  return strange.length > text.length * PROGRAM_BYTES;
}
