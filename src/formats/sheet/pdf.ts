import PDFDocument from "pdfkit";
import { joinBytes } from "@/formats/bytes";
import { type FontSet } from "./fonts";
import { SHADES, type Item, type Page, type Weight } from "./page";

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

/** Writes texts, each sign in the first font that has it. */
function makeWriter(document: PDFKit.PDFDocument, fonts: FontSet): (item: TextItem) => void {
  const open = new Map<string, OpenFont>();
  const use = (weight: Weight, index: number): OpenFont => {
    const name = `${weight} ${index}`;
    if (!open.has(name)) {
      const { data } = fonts[weight][index] ?? {};
      if (!data) throw new RangeError(`there is no font ${name}`);
      document.registerFont(name, data as Buffer);
    }
    document.font(name);
    const font = (document as unknown as { _font: OpenFont })._font;
    open.set(name, font);
    return font;
  };
  const fontOf = (weight: Weight, sign: string): number =>
    fonts[weight].findIndex((_, index) =>
      use(weight, index).font.hasGlyphForCodePoint(sign.codePointAt(0) ?? 0),
    );
  return ({ x, y, text, size, weight, align, shade }) => {
    const runs: { font: number; text: string }[] = [];
    for (const sign of text) {
      const font = fontOf(weight, sign);
      const run = { font: Math.max(0, font), text: font < 0 ? UNKNOWN : sign };
      const last = runs.at(-1);
      if (last?.font === run.font) last.text += run.text;
      else runs.push(run);
    }
    const widths = runs.map((run) => {
      use(weight, run.font);
      return document.fontSize(size).widthOfString(run.text);
    });
    const width = widths.reduce((sum, each) => sum + each, 0);
    let at = align === "left" ? x : align === "middle" ? x - width / 2 : x - width;
    for (const [index, run] of runs.entries()) {
      use(weight, run.font);
      document
        .fontSize(size)
        .fillColor(SHADES[shade])
        .text(run.text, at, y, { lineBreak: false, baseline: "alphabetic" });
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
