import { DRILL_KINDS } from "@/core/drill";
import { type LogFilter } from "@/state";

const DAY = /^\d{4}-\d\d-\d\d$/;
const LONGEST_KEY = 200;

/** Which part of the log an address asks for; what makes no sense in it is left out. */
export function readLogFilter(query: URLSearchParams): LogFilter {
  const day = (name: string) => {
    const text = query.get(name) ?? "";
    return DAY.test(text) && !Number.isNaN(Date.parse(text)) ? text : null;
  };
  const drill = query.get("drill");
  const song = Number(query.get("song") ?? "0");
  return {
    from: day("from"),
    to: day("to"),
    kind: DRILL_KINDS.find((kind) => kind === query.get("kind")) ?? null,
    drill: drill !== null && drill !== "" && drill.length <= LONGEST_KEY ? drill : null,
    songId: Number.isSafeInteger(song) && song > 0 ? song : null,
  };
}

/** Only what is chosen stands in the address. */
export function writeLogFilter({ from, to, kind, drill, songId }: LogFilter): URLSearchParams {
  const parts = { from, to, kind, drill, song: songId === null ? null : String(songId) };
  const chosen = Object.entries(parts).flatMap(([name, value]) =>
    value === null ? [] : [[name, value]],
  );
  return new URLSearchParams(chosen);
}
