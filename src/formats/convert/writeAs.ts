import { failure, success, type Result } from "@/core/result";
import { nameTuning, samePitches, usualMidi, type Tuning } from "@/core/tuning";
import { CHORDPRO, gripsIntoSheet, writeChart } from "@/formats/chartText";
import { songCsv } from "@/formats/csv";
import { type FileKind } from "@/formats/fileKinds";
import { songJson } from "@/formats/songJson";
import { writeMidi } from "@/formats/midi";
import { writeMusicXml, writeMxl } from "@/formats/musicxml";
import { type FormatProblem, type Score } from "@/formats/score";
import { writeTab } from "@/formats/tab";

/** A song with its grips, in the two ways in which formats want it. */
export interface GrippedScore {
  /** As it is written, sections and repeats once, each with the grips of its first time. */
  readonly once: Score;
  /** As it is played, repeats written out, every chord with its own grip. */
  readonly played: Score;
  /** The effort of each chord as played, in points; null where it has no grip. */
  readonly efforts: readonly (number | null)[];
}

/** What was written. */
export interface Written {
  readonly content: string | Uint8Array;
  readonly problems: readonly FormatProblem[];
}

interface WriteOptions {
  /** Characters in a line of tablature. */
  readonly width?: number | undefined;
  /** The sheet that the song was read from, if it was one: its own lines are kept. */
  readonly sheet?: string | null | undefined;
}

/** Writes a song in any format but drawn ones. */
export function writeAs(
  kind: Exclude<FileKind, "svg" | "pdf">,
  gripped: GrippedScore,
  options: WriteOptions = {},
): Result<Written> {
  const written = writeKind(kind, gripped, options);
  if (!written.ok) return written;
  // Charts and Tenon's own files name each section's tuning.
  if (kind === "bars" || kind === "json") return written;
  const problems = [...written.value.problems, ...otherTunings(gripped.once)];
  return success({ ...written.value, problems });
}

function writeKind(
  kind: Exclude<FileKind, "svg" | "pdf">,
  { once, played, efforts }: GrippedScore,
  { width, sheet }: WriteOptions,
): Result<Written> {
  const tuning = once.tuning ?? usualTuning();
  switch (kind) {
    case "chordpro":
      return text(
        sheet === null || sheet === undefined
          ? writeChart(once, CHORDPRO)
          : gripsIntoSheet(sheet, once, tuning),
      );
    case "bars":
      return text(writeChart(once));
    case "tab": {
      const written = writeTab(played, tuning, width);
      return text({ ...written, problems: [...written.problems, ...lost(once)] });
    }
    case "musicxml":
      return success({ content: writeMusicXml(played, tuning), problems: lost(once) });
    case "mxl":
      return success({ content: writeMxl(writeMusicXml(played, tuning)), problems: lost(once) });
    case "midi":
      return success({ content: writeMidi(played, tuning), problems: lost(once) });
    case "csv":
      return success({ content: songCsv(played, efforts), problems: lost(once) });
    case "json":
      return success({ content: `${JSON.stringify(songJson(once))}\n`, problems: [] });
  }
}

/** What plays where nothing is said. */
export function usualTuning(): Tuning {
  return nameTuning(usualMidi(6));
}

function text({ text: content, problems }: { text: string; problems: readonly FormatProblem[] }) {
  return success({ content, problems });
}

/** The words, where a format has no place for them. */
function lost({ kept }: Score): readonly FormatProblem[] {
  const words = kept.filter(({ kind }) => kind === "lyric").length;
  if (words === 0) return [];
  const lines = words === 1 ? "a line of words is" : `${words} lines of words are`;
  return [{ line: null, column: null, message: `${lines} left out` }];
}

/** Sections in a tuning of their own: all grips and pitches are written for the score's tuning. */
function otherTunings({ sections, order, tuning }: Score): readonly FormatProblem[] {
  const { midi, name } = tuning ?? usualTuning();
  const played = new Set(order.map(([section]) => section));
  const others = sections.filter(
    (section, index) =>
      played.has(index) && section.tuning && !samePitches(section.tuning.midi, midi),
  );
  return others.map((section) => ({
    line: null,
    column: null,
    message: `${section.name} is in ${section.tuning?.name}; it is written for ${name}`,
  }));
}

/** Refuses what a list of tunings cannot be. */
export function tuningsKind(kind: FileKind): Result<"csv" | "json"> {
  return kind === "csv" || kind === "json"
    ? success(kind)
    : failure("to", `tunings are written as csv or json, not as ${kind}`);
}
