import { type RecordLine } from "./record";

const SHOWN_KINDS = 4;

/** What is missing from the data although it was acknowledged, in words. */
export function lostText(lost: readonly RecordLine[]): string {
  const times = lost.map(({ at }) => new Date(at).toLocaleString());
  const [first, last] = [times[0], times.at(-1)];
  const kinds = [...new Set(lost.map(({ what }) => what))];
  const shown = kinds.slice(0, SHOWN_KINDS).join(", ");
  const count = lost.length === 1 ? "One saved change is" : `${lost.length} saved changes are`;
  const when = first === last ? `of ${first}` : `from ${first} to ${last}`;
  return `${count} missing from the data, ${when} (${shown}${kinds.length > SHOWN_KINDS ? "…" : ""}): the end of tenon.sqlite-wal is gone, or an earlier copy was put back. Everything before is here.`;
}
