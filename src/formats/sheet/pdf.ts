import PDFDocument from "pdfkit";
import { joinBytes } from "@/formats/joinBytes";
import { type FontSet } from "./fonts";
import { SHADES, SIGN, type Item, type Page, type Weight } from "./page";

/** Equal pages make equal bytes. */
const DATE = new Date("2000-01-01T00:00:00Z");
/** What stands for a sign that no font has. */
const UNKNOWN = "?";

/** What pdfkit knows of a font beside what its types say. */
interface OpenFont {
  readonly font: { readonly hasGlyphForCodePoint: (code: number) => boolean };
}

/** Pages as a PDF, with the fonts that they need inside and text that can be searched. */
export function pdfOf(pages: readonly Page[], title: string, fonts: FontSet): Uint8Array {
  const document = new PDFDocument({
    autoFirstPage: false,
    // The package's own fonts are files beside it, which nothing here may need.
    font: null as unknown as string,
    info: { Title: title, Creator: "Tenon", Producer: "Tenon", CreationDate: DATE, ModDate: DATE },
    margin: 0,
  });
  const write = makeWriter(document, fonts);
  for (const { width, height, items } of pages) {
    document.addPage({ size: [width, height], margin: 0 });
    for (const item of items) draw(document, item, write);
  }
  document.end();
  const chunks: Uint8Array[] = [];
  for (let chunk = read(document); chunk !== null; chunk = read(document)) chunks.push(chunk);
  return joinBytes(chunks);
}

/** The package is a stream that Node reads, whatever its types say. */
function read(document: PDFKit.PDFDocument): Uint8Array | null {
  return (document as unknown as { read: () => Uint8Array | null }).read();
}

type TextItem = Extract<Item, { readonly kind: "text" }>;

/** Of a weight's letters, or of the sharps and flats of all. */
type Face = Weight | "signs";

/** Letters of one font, that follow one another. */
interface Run {
  readonly face: Face;
  readonly file: number;
  text: string;
}

/** Writes texts, each sign in the first font that has it. */
function makeWriter(document: PDFKit.PDFDocument, fonts: FontSet): (item: TextItem) => void {
  const open = new Map<string, OpenFont>();
  const use = (face: Face, file: number): OpenFont => {
    const name = `${face} ${file}`;
    if (!open.has(name)) {
      const { data } = fonts[face][file] ?? {};
      if (!data) throw new RangeError(`there is no font ${name}`);
      document.registerFont(name, data as Buffer);
    }
    document.font(name);
    const font = (document as unknown as { _font: OpenFont })._font;
    open.set(name, font);
    return font;
  };
  const runOf = (sign: string, weight: Weight): Run => {
    const code = sign.codePointAt(0) ?? 0;
    for (const face of [weight, "signs"] as const) {
      const file = fonts[face].findIndex((_, at) => use(face, at).font.hasGlyphForCodePoint(code));
      if (file >= 0) return { face, file, text: sign };
    }
    return { face: weight, file: 0, text: UNKNOWN };
  };
  return ({ x, y, text, size, weight, align, shade }) => {
    const runs: Run[] = [];
    for (const sign of text) {
      const run = runOf(sign, weight);
      const last = runs.at(-1);
      if (last?.face === run.face && last.file === run.file) last.text += run.text;
      else runs.push(run);
    }
    const sizeOf = ({ face }: Run) => (face === "signs" ? size * SIGN.scale : size);
    const bearingOf = ({ face }: Run) => (face === "signs" ? size * SIGN.bearing : 0);
    const widths = runs.map((run) => {
      use(run.face, run.file);
      return document.fontSize(sizeOf(run)).widthOfString(run.text) + 2 * bearingOf(run);
    });
    const width = widths.reduce((sum, each) => sum + each, 0);
    let at = align === "left" ? x : align === "middle" ? x - width / 2 : x - width;
    document.fillColor(SHADES[shade]).strokeColor(SHADES[shade]);
    for (const [index, run] of runs.entries()) {
      const isSign = run.face === "signs";
      use(run.face, run.file);
      document
        .fontSize(sizeOf(run))
        .lineWidth(size * SIGN.stroke[weight])
        .text(run.text, at + bearingOf(run), isSign ? y - size * SIGN.raise : y, {
          lineBreak: false,
          baseline: "alphabetic",
          fill: true,
          stroke: isSign,
        });
      at += widths[index] ?? 0;
    }
  };
}

function draw(document: PDFKit.PDFDocument, item: Item, write: (item: TextItem) => void): void {
  switch (item.kind) {
    case "text":
      if (item.text !== "") write(item);
      return;
    case "line":
      document
        .moveTo(...item.from)
        .lineTo(...item.to)
        .lineWidth(item.width)
        .stroke(SHADES[item.shade]);
      return;
    case "box":
      paint(document.rect(item.x, item.y, item.width, item.height), item);
      return;
    case "disc":
      paint(document.circle(item.x, item.y, item.radius), item);
  }
}

function paint(
  path: PDFKit.PDFDocument,
  { fill, stroke }: Extract<Item, { readonly kind: "box" | "disc" }>,
): void {
  path.lineWidth(1);
  if (fill && stroke) path.fillAndStroke(SHADES[fill], SHADES[stroke]);
  else if (fill) path.fill(SHADES[fill]);
  else if (stroke) path.stroke(SHADES[stroke]);
}
