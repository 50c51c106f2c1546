import { EXTENSION_OF } from "@/formats/fileKinds";
import { answerWritten, Refused } from "@/server/edge";
import { writeSchema, writeSong } from "@/server/files";

/** A chart of the longest kind, and the grips of as many chords as are planned. */
const MAX_BYTES = 4 * 1024 * 1024;
/** So much of what a format cannot say is told. */
const MAX_TOLD = 3;

/** Writes a song in another format. */
export function POST(request: Request): Promise<Response> {
  return answerWritten(request, MAX_BYTES, writeSchema, (question) => {
    const written = writeSong(question);
    if (!written.ok) throw new Refused(written.problem.field, written.problem.message);
    const { content, problems } = written.value;
    const told = problems.slice(0, MAX_TOLD).map(({ message }) => message);
    return { content, name: `song.${EXTENSION_OF[question.kind]}`, told };
  });
}
