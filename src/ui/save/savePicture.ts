import { download } from "./download";
import { standaloneSvg } from "./standaloneSvg";

export const PICTURE_KINDS = ["svg", "png"] as const;
export type PictureKind = (typeof PICTURE_KINDS)[number];

/** Px of a PNG for each px of the drawing, so that it prints sharp. */
const PNG_SCALE = 3;

/** Saves a drawing of the page as a file. Throws where the browser cannot paint it. */
export async function savePicture(
  drawing: SVGSVGElement,
  kind: PictureKind,
  name: string,
): Promise<void> {
  const text = await standaloneSvg(drawing);
  const svg = new Blob([text], { type: "image/svg+xml" });
  download(kind === "svg" ? svg : await paint(svg, drawing.viewBox.baseVal), `${name}.${kind}`);
}

async function paint(svg: Blob, { width, height }: DOMRect | SVGRect): Promise<Blob> {
  const address = URL.createObjectURL(svg);
  try {
    const image = new Image();
    image.src = address;
    await image.decode();
    const canvas = document.createElement("canvas");
    canvas.width = Math.round(width * PNG_SCALE);
    canvas.height = Math.round(height * PNG_SCALE);
    canvas.getContext("2d")?.drawImage(image, 0, 0, canvas.width, canvas.height);
    return await new Promise((resolve, reject) =>
      canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error("no picture was painted")))),
    );
  } finally {
    URL.revokeObjectURL(address);
  }
}
