/** Px of a PNG for each px of the drawing, so that it prints sharp. */
const PNG_SCALE = 3;
/** The longest side of a picture that every browser paints. */
const MAX_PX = 16_000;

interface Size {
  readonly width: number;
  readonly height: number;
}

/** Paints an SVG drawing as PNG. Its size in px is its own, if none is given. Throws where the browser cannot paint it. */
export async function paintSvg(svg: Blob, size?: Size): Promise<Blob> {
  // Tenon hands files out as plain bytes; an image must say what it is.
  const address = URL.createObjectURL(new Blob([svg], { type: "image/svg+xml" }));
  try {
    const image = new Image();
    image.src = address;
    await image.decode();
    const { width, height } = size ?? { width: image.naturalWidth, height: image.naturalHeight };
    await fontsOf(image, width, height);
    const canvas = paint(image, width, height, PNG_SCALE);
    return await new Promise((resolve, reject) =>
      canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error("no picture was painted")))),
    );
  } finally {
    URL.revokeObjectURL(address);
  }
}

const [PAUSE_MS, SAME_PAINTS, MAX_PAINTS] = [80, 4, 60];

/**
 * Waits until a drawing's own fonts are there: a browser takes them up once it is painted, leaves their letters out till
 * then, and tells nobody. They are there once nothing changes any more.
 */
async function fontsOf(image: HTMLImageElement, width: number, height: number): Promise<void> {
  let before = "";
  for (let same = 0, paints = 0; same < SAME_PAINTS && paints < MAX_PAINTS; paints++) {
    const now = paint(image, width, height, 1).toDataURL();
    same = now === before ? same + 1 : 0;
    before = now;
    await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
  }
}

function paint(
  image: HTMLImageElement,
  width: number,
  height: number,
  wanted: number,
): HTMLCanvasElement {
  const scale = Math.min(wanted, MAX_PX / Math.max(width, height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(width * scale);
  canvas.height = Math.round(height * scale);
  canvas.getContext("2d")?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return canvas;
}
