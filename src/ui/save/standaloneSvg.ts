const SVG_NAMESPACE = "http://www.w3.org/2000/svg";

/** What a picture needs in a page, but not outside of it. */
const PAGE_ATTRIBUTES = [
  "class",
  "style",
  "role",
  "tabindex",
  "data-mark",
  "data-picture",
  "aria-pressed",
];
const PAINTS = ["fill", "stroke"];

/**
 * A drawing of the page as SVG text that stands on its own: colours worked out, fonts inside, and no
 * handles to drag. Opens in any viewer and needs nothing from Tenon.
 */
export async function standaloneSvg(drawing: SVGSVGElement): Promise<string> {
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  copyLooks(drawing, copy);
  for (const handle of copy.querySelectorAll("[data-handle]")) handle.remove();
  const { width, height } = drawing.viewBox.baseVal;
  copy.setAttribute("xmlns", SVG_NAMESPACE);
  copy.setAttribute("width", String(width));
  copy.setAttribute("height", String(height));
  const ground = document.createElementNS(SVG_NAMESPACE, "rect");
  ground.setAttribute("width", String(width));
  ground.setAttribute("height", String(height));
  ground.setAttribute(
    "fill",
    getComputedStyle(drawing.closest(".bg-slab") ?? drawing).backgroundColor,
  );
  copy.prepend(ground);
  const style = document.createElementNS(SVG_NAMESPACE, "style");
  style.textContent = await embeddedFonts();
  copy.prepend(style);
  return new XMLSerializer().serializeToString(copy);
}

/** Puts what the page's style sheets say of each element into the copy's own attributes. */
function copyLooks(from: Element, to: Element): void {
  const looks = getComputedStyle(from);
  for (const paint of PAINTS) {
    if (from.getAttribute(paint)?.startsWith("var("))
      to.setAttribute(paint, looks.getPropertyValue(paint));
  }
  if (from.tagName === "text" || from.tagName === "tspan") {
    to.setAttribute("font-family", looks.fontFamily);
    if (from.classList.contains("neck-sign")) {
      to.setAttribute("font-size", looks.fontSize);
      // A share of the size, which viewers understand where they know no baseline shift.
      to.setAttribute("dy", `${-parseFloat(looks.fontSize) * SIGN_RISE}`);
    } else if (from.previousElementSibling?.classList.contains("neck-sign")) {
      const sign = getComputedStyle(from.previousElementSibling);
      to.setAttribute("dy", `${parseFloat(sign.fontSize) * SIGN_RISE}`);
    }
  }
  for (const name of PAGE_ATTRIBUTES) to.removeAttribute(name);
  for (const [index, child] of [...from.children].entries()) {
    const copied = to.children[index];
    if (copied) copyLooks(child, copied);
  }
}

/** As the style sheet lifts a sharp or flat sign, as a share of its size. */
const SIGN_RISE = 0.14 / 1.15;

const EMBEDDED = /Barlow Semi Condensed|Noto Music/;

/** The page's own faces for figures and signs as rules with the fonts inside. */
async function embeddedFonts(): Promise<string> {
  const rules = [...document.styleSheets]
    .flatMap((sheet) => [...sheet.cssRules])
    .filter((rule) => rule instanceof CSSFontFaceRule)
    .filter(({ style }) => EMBEDDED.test(style.getPropertyValue("font-family")) && isNeeded(style));
  const texts = await Promise.all(
    rules.map(async (rule) => {
      const address = /url\("?([^")]+\.woff2)"?\)/.exec(rule.style.getPropertyValue("src"))?.[1];
      if (!address) return "";
      const base = rule.parentStyleSheet?.href ?? location.href;
      const data = await asDataUrl(new URL(address, base));
      const [family, weight] = ["font-family", "font-weight"].map((name) =>
        rule.style.getPropertyValue(name),
      );
      return `@font-face { font-family: ${family}; font-weight: ${weight}; src: url(${data}) format("woff2"); }`;
    }),
  );
  return texts.join("\n");
}

/** Latin letters and musical signs; the other alphabets stay out. */
function isNeeded(style: CSSStyleDeclaration): boolean {
  const range = style.getPropertyValue("unicode-range");
  return range === "" || /U\+0+-|U\+0-|U\+266|U\+26/i.test(range);
}

async function asDataUrl(address: URL): Promise<string> {
  const blob = await (await fetch(address)).blob();
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(new Error("a font could not be read"));
    reader.readAsDataURL(blob);
  });
}
