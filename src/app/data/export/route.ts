import { exportText } from "@/server/backup";
import { served } from "@/server/database";
import { answer, fileResponse } from "@/server/edge";

/** Everything of the player as JSON, for any other program. */
export function GET(): Promise<Response> {
  return answer(() => {
    const now = new Date();
    const body = exportText(served().connection, now);
    return fileResponse({
      body,
      bytes: Buffer.byteLength(body),
      name: `tenon-${now.toISOString().slice(0, 10)}.json`,
      type: "application/json",
    });
  });
}
