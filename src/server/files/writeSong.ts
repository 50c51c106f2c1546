import { array, mixed, number, object, string, tuple, type InferType } from "yup";
import { type Finger } from "@/core/hand";
import { HIGHEST_A4_HZ, LOWEST_A4_HZ } from "@/core/pitch";
import { failure, type Result } from "@/core/result";
import { MAX_STRINGS, MIN_STRINGS, nameTuning } from "@/core/tuning";
import { readSheet } from "@/formats/chartText";
import { alongRoute, retuned, writeAs, type Written } from "@/formats/convert";
import { FILE_KINDS } from "@/formats/fileKinds";
import { songSheet } from "@/formats/sheet";
import { PAPERS, SHEETS } from "@/formats/paper";
import { LONGEST_CHART, LONGEST_NAME } from "@/state";
import { readFonts } from "./fonts";

const MAX_CHORDS = 1024;
const fret = number().integer().min(0).max(36).nullable().defined();
const finger = mixed<Finger | 0>().oneOf([0, 1, 2, 3, 4, "T"]).required();
const ms = number().required();

/** What a page asks to be written: a song, the way it shows, and as what. */
export const writeSchema = object({
  kind: string().oneOf(FILE_KINDS).required(),
  sheet: string().oneOf(SHEETS).required(),
  paper: string().oneOf(PAPERS).required(),
  width: number().integer().min(20).max(1000).required(),
  name: string().max(LONGEST_NAME).defined(),
  chart: string().max(LONGEST_CHART).defined(),
  /** The bars of the chart's order that the route covers, up to but not including the second. */
  range: tuple([
    number().integer().min(0).required(),
    number().integer().min(0).required(),
  ]).default(undefined),
  tuningMidi: array(number().integer().required()).min(MIN_STRINGS).max(MAX_STRINGS).required(),
  capo: number().integer().min(0).max(24).required(),
  a4Hz: number().min(LOWEST_A4_HZ).max(HIGHEST_A4_HZ).required(),
  route: object({
    stops: array(
      object({
        fretting: array(fret).max(MAX_STRINGS).required(),
        fingers: array(finger).max(MAX_STRINGS).required(),
        effort: number().required(),
      })
        .nullable()
        .defined(),
    )
      .max(MAX_CHORDS)
      .required(),
    changes: array(
      object({
        neededMs: ms,
        availableMs: ms,
        slackMs: ms,
        cleanTempoBpm: number().nullable().defined(),
      })
        .nullable()
        .defined(),
    )
      .max(MAX_CHORDS)
      .required(),
    cleanTempoBpm: number().nullable().defined(),
  }).required(),
}).noUnknown();
export type WriteRequest = InferType<typeof writeSchema>;

/** Writes a song that a page shows, along the way that it shows. */
export function writeSong(request: WriteRequest): Result<Written> {
  const { kind, sheet, paper, width, name, chart, range, tuningMidi, capo, a4Hz, route } = request;
  const wrong = route.stops.some((stop) => stop && stop.fretting.length !== tuningMidi.length);
  if (wrong) return failure("route", "a grip has another number of strings than the tuning");
  const read = readSheet(chart).score;
  const tuning = nameTuning(tuningMidi);
  const order = range ? read.order.slice(...range) : read.order;
  const bare = retuned({ ...read, order, tuning: null }, tuning);
  const score = alongRoute({ ...bare, capo, names: "sound", title: read.title ?? name }, route);
  if (kind === "svg" || kind === "pdf") {
    return songSheet({ kind, sheet, paper, score, route, fonts: readFonts, a4Hz });
  }
  const isSheet = /^\s*\{\s*[a-z_]+/im.test(chart);
  return writeAs(kind, score, { width, sheet: kind === "chordpro" && isSheet ? chart : null });
}
