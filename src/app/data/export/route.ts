import { exportText } from "@/server/backup";
import { served } from "@/server/database";
import { answerFile } from "@/server/edge";

/** Everything of the player as JSON, for any other program. */
export function GET(): Promise<Response> {
  return answerFile(() => {
    const now = new Date();
    const body = exportText(served().connection, now);
    return {
      body,
      bytes: Buffer.byteLength(body),
      name: `tenon-${now.toISOString().slice(0, 10)}.json`,
      type: "application/json",
    };
  });
}
