import { parseNote, type Note } from "@/core/pitch";

/** A key: its first note, and whether its third is minor. */
export interface Key {
  readonly tonic: Note;
  readonly isMinor: boolean;
}

/** Reads "Em", "G", "F# minor", "Bb major"; null for anything else. */
export function readKey(text: string): Key | null {
  const [, root = "", kind = ""] =
    /^([A-Ga-g](?:#|b)?)\s*(m|min|minor|-|maj|major)?$/i.exec(text.trim()) ?? [];
  const tonic = parseNote(root);
  return tonic.ok ? { tonic: tonic.value, isMinor: /^(m|min|minor|-)$/.test(kind) } : null;
}
