import { Refused, TooLarge } from "./wordedError";

/** Throws `TooLarge` where the sender announces more than is read. */
export function checkAnnounced(request: Request, maxBytes: number): void {
  if (Number(request.headers.get("content-length") ?? "0") > maxBytes) throw tooLarge(maxBytes);
}

/** Throws `Refused` where another number of bytes arrived than the sender announced. */
export function checkWhole(request: Request, length: number): void {
  const announced = request.headers.get("content-length");
  if (announced !== null && length !== Number(announced)) {
    throw new Refused("input", `Only ${length} of ${announced} bytes arrived. Send it again.`);
  }
}

const [KILOBYTE, MEGABYTE] = [1000, 1_000_000];

export function tooLarge(maxBytes: number): TooLarge {
  const max =
    maxBytes < MEGABYTE
      ? `${Math.floor(maxBytes / KILOBYTE)} kB`
      : `${Math.floor(maxBytes / MEGABYTE)} MB`;
  return new TooLarge(
    "input",
    `That is larger than ${max}, the most that is read. Nothing was changed.`,
  );
}
