import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { FONT_FILES, type FontSet } from "@/formats/sheet";

/** The fonts of sheets, from the packages that ship them. */
export function readInstalledFonts(): FontSet {
  const require = createRequire(import.meta.url);
  const read = (files: (typeof FONT_FILES)[keyof typeof FONT_FILES]) =>
    files.map(([path, range]) => ({ data: readFileSync(require.resolve(path)), range }));
  return {
    regular: read(FONT_FILES.regular),
    semibold: read(FONT_FILES.semibold),
    signs: read(FONT_FILES.signs),
  };
}
