import { answer, streamedFile } from "@/server/edge";
import { makeFile } from "@/server/saving";

/** Everything of the player as JSON, for any other program. */
export function GET({ signal }: Request): Promise<Response> {
  return answer(async () => {
    const made = await makeFile("json", { signal });
    return streamedFile(made, made.clear);
  });
}
