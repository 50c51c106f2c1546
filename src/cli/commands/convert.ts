import { number, object, string } from "yup";
import { toHand, toTuning, tuningArgument, type TuningArgument } from "@/cli/arguments";
import { defineCommand } from "@/cli/command";
import { readWhole, writeWhole } from "@/cli/files";
import { planForArguments, routeSchema, type RouteArguments } from "@/cli/planForArguments";
import { problemText } from "@/cli/text";
import { failure, success, type Result } from "@/core/result";
import {
  alongRoute,
  routeRequestOf,
  asItStands,
  needsGrips,
  retuned,
  tuningsKind,
  usualTuning,
  writeAs,
  type GrippedScore,
  type Written,
} from "@/formats/convert";
import { tuningsCsv } from "@/formats/csv";
import {
  BINARY_KINDS,
  EXTENSIONS,
  FILE_KINDS,
  kindOfName,
  READ_KINDS,
  type FileKind,
  type ReadKind,
} from "@/formats/fileKinds";
import { detectKind, MAX_BYTES, readFile, type ReadFile } from "@/formats/files";
import { tuningsJson } from "@/formats/songJson";
import { routeFacts, type RouteFacts } from "@/formats/routeFacts";
import { type FormatProblem } from "@/formats/score";
import { songSheet } from "@/formats/sheet";
import { PAPERS, SHEETS } from "@/formats/paper";
import { NARROWEST, WIDEST } from "@/formats/tab";
import { readInstalledFonts } from "@/cli/fonts";

const MAX_PROBLEMS = 200;

export const convertCommand = defineCommand({
  name: "convert",
  summary: "a song in another format: --input song.cho --out song.musicxml --tuning 'drop D'",
  schema: object({
    input: string().required("input: write a path, or the text of a song"),
    from: string().oneOf(READ_KINDS),
    to: string().oneOf(FILE_KINDS),
    out: string().min(1),
    tuning: tuningArgument.optional(),
    route: routeSchema.shape({ tuning: tuningArgument.optional() }).default(undefined),
    width: number().integer().min(NARROWEST).max(WIDEST),
    sheet: string().oneOf(SHEETS),
    paper: string().oneOf(PAPERS),
  }).noUnknown(),
  run: (args) => {
    const to = toKind(args);
    if (!to.ok) return to;
    const content = contentOf(args.input);
    if (!content.ok) return content;
    const read = readFile(content.value, args.from ?? sheetByName(args.input, content.value));
    if (!read.ok) return read;
    const file = read.value;
    const isUntouched = args.tuning === undefined && args.route === undefined;
    if (to.value === "chordpro" && file.from === "chordpro" && isUntouched) {
      // The very bytes, whatever they are encoded in.
      const whole = { content: content.value, problems: [] };
      return finish(whole, file.problems, args.out, file);
    }
    const written =
      file.kind === "tunings" ? writeTunings(file, to.value) : writeSong(file, to.value, args);
    return written.ok ? finish(written.value, file.problems, args.out, file) : written;
  },
  print: (answer) =>
    [
      "text" in answer ? answer.text.trimEnd() : `${answer.path}: ${answer.bytes} bytes`,
      ...answer.problems.map(problemText),
    ].join("\n"),
});

interface ConvertArguments {
  readonly to?: FileKind | undefined;
  readonly out?: string | undefined;
  readonly tuning?: unknown;
  readonly route?: unknown;
  readonly width?: number | undefined;
  readonly sheet?: (typeof SHEETS)[number] | undefined;
  readonly paper?: (typeof PAPERS)[number] | undefined;
}

function toKind({ to, out }: ConvertArguments): Result<FileKind> {
  const kind = to ?? (out === undefined ? null : kindOfName(out));
  if (kind === null) {
    const right = FILE_KINDS.join(", ");
    return failure("to", `say what it becomes: ${right}; or give out a name that ends so`);
  }
  if (out === undefined && BINARY_KINDS.includes(kind)) {
    return failure("out", `${kind} is no text; say the file to write it to`);
  }
  return success(kind);
}

/** A path where it looks like one, as the command line's contract says; else a text. */
function contentOf(input: string): Result<Uint8Array | string> {
  const isLine = !/[\r\n]/.test(input);
  const isNamed = EXTENSIONS.some((extension) => input.toLowerCase().endsWith(`.${extension}`));
  if (!isLine || !(input.startsWith("/") || input.startsWith("./") || isNamed)) {
    return success(input);
  }
  return readWhole(input, MAX_BYTES, "input");
}

/** A chart in a file that is called a chord sheet is one, whether or not anything in it says so. */
function sheetByName(input: string, content: Uint8Array | string): ReadKind | undefined {
  const isPath = typeof content !== "string";
  const isSheet = isPath && kindOfName(input) === "chordpro" && detectKind(content) === "bars";
  return isSheet ? "chordpro" : undefined;
}

function writeTunings(
  file: Extract<ReadFile, { readonly kind: "tunings" }>,
  to: FileKind,
): Result<Written> {
  const kind = tuningsKind(to);
  if (!kind.ok) return kind;
  const { tunings } = file;
  const content =
    kind.value === "csv" ? tuningsCsv(tunings) : `${JSON.stringify(tuningsJson(tunings))}\n`;
  return success({ content, problems: [] });
}

