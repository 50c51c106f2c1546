import { EXTENSION_OF } from "@/formats/fileKinds";
import { answer, fileResponse, readJsonBody, Refused } from "@/server/edge";
import { writeSchema } from "@/server/files";
import { runJob } from "@/server/jobs";

/** A chart of the longest kind, and the grips of as many chords as are planned. */
const MAX_BYTES = 4 * 1024 * 1024;
/** So much of what a format cannot say is told. */
const MAX_TOLD = 3;

/** Writes a song in another format. */
export function POST(request: Request): Promise<Response> {
  return answer(async () => {
    const song = await readJsonBody(request, writeSchema, MAX_BYTES);
    const written = await runJob("writeSong", song, { signal: request.signal });
    if (!written.ok) throw new Refused(written.problem.field, written.problem.message);
    const { content, problems } = written.value;
    return fileResponse({
      body: content as string | Uint8Array<ArrayBuffer>,
      name: `song.${EXTENSION_OF[song.kind]}`,
      type: "application/octet-stream",
      left: problems.slice(0, MAX_TOLD).map(({ message }) => message),
    });
  });
}
