import { failure, type Result } from "@/core/result";
import { joinBytes } from "@/formats/bytes";
import { Refused } from "./refused";

const [BAD_REQUEST, TOO_LARGE, FAULT] = [400, 413, 500];

/** Reads a body of bytes up to a size, does the work, and answers with what came of it, or why nothing did. */
export async function answerBytes<T>(
  request: Request,
  maxBytes: number,
  work: (bytes: Uint8Array) => Result<T>,
): Promise<Response> {
  try {
    const bytes = await readBytes(request, maxBytes);
    if (!bytes) {
      const max = `${Math.round(maxBytes / 1024 / 1024)} MB`;
      const message = `A file may have ${max}; this one is larger. Nothing was read.`;
      return Response.json(failure("file", message), { status: TOO_LARGE });
    }
    return Response.json(work(bytes));
  } catch (error) {
    if (error instanceof Refused) {
      return Response.json(failure(error.field, error.message), { status: BAD_REQUEST });
    }
    console.error(error);
    const message = "That could not be done; the window where Tenon runs says why.";
    return Response.json(failure("fault", message), { status: FAULT });
  }
}

/** The body, or null where it is larger; no more of it is kept than may be. */
export async function readBytes(request: Request, maxBytes: number): Promise<Uint8Array | null> {
  const said = Number(request.headers.get("content-length") ?? "0");
  if (said > maxBytes) return null;
  const chunks: Uint8Array[] = [];
  let length = 0;
  const reader = request.body?.getReader();
  for (let read = await reader?.read(); read?.value; read = await reader?.read()) {
    length += read.value.length;
    if (length > maxBytes) return null;
    chunks.push(read.value);
  }
  return joinBytes(chunks);
}