/** Grips are for these, whether they are asked for or not. */
const WITH_GRIPS: readonly FileKind[] = ["tab", "musicxml", "mxl", "midi", "csv", "svg", "pdf"];

function writeSong(
  file: Extract<ReadFile, { readonly kind: "song" }>,
  to: FileKind,
  args: ConvertArguments,
): Result<Written> {
  const planned = gripsFor(file, to, args);
  if (!planned.ok) return planned;
  const { score, route, problems } = planned.value;
  const { width, sheet = "song", paper = "a4" } = args;
  const isOwnSheet = file.from === "chordpro" && to === "chordpro";
  const written =
    to === "svg" || to === "pdf"
      ? songSheet({ kind: to, sheet, paper, score, route, fonts: readInstalledFonts })
      : writeAs(to, score, { width, sheet: isOwnSheet ? file.text : null });
  if (!written.ok) return written;
  return success({ ...written.value, problems: [...problems, ...written.value.problems] });
}

interface Gripped {
  readonly score: GrippedScore;
  /** Null where nothing had to be planned. */
  readonly route: RouteFacts | null;
  readonly problems: readonly FormatProblem[];
}

function gripsFor(
  file: Extract<ReadFile, { readonly kind: "song" }>,
  to: FileKind,
  args: ConvertArguments,
): Result<Gripped> {
  const route = args.route as (Partial<RouteArguments> & { tuning?: unknown }) | undefined;
  const isAsked = args.tuning !== undefined || route !== undefined;
  if (!isAsked && !WITH_GRIPS.includes(to)) {
    return success({ score: asItStands(file.score), route: null, problems: [] });
  }
  const requested = args.tuning ?? route?.tuning;
  const given =
    requested === undefined
      ? success(file.score.tuning ?? usualTuning())
      : toTuning(
          requested as TuningArgument,
          args.tuning === undefined ? "route.tuning" : "tuning",
        );
  if (!given.ok) return given;
  const capo = route?.guitar?.capo ?? file.score.capo;
  // Frets without a tuning are meant for the one that is given now.
  const before =
    file.isTuningGuessed && file.score.tuning?.midi.length === given.value.midi.length
      ? given.value
      : file.score.tuning;
  const score = { ...retuned({ ...file.score, tuning: before }, given.value), capo };
  const isMoved = before !== null && before.midi.join() !== given.value.midi.join();
  const problems: FormatProblem[] = isMoved
    ? [
        {
          line: null,
          column: null,
          message: `its frets are for ${before.name}; the grips are planned anew in ${given.value.name}`,
        },
      ]
    : [];
  const isDrawn = to === "svg" || to === "pdf";
  if (route === undefined && !isDrawn && to !== "csv" && !needsGrips(score)) {
    return success({ score: asItStands(score), route: null, problems });
  }
  const wanted = routeRequestOf(score, toHand(route?.hand));
  if (wanted.names.length === 0 && wanted.riff.length === 0)
    return success({ score: asItStands(score), route: null, problems });
  const { pins, names, riff, time } = wanted;
  const own = pins.filter(({ index }) => !route?.pins?.some((pin) => pin.index === index));
  const planned = planForArguments(
    {
      ...route,
      chords: names,
      chart: undefined,
      tuning: given.value.midi,
      guitar: { ...route?.guitar, capo },
      pins: [...own, ...(route?.pins ?? [])],
    } as RouteArguments,
    { time, riff },
  );
  if (!planned.ok) {
    const { field, message } = planned.problem;
    const isOfRoute =
      route !== undefined && /^(?:limits|pins|forbidden|weights|minNotes)/.test(field);
    return failure(isOfRoute ? `route.${field}` : field, message);
  }
  const [first] = planned.value.routes;
  if (!first) return failure("route", "there is no route through these chords");
  const facts = routeFacts(first);
  return success({ score: alongRoute(score, facts), route: facts, problems });
}

type Answer = { readonly problems: readonly FormatProblem[] } & (
  { readonly text: string } | { readonly path: string; readonly bytes: number }
);

function finish(
  { content, problems }: Written,
  read: readonly FormatProblem[],
  out: string | undefined,
  file: ReadFile,
): Result<Answer> {
  const all = shortened([...read, ...problems]);
  if (out === undefined) {
    const text = typeof content === "string" ? content : file.kind === "song" ? file.text : null;
    return success({ text: text ?? Buffer.from(content).toString("utf8"), problems: all });
  }
  const bytes = typeof content === "string" ? Buffer.from(content, "utf8") : content;
  const written = writeWhole(out, bytes);
  return written.ok ? success({ ...written.value, problems: all }) : written;
}

/** The first two hundred, then how many more there are. */
function shortened(problems: readonly FormatProblem[]): readonly FormatProblem[] {
  if (problems.length <= MAX_PROBLEMS) return problems;
  const message = `and ${problems.length - MAX_PROBLEMS} more`;
  return [...problems.slice(0, MAX_PROBLEMS), { line: null, column: null, message }];
}
