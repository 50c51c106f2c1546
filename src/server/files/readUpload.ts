import { type Schema } from "yup";
import { failure, success, type Result } from "@/core/result";
import { songOf } from "@/formats/convert";
import { type ReadKind } from "@/formats/fileKinds";
import { decodeText, readFile, type ReadFile } from "@/formats/files";
import { playedBars, playedScoreChords, type FormatProblem } from "@/formats/score";
import { KEEPERS } from "@/server/changes";
import { Refused, validate } from "@/server/edge";
import { renameFields, type KeptGuitar } from "@/state";
import { type FilePreview, type PreviewLine } from "@/wire";

const MAX_PROBLEMS = 200;
const MAX_LINES = 400;
const TEXT_KINDS: readonly ReadKind[] = ["chordpro", "bars", "tab"];

/** Looks at a file that the player brings in. */
export function readUpload(bytes: Uint8Array): Result<FilePreview> {
  const own = readOwn(bytes);
  if (own) return own;
  const elsewhere = elsewhereOf(bytes);
  if (elsewhere !== null) return failure("file", elsewhere);
  const read = readFile(bytes);
  if (!read.ok) return failure("file", capital(read.problem.message));
  const file = read.value;
  if (file.kind === "tunings") {
    return success({ kind: "tunings", tunings: file.tunings, ...shortened(file.problems) });
  }
  const { song, problems } = songOf(file);
  const bars = playedBars(file.score);
  const chords = playedScoreChords(bars);
  return success({
    kind: "song",
    from: file.from,
    song,
    capo: file.score.capo,
    bars: bars.length,
    chords: chords.length,
    grips: chords.filter(({ fretting }) => fretting !== null).length,
    tempoBpm: file.score.tempoBpm,
    lines: TEXT_KINDS.includes(file.from) ? linesOf(decodeText(bytes), file) : [],
    ...shortened([...file.problems, ...problems]),
  });
}

/** Where else a file is brought in; null where it is here. */
function elsewhereOf(bytes: Uint8Array): string | null {
  const head = decodeText(bytes.subarray(0, 400));
  if (head.startsWith("PK") && head.includes("tenon.")) {
    return "This is a backup of everything: restore it under Rig, Data.";
  }
  const [first = ""] = head.toLowerCase().split(/\r\n|\n|\r/);
  const isLog = /\bwhen\b/.test(first) && /\bdrill\b/.test(first);
  return isLog ? "This is a log of practice: bring it in under Practice, Log." : null;
}

/** One guitar or comparison that Tenon wrote; null for anything else. */
function readOwn(bytes: Uint8Array): Result<FilePreview> | null {
  const head = decodeText(bytes.subarray(0, 4000)).trimStart();
  if (!/^\{\s*"/.test(head)) return null;
  let value: {
    readonly guitar?: unknown;
    readonly comparison?: unknown;
    readonly version?: unknown;
  };
  try {
    // An earlier Tenon may have written it.
    value = renameFields(JSON.parse(decodeText(bytes))) as typeof value;
  } catch {
    return null;
  }
  const none = { problems: [], furtherProblems: 0 };
  try {
    if (value.guitar !== undefined) {
      const schema = KEEPERS.guitar.schema as Schema<KeptGuitar>;
      return success({ kind: "guitar", guitar: validate(schema, value.guitar), ...none });
    }
    if (value.comparison !== undefined) {
      const schema = KEEPERS.comparison.schema;
      return success({ kind: "comparison", ...validate(schema, value.comparison), ...none });
    }
  } catch (error) {
    if (error instanceof Refused) {
      return failure("file", capital(`${error.field}: ${error.message}`));
    }
    throw error;
  }
  return null;
}

function linesOf(
  text: string,
  { score, problems }: Extract<ReadFile, { readonly kind: "song" }>,
): readonly PreviewLine[] {
  const words = new Set(
    score.kept.filter(({ kind }) => kind !== "directive").map(({ line }) => line),
  );
  const wrong = new Map(problems.map(({ line, message }) => [line, message]));
  return text
    .split(/\r\n|\n|\r|\u2028|\u2029/)
    .slice(0, MAX_LINES)
    .map((each, index) => {
      const message = wrong.get(index + 1) ?? null;
      const state =
        message !== null
          ? "problem"
          : each.trim() === ""
            ? "blank"
            : words.has(index + 1)
              ? "words"
              : "music";
      return { text: each.slice(0, 500), state, message };
    });
}

function shortened(problems: readonly FormatProblem[]) {
  return {
    problems: problems.slice(0, MAX_PROBLEMS),
    furtherProblems: Math.max(0, problems.length - MAX_PROBLEMS),
  };
}

function capital(text: string): string {
  return `${text.slice(0, 1).toUpperCase()}${text.slice(1)}${/[.!?]$/.test(text) ? "" : "."}`;
}
