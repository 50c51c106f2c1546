import { slurOfMark, type ChartNote } from "../chart";
import { strikesOf, type Strike, type StruckSpan } from "./strikes";
import { PLAIN_TEXTURE, readTexture } from "./texture";

/** The strike of notes struck together. Its touch follows their texture or their mark. */
export function noteStrike(notes: readonly ChartNote[], span: StruckSpan): readonly Strike[] {
  const said = notes.find(({ texture }) => texture !== null)?.texture ?? null;
  const read = said === null ? null : readTexture(said);
  const texture = read?.ok ? read.value : PLAIN_TEXTURE;
  const isDead = notes.every(({ mark }) => mark === "x");
  const isMuted = notes.some(({ mark }) => mark === "m");
  const isSlurred = notes.every(({ mark }) => slurOfMark(mark) !== null);
  return strikesOf({ ...texture, motion: "once", pattern: null }, span).map((strike) => ({
    ...strike,
    touch: isDead ? "choked" : isMuted ? "muted" : strike.touch,
    ...(isSlurred && { isSlurred }),
  }));
}
