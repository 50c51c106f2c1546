import { served } from "@/server/database";
import { answer, fileResponse } from "@/server/edge";
import { readUnreadable } from "@/server/page";

/** What this Tenon cannot read, as it was saved, for another version or somebody who can mend it. */
export function GET(): Promise<Response> {
  return answer(() => {
    const body = JSON.stringify(readUnreadable(served().connection), null, 2);
    return fileResponse({
      body,
      bytes: Buffer.byteLength(body),
      name: "tenon-unreadable.json",
      type: "application/json",
    });
  });
}
