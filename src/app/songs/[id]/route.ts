import { failure, success } from "@/core/result";
import { readSong } from "@/server/page";

const NOT_FOUND = 404;

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** One song, whole; lists carry only the names. */
export async function GET(_: Request, { params }: Context): Promise<Response> {
  const { id } = await params;
  const song = readSong(Number(id));
  return song
    ? Response.json(success(song))
    : Response.json(failure("id", "There is no such song any more."), { status: NOT_FOUND });
}
