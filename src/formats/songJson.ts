import { array, lazy, mixed, number, object, string, tuple, ValidationError } from "yup";
import { parseChord } from "@/core/chart";
import { type Finger } from "@/core/hand";
import { makeNeck } from "@/core/neck";
import { failure, success, type Result } from "@/core/result";
import { MAX_STRINGS, MIN_STRINGS, nameTuning, type Tuning } from "@/core/tuning";
import { JSON_VERSION } from "@/formats/fileKinds";
import { MARKS, withRiffEntries, type Score } from "@/formats/score";

/** A song as a value that can be written as JSON. */
export function songJson(score: Score) {
  const { tuning, capo, names, sections, ...rest } = score;
  return {
    version: JSON_VERSION,
    song: {
      ...rest,
      tuning: tuning && { name: tuning.name, midi: tuning.midi },
      guitar: { capo, names },
      sections: sections.map(({ name, tuning: own, bars }) => ({
        name,
        ...(own && { tuning: { name: own.name, midi: own.midi } }),
        // The notes of a riff are in `notes`; their entries are made again when the file is read.
        bars: bars.map(({ line: _line, ...bar }) => ({
          ...bar,
          chords: bar.chords.filter(({ riff }) => !riff),
        })),
      })),
    },
  };
}

/** A list of tunings as a value that can be written as JSON. */
export function tuningsJson(tunings: readonly Tuning[]) {
  return { version: JSON_VERSION, tunings: tunings.map(({ name, midi }) => ({ name, midi })) };
}

/** What one of Tenon's own files holds. */
type FromJson =
  | { readonly kind: "song"; readonly score: Score }
  | { readonly kind: "tunings"; readonly tunings: readonly Tuning[] };

const MAX_BARS = 20_000;
const MAX_IN_BAR = 2_000;
const LONGEST_TEXT = 250;
const LONGEST_LINE = 5_000;
const MAX_FRETS = 36;
const MAX_BEATS = 400;

const text = string().max(LONGEST_TEXT);
const beat = number().min(-MAX_BEATS).max(MAX_BEATS);
const length = number().min(0).max(MAX_BEATS);
const midi = array(number().integer().required()).min(MIN_STRINGS).max(MAX_STRINGS).required();
const fret = number().integer().min(0).max(MAX_FRETS);
const finger = mixed<Finger | 0>().oneOf([0, 1, 2, 3, 4, "T"]).required();
const index = number().integer().min(0).required();

const note = object({
  startBeat: beat.required(),
  beats: length.required(),
  string: number()
    .integer()
    .min(0)
    .max(MAX_STRINGS - 1)
    .required(),
  fret: fret.required(),
  mark: string()
    .test("mark", `write ${MARKS.join(", ")}, between spaces`, (mark) =>
      (mark ?? "")
        .split(" ")
        .every((word) => word === "" || (MARKS as readonly string[]).includes(word)),
    )
    .nullable()
    .default(null),
});
const chord = object({
  name: text.required(),
  reducedTo: text.nullable().defined(),
  leftOut: array(text.required()).default([]),
  startBeat: beat.required(),
  beats: length.required(),
  texture: text.nullable().default(null),
  fretting: array(fret.nullable().defined()).max(MAX_STRINGS).nullable().default(null),
  fingers: array(finger).max(MAX_STRINGS).nullable().default(null),
  sure: number().min(0).max(1),
});
const bar = object({
  meter: string()
    .matches(/^\d{1,2}\/(2|4|8|16)$/)
    .required(),
  beats: length.required(),
  tempoBpm: number().min(1).max(1000).nullable().default(null),
  chords: array(chord).max(MAX_IN_BAR).default([]),
  notes: array(note).max(MAX_IN_BAR).default([]),
});
const songSchema = object({
  title: text.nullable().default(null),
  key: text.nullable().default(null),
  tempoBpm: number().min(1).max(1000).nullable().default(null),
  meter: string().max(8).default("4/4"),
  tuning: object({ name: text.default(""), midi })
    .nullable()
    .default(null),
  guitar: object({
    capo: number().integer().min(0).max(24).default(0),
    names: mixed<Score["names"]>().oneOf(["sound", "shape"]).default("sound"),
  }).default({ capo: 0, names: "sound" }),
  sections: array(
    object({
      name: text.defined(),
      tuning: object({ name: text.default(""), midi })
        .optional()
        .default(undefined),
      bars: array(bar).max(MAX_BARS).required(),
    }),
  ).required(),
  order: array(tuple([index, index]).required()).max(MAX_BARS * 10),
  kept: array(
    object({
      line: number().integer().min(1).required(),
      text: string().max(LONGEST_LINE).defined(),
      kind: mixed<"lyric" | "comment" | "directive">()
        .oneOf(["lyric", "comment", "directive"])
        .required(),
    }),
  ).default([]),
});
const fileSchema = object({
  version: number().integer().required(),
  song: lazy((value) => (value === undefined ? mixed().optional() : songSchema)),
  tunings: array(object({ name: text.default(""), midi })).max(10_000),
});

