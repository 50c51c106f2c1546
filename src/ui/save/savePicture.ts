import { download } from "./download";
import { paintSvg } from "./paintSvg";
import { standaloneSvg } from "./standaloneSvg";

export const PICTURE_KINDS = ["svg", "png"] as const;
export type PictureKind = (typeof PICTURE_KINDS)[number];

/** Saves a drawing of the page as a file. Throws where the browser cannot paint it. */
export async function savePicture(
  drawing: SVGSVGElement,
  kind: PictureKind,
  name: string,
): Promise<void> {
  const text = await standaloneSvg(drawing);
  const svg = new Blob([text], { type: "image/svg+xml" });
  download(kind === "svg" ? svg : await paintSvg(svg, drawing.viewBox.baseVal), `${name}.${kind}`);
}
