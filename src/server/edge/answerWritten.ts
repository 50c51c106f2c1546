import { type Schema } from "yup";
import { failure } from "@/core/result";
import { readBytes } from "./answerBytes";
import { parseJson } from "./answerPost";
import { Refused } from "./refused";
import { validate } from "./validate";

const [BAD_REQUEST, TOO_LARGE, FAULT] = [400, 413, 500];

/** A file that was written on demand, and what of the question it cannot hold. */
interface WrittenFile {
  readonly content: string | Uint8Array;
  readonly name: string;
  readonly told: readonly string[];
}

/** Reads a JSON question, writes a file, and answers with it; what is lost on the way stands in a header. */
export async function answerWritten<T>(
  request: Request,
  maxBytes: number,
  schema: Schema<T>,
  write: (question: T) => WrittenFile,
): Promise<Response> {
  try {
    const bytes = await readBytes(request, maxBytes);
    if (!bytes) return refuse(TOO_LARGE, "input", "too large");
    const { content, name, told } = write(
      validate(schema, parseJson(new TextDecoder().decode(bytes))),
    );
    return new Response(content as BodyInit, {
      headers: {
        "Content-Type": "application/octet-stream",
        "Content-Disposition": `attachment; filename="${name}"`,
        "Cache-Control": "no-store",
        "Tenon-Problems": encodeURIComponent(JSON.stringify(told)),
      },
    });
  } catch (error) {
    if (error instanceof Refused) return refuse(BAD_REQUEST, error.field, error.message);
    console.error(error);
    return refuse(FAULT, "fault", "That could not be done; the window where Tenon runs says why.");
  }
}

function refuse(status: number, field: string, message: string): Response {
  return Response.json(failure(field, message), { status });
}
