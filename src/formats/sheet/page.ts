import { type Paper } from "@/formats/paper";
/** A page as drawings and texts, in points (1/72 inch) from its upper left corner. */
export interface Page {
  readonly width: number;
  readonly height: number;
  readonly items: readonly Item[];
}

export type Weight = "regular" | "semibold";

export type Item =
  | {
      readonly kind: "text";
      readonly x: number;
      /** Of the line on which the letters stand. */
      readonly y: number;
      readonly text: string;
      readonly size: number;
      readonly weight: Weight;
      readonly align: "left" | "middle" | "right";
      readonly shade: Shade;
    }
  | {
      readonly kind: "line";
      readonly from: readonly [x: number, y: number];
      readonly to: readonly [x: number, y: number];
      readonly width: number;
      readonly shade: Shade;
    }
  | {
      readonly kind: "box";
      readonly x: number;
      readonly y: number;
      readonly width: number;
      readonly height: number;
      readonly fill: Shade | null;
      readonly stroke: Shade | null;
    }
  | {
      readonly kind: "disc";
      readonly x: number;
      readonly y: number;
      readonly radius: number;
      readonly fill: Shade | null;
      readonly stroke: Shade | null;
    };

/** Black, white and two greys between them, so that nothing is lost on any printer. */
type Shade = "black" | "grey" | "light" | "white";
export const SHADES: Readonly<Record<Shade, string>> = {
  black: "#000000",
  grey: "#555555",
  light: "#bbbbbb",
  white: "#ffffff",
};

/** ISO 216 and ANSI/ASME Y14.1, in points. */
export const PAPER_SIZES: Readonly<Record<Paper, readonly [width: number, height: number]>> = {
  a4: [595.28, 841.89],
  letter: [612, 792],
};
export const MARGIN = 40;

/**
 * The music face has one thin weight and small signs: set larger, raised, and with a stroke of the letters' shade they are as
 * heavy as the letters. In parts of the letters' size.
 */
export const SIGN = {
  scale: 1.2,
  raise: 0.14,
  stroke: { regular: 0.012, semibold: 0.028 },
  /** The face sets signs without room beside them. */
  bearing: 0.08,
} as const;

/** About how wide a text is: the semi-condensed face takes a little less than half its size a letter. */
export function textWidth(text: string, size: number): number {
  let width = 0;
  for (const sign of text)
    width += /[MWmw@%]/.test(sign) ? 0.78 : /[ijl.,:'|! ]/.test(sign) ? 0.27 : 0.52;
  return width * size;
}

/** A text cut to a width, with an ellipsis where something is lost. */
export function fitted(text: string, size: number, width: number): string {
  if (textWidth(text, size) <= width) return text;
  const signs = [...text];
  while (signs.length > 1 && textWidth(`${signs.join("")}…`, size) > width) signs.pop();
  return `${signs.join("")}…`;
}

interface TextLook {
  readonly size: number;
  readonly weight?: Weight;
  readonly align?: "left" | "middle" | "right";
  readonly shade?: Shade;
}

/** A text with real sharp and flat signs. */
export function textItem(x: number, y: number, text: string, look: TextLook): Item {
  const { size, weight = "regular", align = "left", shade = "black" } = look;
  return { kind: "text", x, y, text, size, weight, align, shade };
}

/** The same for names of notes and chords: # and b become signs. */
export function noteItem(x: number, y: number, name: string, look: TextLook): Item {
  return textItem(x, y, signedName(name), look);
}

/** Sharps and flats after a note's letter or before a degree; a b within a word stays a letter. */
export function signedName(name: string): string {
  return name
    .replace(/(?<=(?:^|[\s/(])[A-G])#|#(?=\d)/g, "♯")
    .replace(/(?<=(?:^|[\s/(])[A-G])b(?=$|[\s\d/(),.]|m|sus|dim|aug|add)|b(?=\d)/g, "♭");
}

export function lineItem(
  from: readonly [number, number],
  to: readonly [number, number],
  width = 1,
  shade: Shade = "black",
): Item {
  return { kind: "line", from, to, width, shade };
}

/** Collects items, and begins another page where the next thing has no room. */
export interface PageFlow {
  /** Where the next thing begins. */
  readonly y: () => number;
  readonly width: number;
  /** Makes room for something so high; it goes to `x` and below the answer. */
  readonly take: (height: number) => number;
  readonly put: (...items: readonly Item[]) => void;
  readonly pages: () => readonly Page[];
}

export function makePageFlow(paper: Paper): PageFlow {
  const [width, height] = PAPER_SIZES[paper];
  const pages: Item[][] = [[]];
  let y = MARGIN;
  return {
    y: () => y,
    width: width - 2 * MARGIN,
    take: (room) => {
      if (y + room > height - MARGIN && y > MARGIN) {
        pages.push([]);
        y = MARGIN;
      }
      const top = y;
      y += room;
      return top;
    },
    put: (...items) => void pages.at(-1)?.push(...items),
    pages: () =>
      pages.map((items, index) => ({
        width,
        height,
        items:
          pages.length === 1
            ? items
            : [
                ...items,
                textItem(width - MARGIN, height - MARGIN / 2, `${index + 1} of ${pages.length}`, {
                  size: 9,
                  align: "right",
                  shade: "grey",
                }),
              ],
      })),
  };
}
