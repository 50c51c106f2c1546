import { failure } from "@/core/result";

const UNAVAILABLE = 503;

/** Something to be saved as a file. */
interface FileAnswer {
  readonly body: BodyInit;
  readonly bytes: number;
  readonly name: string;
  readonly type: string;
}

/** Answers with a file to save, or says that it could not be made. */
export async function answerFile(make: () => FileAnswer): Promise<Response> {
  try {
    const { body, bytes, name, type } = make();
    return new Response(body, {
      headers: {
        "Content-Type": type,
        "Content-Length": String(bytes),
        "Content-Disposition": `attachment; filename="${name}"`,
        "Cache-Control": "no-store",
      },
    });
  } catch (error) {
    console.error(error);
    const problem = failure(
      "file",
      "The file could not be made; the window where Tenon runs says why.",
    );
    return Response.json(problem, { status: UNAVAILABLE });
  }
}
