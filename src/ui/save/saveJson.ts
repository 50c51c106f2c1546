import { JSON_VERSION } from "@/formats/fileKinds";
import { download } from "./download";
import { fileName } from "./fileName";

/** Saves one thing of the player's as a file that Tenon brings in again; docs/formats.md says what each holds. */
export function saveJson(name: string, content: Readonly<Record<string, unknown>>): void {
  const text = JSON.stringify({ version: JSON_VERSION, ...content });
  download(new Blob([text], { type: "application/json" }), `${fileName(name) || "tenon"}.json`);
}
