import { download } from "./download";
import { embeddedFonts } from "./embeddedFonts";

/** Px of the picture for each px of the page, so that it prints sharp. */
const SCALE = 2;

/** Saves a part of the page as PNG, as it looks. Throws where the browser cannot paint it. */
export async function saveElement(element: HTMLElement, name: string): Promise<void> {
  const { toBlob } = await import("html-to-image");
  const { backgroundColor } = getComputedStyle(element.closest(".print-sheet") ?? document.body);
  const picture = await toBlob(element, {
    pixelRatio: SCALE,
    backgroundColor,
    // The library's own search for fonts would need a base address, which the content policy forbids.
    fontEmbedCSS: await embeddedFonts(/Barlow|Noto Music/),
    filter: (node) => !(node instanceof Element && node.hasAttribute("data-unsaved")),
  });
  if (!picture) throw new Error("no picture was painted");
  download(picture, `${name}.png`);
}
