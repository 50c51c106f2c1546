/** Px of a PNG for each px of the drawing, so that it prints sharp. */
const PNG_SCALE = 3;
/** The longest side of a picture that every browser paints. */
const MOST_PX = 16_000;

interface Size {
  readonly width: number;
  readonly height: number;
}

/** Paints a drawing as PNG. Its size in px is its own, if none is given. Throws where the browser cannot paint it. */
export async function paintSvg(svg: Blob, size?: Size): Promise<Blob> {
  const address = URL.createObjectURL(svg);
  try {
    const image = new Image();
    image.src = address;
    await image.decode();
    const { width, height } = size ?? { width: image.naturalWidth, height: image.naturalHeight };
    const scale = Math.min(PNG_SCALE, MOST_PX / Math.max(width, height));
    const canvas = document.createElement("canvas");
    canvas.width = Math.round(width * scale);
    canvas.height = Math.round(height * scale);
    canvas.getContext("2d")?.drawImage(image, 0, 0, canvas.width, canvas.height);
    return await new Promise((resolve, reject) =>
      canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error("no picture was painted")))),
    );
  } finally {
    URL.revokeObjectURL(address);
  }
}
