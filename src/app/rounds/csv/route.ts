import { success } from "@/core/result";
import { readRoundsCsv, roundsCsv } from "@/formats/csv";
import { importRounds } from "@/server/changes";
import { served, write } from "@/server/database";
import { answer, fileResponse, readTextBody } from "@/server/edge";
import { guitarKeeper } from "@/server/tables";
import { listKept } from "@/server/keeper";
import { roundKeeper } from "@/server/practice";

/** Room for a log of many years. */
const MAX_BYTES = 40_000_000;

/** The whole log, as comma-separated values. */
export function GET(): Promise<Response> {
  return answer(() => {
    const rounds = listKept(served().connection, roundKeeper)
      .map(({ value }) => value)
      .sort((a, b) => a.atMs - b.atMs);
    const body = roundsCsv(rounds);
    return fileResponse({
      body,
      bytes: Buffer.byteLength(body),
      name: `practice-${new Date().toISOString().slice(0, 10)}.csv`,
      type: "text/csv; charset=utf-8",
    });
  });
}

/** Reads a log; with ?keep=1 what was understood is added to the player's. */
export function POST(request: Request): Promise<Response> {
  return answer(async () => {
    const text = await readTextBody(request, MAX_BYTES);
    const { connection } = served();
    const guitars = new Set(listKept(connection, guitarKeeper).map(({ id }) => id));
    const { rounds, problems, refused } = readRoundsCsv(text, (id) => guitars.has(id));
    const isKept = new URL(request.url).searchParams.get("keep") === "1";
    const imported =
      isKept && rounds.length > 0
        ? await write((open) => importRounds(open, rounds, Date.now()))
        : null;
    return Response.json(success({ found: rounds.length, problems, refused, imported }));
  });
}
