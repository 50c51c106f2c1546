import { answer, fileResponse } from "@/server/edge";
import { runJob } from "@/server/jobs";

/** What this Tenon cannot read, as it was saved, for another version or somebody who can mend it. */
export function GET(): Promise<Response> {
  return answer(async () => {
    const body = JSON.stringify(await runJob("readUnreadable", null), null, 2);
    return fileResponse({
      body,
      bytes: Buffer.byteLength(body),
      name: "tenon-unreadable.json",
      type: "application/json",
    });
  });
}
