import { success } from "@/core/result";
import { answer, NotFound, wholeNumber } from "@/server/edge";
import { readSong } from "@/server/page";

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** One song, whole; lists carry only the names. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return answer(async () => {
    const { id } = await params;
    const song = readSong(wholeNumber(id));
    if (!song) throw new NotFound("id", "There is no such song any more.");
    return Response.json(success(song));
  });
}
