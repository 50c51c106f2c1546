import { embeddedFonts } from "./embeddedFonts";

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
/** The faces of figures and signs; a drawing has no other text. */
const EMBEDDED = /Barlow Semi Condensed|Noto Music/;
const PAINTS = ["color", "fill", "stroke"];

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
  style.textContent = await embeddedFonts(EMBEDDED);
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
      to.setAttribute("stroke", looks.stroke);
      to.setAttribute("stroke-width", looks.strokeWidth);
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
const SIGN_RISE = 0.14 / 1.2;
