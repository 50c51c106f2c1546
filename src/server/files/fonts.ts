import { readFileSync } from "node:fs";
import { join } from "node:path";
import { FONT_FILES, type FontSet } from "@/formats/sheet";

let fonts: FontSet | null = null;

/** The fonts of sheets, from the packages that ship them. */
export function readFonts(): FontSet {
  const read = (files: (typeof FONT_FILES)[keyof typeof FONT_FILES]) =>
    files.map(([path, range]) => ({
      data: readFileSync(join(/* turbopackIgnore: true */ process.cwd(), "node_modules", path)),
      range,
    }));
  return (fonts ??= {
    regular: read(FONT_FILES.regular),
    semibold: read(FONT_FILES.semibold),
    signs: read(FONT_FILES.signs),
  });
}
