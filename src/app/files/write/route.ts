import { failure } from "@/core/result";
import { EXTENSION_OF } from "@/formats/fileKinds";
import { parseJson, readBytes, Refused, validate } from "@/server/edge";
import { writeSchema, writeSong } from "@/server/files";

/** A chart of the longest kind, and the grips of as many chords as are planned. */
const MOST_BYTES = 4 * 1024 * 1024;
const [BAD_REQUEST, TOO_LARGE, FAULT] = [400, 413, 500];
/** So much of what a format cannot say is told. */
const MOST_TOLD = 3;

/** Writes a song in another format; what is lost on the way stands in a header. */
export async function POST(request: Request): Promise<Response> {
  try {
    const bytes = await readBytes(request, MOST_BYTES);
    if (!bytes) return refuse(TOO_LARGE, "input", "too large");
    const question = validate(writeSchema, parseJson(new TextDecoder().decode(bytes)));
    const written = writeSong(question);
    if (!written.ok) return refuse(BAD_REQUEST, written.problem.field, written.problem.message);
    const { content, problems } = written.value;
    const told = problems.slice(0, MOST_TOLD).map(({ message }) => message);
    return new Response(content as BodyInit, {
      headers: {
        "Content-Type": "application/octet-stream",
        "Content-Disposition": `attachment; filename="song.${EXTENSION_OF[question.kind]}"`,
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
