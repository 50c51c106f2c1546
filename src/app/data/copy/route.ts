import { answer, streamedFile } from "@/server/edge";
import { makeFile } from "@/server/saving";

/** A whole copy of the data, made while they may be in use. */
export function GET({ signal }: Request): Promise<Response> {
  return answer(async () => {
    const made = await makeFile("copy", { signal });
    return streamedFile(made, made.clear);
  });
}
