import { array, boolean, mixed, number, object, string, tuple, type InferType } from "yup";
import {
  frettingArgument,
  guitarArgument,
  handArgument,
  schoolArgument,
  toFretting,
  toHand,
  toNeck,
  tuningArgument,
  type FrettingArgument,
  type TuningArgument,
} from "./arguments";
import { chordArguments, toChords, toWeights, checkMinNotes } from "./chords";
import { riffChord, type Chord } from "@/core/chart";
import { NO_GRIP_LIMITS, type GripLimits } from "@/core/gripSearch";
import { type Finger } from "@/core/hand";
import { DEFAULT_LEVEL, LEVELS, TIMING } from "@/core/motion";
import { type Neck } from "@/core/neck";
import {
  GOALS,
  planRoutes,
  riffPlace,
  ROUTE_RECIPES,
  struckInQuarters,
  timeRoute,
  type RoutePin,
  type RouteTime,
  type TimedRoute,
} from "@/core/plan";
import { failure, success, type Result } from "@/core/result";
import {
  changeGaps,
  DEFAULT_TEMPO_BPM,
  playedChords,
  quartersPerBeat,
  readChart,
  type ChartNote,
} from "@/core/song";
import { MAX_STRINGS } from "@/core/tuning";

/** Without a chart every chord lasts a bar of four beats at this tempo, and every beat is struck. */
const TEMPO_BPM = 120;

const MAX_ROUTES = 100;
const MAX_DISTINCT_ROUTES = 8;
const MAX_STOPS = 1024;
const OPEN_WANTED = ["any", "wanted", "none"] as const;

const place = number().integer().min(0).required();
const notes = number().integer().min(1).max(MAX_STRINGS);

/** What `route` takes, and `convert` as the way to play what it converts. */
export const routeSchema = object({
  ...chordArguments,
  // One of the two says what is played.
  chords: chordArguments.chords.optional(),
  chart: string(),
  tuning: tuningArgument,
  guitar: guitarArgument,
  hand: handArgument,
  school: schoolArgument,
  level: string().oneOf(LEVELS),
  k: number().integer().min(1).max(MAX_ROUTES),
  goal: string().oneOf(GOALS),
  recipe: string().oneOf(ROUTE_RECIPES),
  distinct: boolean(),
  pins: array(
    object({
      index: place,
      fretting: frettingArgument,
      fingers: array(mixed<Finger | 0>().oneOf([0, 1, 2, 3, 4, "T"]).required()).default(undefined),
    }).noUnknown(),
  ).default(undefined),
  forbidden: array(object({ index: place, fretting: frettingArgument }).noUnknown()).default(
    undefined,
  ),
  limits: object({
    frets: tuple([place, place]).default(undefined),
    rootStrings: array(place).default(undefined),
    openStrings: string().oneOf(OPEN_WANTED),
    minNotes: notes,
    maxNotes: notes,
  })
    .noUnknown()
    .default(undefined),
}).noUnknown();
export type RouteArguments = InferType<typeof routeSchema>;

/** Routes, with what they were planned from. */
interface PlannedRoutes {
  readonly neck: Neck;
  readonly chords: readonly Chord[];
  readonly routes: readonly TimedRoute[];
  readonly constants: (typeof TIMING)[keyof typeof TIMING];
}

/**
 * Plans the routes that `route` asks for; `given` replaces the chart's timing and riffs, for chords that
 * come from a file.
 */
export function planForArguments(
  args: RouteArguments,
  given?: Omit<Song, "chords">,
): Result<PlannedRoutes> {
  if (args.distinct && (args.k ?? 1) > MAX_DISTINCT_ROUTES) {
    return failure("k", `${args.k}: distinct routes are 1 to ${MAX_DISTINCT_ROUTES}`);
  }
  const neck = toNeck({ tuning: args.tuning as TuningArgument, guitar: args.guitar });
  if (!neck.ok) return neck;
  const requested = args.limits ?? {};
  const song = given ? success({ ...given, chords: args.chords }) : toSong(args);
  if (!song.ok) return song;
  const said = { ...args, chords: song.value.chords };
  const { chords: chordNames, riff } = song.value;
  const isRiffAlone = riff.length > 0 && Array.isArray(chordNames) && chordNames.length === 0;
  const named = isRiffAlone
    ? success([])
    : toChords({ ...said, minNotes: requested.minNotes ?? args.minNotes }, MAX_STOPS);
  if (!named.ok) return named;
  const chords = withRiff(named.value, riff);
  if (!chords.ok) return chords;
  const strings = neck.value.midi.length;
  for (const [field, notes] of [
    ["limits.minNotes", requested.minNotes],
    ["minNotes", args.minNotes],
  ] as const) {
    const enough = checkMinNotes(notes, strings, field);
    if (!enough.ok) return enough;
  }
  const limits = toGripLimits(neck.value, requested);
  if (!limits.ok) return limits;
  const pins = toPins(neck.value, chords.value, "pins", args.pins);
  if (!pins.ok) return pins;
  const forbidden = toPins(neck.value, chords.value, "forbidden", args.forbidden);
  if (!forbidden.ok) return forbidden;
  const weights = toWeights(args.weights);
  // An open string that is wanted counts as one more weight of ringing.
  const wanted = requested.openStrings === "wanted" ? 1 : 0;
  const planned = planRoutes({
    neck: neck.value,
    player: { hand: toHand(args.hand), school: args.school },
    weights: { ...weights, ringing: weights.ringing + wanted },
    chords: chords.value,
    max: args.k ?? 1,
    goal: args.goal ?? "total",
    recipe: args.recipe ?? "usual",
    distinct: args.distinct ?? false,
    pins: pins.value,
    forbidden: forbidden.value,
    limits: limits.value,
    riff: riff.map(({ index, notes }) =>
      riffPlace(index, notes, neck.value, {
        frets: limits.value.frets,
        rootStrings: limits.value.rootStrings,
        openStrings: requested.openStrings ?? "any",
      }),
    ),
  });
  if (!planned.ok) return planned;
  const constants = TIMING[args.level ?? DEFAULT_LEVEL];
  const time = song.value.time ?? struckInQuarters(chords.value.length, TEMPO_BPM);
  const routes = planned.value.map((route) => timeRoute(neck.value, route, time, constants));
  return success({ neck: neck.value, chords: chords.value, routes, constants });
}