/** Reads one of Tenon's own files; the problem names the part that is wrong. */
export function readJson(json: string): Result<FromJson> {
  let value: unknown;
  try {
    value = JSON.parse(json);
  } catch {
    return failure("input", "this is no JSON, or only half of it");
  }
  const version = (value as { version?: unknown } | null)?.version;
  if (typeof version === "number" && version > JSON_VERSION) {
    return failure(
      "input",
      `a file of version ${version}; this Tenon reads up to ${JSON_VERSION}, so a newer one wrote it`,
    );
  }
  try {
    const file = fileSchema.validateSync(value, { strict: false, abortEarly: true });
    if (file.song) return readSong(file.song as ValidSong);
    if (!file.tunings) return failure("input", "a Tenon file has a song or tunings; this has none");
    return readTunings(file.tunings);
  } catch (error) {
    if (error instanceof ValidationError) return failure("input", error.message);
    throw error;
  }
}

type ValidSong = ReturnType<typeof songSchema.validateSync>;

function readSong({ tuning, guitar, sections, order, ...song }: ValidSong): Result<FromJson> {
  const read = tuning ? checkTuning(tuning.midi, "song.tuning") : success(null);
  if (!read.ok) return read;
  const strings = read.value?.midi.length ?? 0;
  for (const [at, { bars, tuning: own }] of sections.entries()) {
    const checked = own ? checkTuning(own.midi, `song.sections[${at}].tuning`) : success(null);
    if (!checked.ok) return checked;
    for (const [barAt, { chords, notes }] of bars.entries()) {
      const field = `song.sections[${at}].bars[${barAt}]`;
      if (notes.some((each) => each.string >= strings)) {
        return failure("input", `${field}: a note lies on a string that the tuning does not have`);
      }
      if (chords.some((each) => each.fretting && each.fretting.length !== strings)) {
        return failure(
          "input",
          `${field}: a fretting has another number of strings than the tuning`,
        );
      }
    }
  }
  const isOnSong = ([section, bar]: readonly [number, number]) =>
    sections[section]?.bars[bar] !== undefined;
  const all = sections.flatMap(({ bars }, section) =>
    bars.map((_, bar) => [section, bar] as const),
  );
  const score: Score = {
    ...song,
    tuning: read.value,
    capo: guitar.capo,
    names: guitar.names,
    order: (order as readonly (readonly [number, number])[] | undefined)?.filter(isOnSong) ?? all,
    sections: sections.map(({ name, tuning: own, bars }) => ({
      name,
      ...(own && { tuning: nameTuning(own.midi) }),
      bars: bars.map((each) =>
        withRiffEntries(
          {
            ...each,
            chords: each.chords.map(({ sure, reducedTo, ...rest }) => ({
              ...rest,
              fingers: rest.fingers?.length === rest.fretting?.length ? rest.fingers : null,
              // What names no chord cannot be played, whatever the file says.
              reducedTo: parseChord(rest.name) ? reducedTo : null,
              ...(sure === undefined ? {} : { sure }),
            })),
          },
          strings,
        ),
      ),
    })),
  };
  return success({ kind: "song", score });
}

function readTunings(
  tunings: readonly { readonly name: string; readonly midi: readonly number[] }[],
): Result<FromJson> {
  const read: Tuning[] = [];
  for (const [at, { name, midi: pitches }] of tunings.entries()) {
    const tuning = checkTuning(pitches, `tunings[${at}]`);
    if (!tuning.ok) return tuning;
    read.push(name === "" ? tuning.value : { ...tuning.value, name });
  }
  return success({ kind: "tunings", tunings: read });
}

function checkTuning(pitches: readonly number[], field: string): Result<Tuning> {
  const neck = makeNeck({ midi: pitches });
  return neck.ok
    ? success(nameTuning(pitches))
    : failure("input", `${field}: ${neck.problem.message}`);
}
