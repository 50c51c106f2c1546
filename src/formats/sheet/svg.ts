import { escapeXml } from "@/formats/escapeXml";
import { type FontFile, type FontSet } from "./fonts";
import { SHADES, SIGN, type Item, type Page, type Weight } from "./page";

const [FAMILY, SIGNS_FAMILY] = ["Tenon Sheet", "Tenon Signs"];
const WEIGHTS = { regular: 400, semibold: 600 } as const;
const GAP = 24;

/** Pages as one picture, one below the other, with the fonts that they need inside. */
export function svgOf(pages: readonly Page[], title: string, fonts: FontSet): string {
  const width = Math.max(...pages.map((page) => page.width));
  let y = 0;
  const groups = pages.map((page) => {
    const group = `<g transform="translate(0 ${number(y)})">${page.items.map(itemText).join("")}</g>`;
    y += page.height + GAP;
    return group;
  });
  const height = y - GAP;
  const faces = [
    ...(["regular", "semibold"] as const).flatMap((weight) =>
      fonts[weight].map((file) => face(file, FAMILY, weight)),
    ),
    ...fonts.signs.map((file) =>
      face(file, SIGNS_FAMILY, "regular", `size-adjust:${SIGN.scale * 100}%;`),
    ),
  ];
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${number(width)} ${number(height)}" width="${number(width)}pt" height="${number(height)}pt">`,
    `<title>${escapeXml(title)}</title>`,
    `<style>${faces.join("")}text{font-family:"${FAMILY}","${SIGNS_FAMILY}",sans-serif}</style>`,
    `<rect width="100%" height="100%" fill="${SHADES.white}"/>`,
    ...groups,
    "</svg>",
    "",
  ].join("\n");
}

function face({ data, range }: FontFile, family: string, weight: Weight, more = ""): string {
  return `@font-face{font-family:"${family}";font-weight:${WEIGHTS[weight]};${more}src:url(data:font/woff;base64,${base64(data)});unicode-range:${range}}`;
}

const ANCHORS = { left: "start", middle: "middle", right: "end" } as const;

function itemText(item: Item): string {
  switch (item.kind) {
    case "text": {
      const { x, y, text, size, weight, align, shade } = item;
      return `<text x="${number(x)}" y="${number(y)}" font-size="${number(size)}" font-weight="${WEIGHTS[weight]}" text-anchor="${ANCHORS[align]}" fill="${SHADES[shade]}"${signOffsets(item)}>${escapeXml(text)}</text>`;
    }
    case "line": {
      const [[x1, y1], [x2, y2]] = [item.from, item.to];
      return `<line x1="${number(x1)}" y1="${number(y1)}" x2="${number(x2)}" y2="${number(y2)}" stroke="${SHADES[item.shade]}" stroke-width="${number(item.width)}"/>`;
    }
    case "box":
      return `<rect x="${number(item.x)}" y="${number(item.y)}" width="${number(item.width)}" height="${number(item.height)}" ${paint(item)}/>`;
    case "disc":
      return `<circle cx="${number(item.x)}" cy="${number(item.y)}" r="${number(item.radius)}" ${paint(item)}/>`;
  }
}

/** Room beside signs and their height, letter by letter, so that the text stays one piece. */
function signOffsets({ text, size }: Extract<Item, { readonly kind: "text" }>): string {
  if (!/[♯♭]/.test(text)) return "";
  const letters = [...text];
  const steps = letters.map((letter, at) => {
    const [before, here] = [isSign(letters[at - 1]), isSign(letter)];
    return {
      dx: before || here ? size * SIGN.bearing : 0,
      dy: here === before ? 0 : (here ? -1 : 1) * size * SIGN.raise,
    };
  });
  const list = (name: "dx" | "dy") => steps.map((step) => number(step[name])).join(" ");
  return ` dx="${list("dx")}" dy="${list("dy")}"`;
}

function isSign(letter: string | undefined): boolean {
  return letter === "♯" || letter === "♭";
}

function paint({ fill, stroke }: Extract<Item, { readonly kind: "box" | "disc" }>): string {
  return `fill="${fill ? SHADES[fill] : "none"}" stroke="${stroke ? SHADES[stroke] : "none"}"`;
}

function number(value: number): string {
  return String(Math.round(value * 100) / 100);
}

function base64(bytes: Uint8Array): string {
  let text = "";
  for (let at = 0; at < bytes.length; at += 8192) {
    text += String.fromCharCode(...bytes.subarray(at, at + 8192));
  }
  return btoa(text);
}
