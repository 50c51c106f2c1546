import { readFile } from "@/formats/files";
import { playedBars, type Score } from "@/formats/score";

/** The song of a text or bytes, of the kind that its content shows. */
export function scoreOf(content: string | Uint8Array): Score {
  const read = readFile(content);
  if (!read.ok) throw new Error(read.problem.message);
  if (read.value.kind !== "song") throw new Error("tunings");
  return read.value.score;
}
/** What is told of a text or bytes, by line. */
export const problemsOf = (content: string | Uint8Array) => {
  const read = readFile(content);
  return read.ok ? read.value.problems.map(({ line, message }) => `${line}: ${message}`) : [];
};
/** Why a text or bytes are refused; empty where they are not. */
export const why = (content: string | Uint8Array) => {
  const read = readFile(content);
  return read.ok ? "" : read.problem.message;
};
/** The chords of each bar as played, with their grips. */
export const chordsByBar = (score: Score) =>
  playedBars(score).map((bar) =>
    bar.chords.map(({ name, startBeat, beats, fretting }) => [
      name,
      startBeat,
      beats,
      fretting?.map((fret) => fret ?? "x").join(" ") ?? null,
    ]),
  );
/** The notes as played: bar, beat, string and fret. */
export const notesAsPlayed = (score: Score) =>
  playedBars(score).flatMap((bar, index) =>
    bar.notes.map(
      ({ startBeat, string, fret, mark }) =>
        `${index + 1}/${startBeat} ${string}:${fret} ${mark ?? ""}`,
    ),
  );
