import { type Schema } from "yup";
import { joinBytes } from "@/formats/joinBytes";
import { checkAnnounced, checkWhole, tooLarge } from "./bodyLength";
import { validate } from "./validate";
import { Refused } from "./wordedError";

const SMALL_BYTES = 10_000;

/** A body of JSON that fits the schema. Throws `TooLarge` or `Refused`. */
export async function readJsonBody<T>(
  request: Request,
  schema: Schema<T>,
  maxBytes = SMALL_BYTES,
): Promise<T> {
  return validate(schema, parseJson(await readTextBody(request, maxBytes)));
}

/** A body of UTF-8 text. Throws `TooLarge` or `Refused`. */
export async function readTextBody(request: Request, maxBytes: number): Promise<string> {
  return new TextDecoder().decode(await readBytes(request, maxBytes));
}

/**
 * The whole body. No more than `maxBytes` is held in memory. Throws `TooLarge`, or `Refused` where fewer bytes arrived
 * than the sender announced.
 */
export async function readBytes(request: Request, maxBytes: number): Promise<Uint8Array> {
  checkAnnounced(request, maxBytes);
  const chunks: Uint8Array[] = [];
  let length = 0;
  const reader = request.body?.getReader();
  for (let read = await reader?.read(); read?.value; read = await reader?.read()) {
    length += read.value.length;
    if (length > maxBytes) throw tooLarge(maxBytes);
    chunks.push(read.value);
  }
  checkWhole(request, length);
  return joinBytes(chunks);
}

export function parseJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    throw new Refused("input", "not JSON");
  }
}