interface Song {
  /** As `chords` takes them. */
  readonly chords: unknown;
  /** Riff notes, each with its index among all stops of the route. */
  readonly riff: readonly RiffNotes[];
  /** Null where each lasts a bar. */
  readonly time: RouteTime | null;
}

interface RiffNotes {
  readonly index: number;
  readonly name: string;
  readonly notes: readonly ChartNote[];
}

/** Chords with the notes of a riff between them, each at its place. */
function withRiff(chords: readonly Chord[], riff: readonly RiffNotes[]): Result<readonly Chord[]> {
  const count = chords.length + riff.length;
  if (count > MAX_STOPS) {
    return failure("chart", `${count} chords and notes: at most ${MAX_STOPS} are planned`);
  }
  const all = [...chords];
  for (const { index, name } of riff) all.splice(index, 0, riffChord(name));
  return success(all);
}

/** The chords of a chart with their times, or chords that last a bar each. */
function toSong({ chords, chart }: { chords?: unknown; chart?: string | undefined }): Result<Song> {
  if (chart === undefined) {
    return chords === undefined
      ? failure("chords", "write chords, like 'D5 F5 C5', or a chart")
      : success({ chords, riff: [], time: null });
  }
  if (chords !== undefined) return failure("chart", "chart and chords: say one of them");
  const read = readChart(chart);
  const played = playedChords(read);
  if (played.length === 0)
    return failure("chart", "no chord or note in it; write some, like | D5 | F5 | or | 6:3 6:5 |");
  return success({
    chords: played.flatMap(({ name, notes }) => (notes ? [] : [name])),
    riff: played.flatMap(({ name, notes }, index) => (notes ? [{ index, name, notes }] : [])),
    time: {
      gaps: changeGaps(played),
      tempoBpm: read.tempoBpm ?? DEFAULT_TEMPO_BPM,
      quartersPerBeat: quartersPerBeat(read.meter),
    },
  });
}

interface Limits {
  readonly frets?: readonly [number, number] | undefined;
  readonly rootStrings?: readonly number[] | undefined;
  readonly openStrings?: (typeof OPEN_WANTED)[number] | undefined;
  readonly minNotes?: number | undefined;
  readonly maxNotes?: number | undefined;
}

function toGripLimits(neck: Neck, requested: Limits): Result<GripLimits> {
  const { frets, rootStrings, openStrings, minNotes, maxNotes } = requested;
  if (frets && frets[0] > frets[1]) {
    return failure("limits.frets", `${frets.join(" to ")}: write the lower fret first`);
  }
  const stray = rootStrings?.find((string) => string >= neck.midi.length);
  if (stray !== undefined) {
    const last = neck.midi.length - 1;
    return failure(
      "limits.rootStrings",
      `${stray}: strings count from 0, the thickest, to ${last}`,
    );
  }
  if (minNotes !== undefined && maxNotes !== undefined && minNotes > maxNotes) {
    return failure("limits.maxNotes", `${maxNotes} is less than minNotes, ${minNotes}`);
  }
  return success({
    ...NO_GRIP_LIMITS,
    frets: frets ?? null,
    rootStrings: rootStrings ?? null,
    openStrings: openStrings === "none" ? "none" : "any",
    maxNotes: maxNotes ?? null,
  });
}

interface PinValues {
  readonly index: number;
  readonly fretting?: unknown;
  readonly fingers?: readonly (Finger | 0)[] | undefined;
}

function toPins(
  neck: Neck,
  chords: readonly Chord[],
  field: string,
  said: readonly PinValues[] = [],
): Result<readonly RoutePin[]> {
  const pins: RoutePin[] = [];
  for (const [at, { index, fretting, fingers }] of said.entries()) {
    if (index >= chords.length) {
      const last = chords.length - 1;
      return failure(`${field}[${at}].index`, `${index}: chords count from 0 to ${last}`);
    }
    const read = toFretting(neck, fretting as FrettingArgument);
    if (!read.ok) return failure(`${field}[${at}].fretting`, read.problem.message);
    pins.push({ index, fretting: read.value, fingers });
  }
  return success(pins);
}
