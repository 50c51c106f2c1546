import { embeddedFonts } from "./embeddedFonts";

/** What only works while the page is alive. */
const ALIVE = "button, input, select, [role=button]";
const DROPPED_ATTRIBUTES = ["tabindex", "aria-pressed", "aria-busy", "data-chord"];

/**
 * A part of the page as a page of its own: its looks and fonts inside, no script, nothing that needs Tenon or a network.
 * Throws where a font cannot be read.
 */
export async function standalonePage(element: HTMLElement, title: string): Promise<string> {
  const copy = element.cloneNode(true) as HTMLElement;
  for (const alive of copy.querySelectorAll(ALIVE)) makePlain(alive);
  const rules = [...document.styleSheets]
    .flatMap((sheet) => [...sheet.cssRules])
    .filter((rule) => !(rule instanceof CSSFontFaceRule))
    .map(({ cssText }) => cssText);
  const fonts = await embeddedFonts(/Barlow|Noto Music/);
  return [
    "<!doctype html>",
    '<html lang="en" data-theme="light">',
    "<head>",
    '<meta charset="utf-8">',
    '<meta name="viewport" content="width=device-width, initial-scale=1">',
    `<title>${escaped(title)}</title>`,
    // No text of a style sheet may end it early.
    `<style>${[fonts, ...rules].join("\n").replaceAll("</", "<\\/")}</style>`,
    "</head>",
    `<body class="print-sheet">${copy.outerHTML}</body>`,
    "</html>",
    "",
  ].join("\n");
}

/** What could be pressed becomes what it says. */
function makePlain(alive: Element): void {
  for (const name of DROPPED_ATTRIBUTES) alive.removeAttribute(name);
  alive.removeAttribute("role");
  if (!(alive instanceof HTMLElement)) return;
  const plain = document.createElement("span");
  plain.className = alive.className;
  plain.append(...alive.childNodes);
  alive.replaceWith(plain);
}

function escaped(text: string): string {
  return text.replaceAll("&", "&amp;").replaceAll("<", "&lt;");
}
