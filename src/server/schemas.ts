import {
  array,
  boolean,
  mixed,
  number,
  object,
  string,
  tuple,
  type InferType,
  type Schema,
} from "yup";
import {
  EXCLUSIONS,
  HIGHEST_SPAN_MM,
  LOWEST_SPAN_MM,
  NARROWEST_FINGERTIP_MM,
  SCHOOLS,
  WIDEST_FINGERTIP_MM,
  type Exclusion,
} from "@/core/hand";
import { LEVELS } from "@/core/motion";
import { HIGHEST_WEIGHT } from "@/core/compare";
import { makeNeck, MAX_FRETS, MIN_GUITAR_FRETS } from "@/core/neck";
import { ACCIDENTALS, HIGHEST_A4_HZ, LOWEST_A4_HZ, parseNote } from "@/core/pitch";
import { HIGHEST_STRING_MIDI, LOWEST_STRING_MIDI, MAX_STRINGS, MIN_STRINGS } from "@/core/tuning";
import { GRIP_ORDERS } from "@/core/listing";
import { HOLDS, MARK_LABELS, MOST_COLUMNS, MOST_MINUTES, SPACINGS } from "@/formats/address";
import { BRIDGES, NAMINGS, THEMES } from "./types";

/** The Yup schemas at the server's edge: what comes in is one of these, or is refused in plain words. */
const id = number().integer().positive().required();
const midi = number().integer().min(LOWEST_STRING_MIDI).max(HIGHEST_STRING_MIDI).required();
const tuningMidi = array(midi).min(MIN_STRINGS).max(MAX_STRINGS).required();
const root = string()
  .required()
  .test("note", "root must be a note, A to G with # or b", (text) => parseNote(text).ok);
const stack = array(number().integer().min(-72).max(72).required())
  .min(1)
  .max(MAX_STRINGS)
  .required();
const leastNotes = number().integer().min(2).max(MAX_STRINGS).nullable().defined();
const fret = number().integer().min(0).max(MAX_FRETS).nullable().defined();
const fretNumber = number().integer().min(0).max(MAX_FRETS).required();
const fretting = array(fret).min(MIN_STRINGS).max(MAX_STRINGS).required();
const finger = mixed<0 | 1 | 2 | 3 | 4 | "T">().oneOf([0, 1, 2, 3, 4, "T"]).required();
const fingers = array(finger).min(MIN_STRINGS).max(MAX_STRINGS).required();

export const idSchema = id.label("id");
export const idsSchema = array(id).max(500).required();
const name = string().trim().min(1).max(60).required();

const known = (most: number) => number().positive().max(most).nullable().defined();
const stringSpec = object({
  diameterMm: known(5),
  wound: boolean().required(),
  unitMassGPerM: known(100),
  tensionN: known(500),
}).noUnknown();

/** A guitar as the player describes it; what its measures may be, the core says. */
export const guitarSchema = object({
  name,
  usualMidi: tuningMidi,
  frets: number().integer().min(MIN_GUITAR_FRETS).max(MAX_FRETS).required(),
  scaleMm: number().required(),
  trebleScaleMm: number().required(),
  perpendicularFret: number().required(),
  nutMm: number().required(),
  bridgeMm: number().required(),
  capo: number().integer().required(),
  leftHanded: boolean().required(),
  bridge: string().oneOf(BRIDGES).required(),
  strings: array(stringSpec).min(MIN_STRINGS).max(MAX_STRINGS).required(),
})
  .noUnknown()
  .test("neck", (guitar, context) => {
    // Whatever is missing or of the wrong kind is told by its own field.
    if (!tuningMidi.isValidSync(guitar.usualMidi, { strict: true })) return true;
    const neck = makeNeck({ ...guitar, midi: guitar.usualMidi });
    if (neck.ok) return true;
    return context.createError({ path: neck.problem.field, message: neck.problem.message });
  })
  .test("strings", "usualMidi and strings must be of the same number", (guitar) =>
    sameLength(guitar.usualMidi, guitar.strings),
  );

export const tunedSchema = object({ id, midi: tuningMidi }).noUnknown();

export const ownTuningSchema = object({ name, midi: tuningMidi }).noUnknown();
export const renameSchema = object({ id, name }).noUnknown();

const MOST_FAVOURITES = 200;
export const favouritesSchema = array(tuningMidi).max(MOST_FAVOURITES).required();

export const ownStackSchema = object({ name, stack, leastNotes }).noUnknown();

const share = number().moreThan(0).max(2).required();
export const profileSchema = object({
  spanMm: number().min(LOWEST_SPAN_MM).max(HIGHEST_SPAN_MM).required(),
  fingertipMm: number().min(NARROWEST_FINGERTIP_MM).max(WIDEST_FINGERTIP_MM).required(),
  without: array(mixed<Exclusion>().oneOf(EXCLUSIONS).required()).required(),
  school: string().oneOf(SCHOOLS).required(),
  accidentals: string().oneOf(ACCIDENTALS).required(),
  a4Hz: number().min(LOWEST_A4_HZ).max(HIGHEST_A4_HZ).required(),
  naming: string().oneOf(NAMINGS).required(),
  limits: object({
    slackShare: share,
    stressShare: share,
    strengthMpa: number().min(500).max(5000).required(),
    totalShare: share,
  }).noUnknown(),
  level: string().oneOf(LEVELS).required(),
  withBass: boolean().required(),
  learnsFromPins: boolean().required(),
  pinsLearntAfter: number().integer().min(0).required(),
}).noUnknown();

export const pinSchema = object({
  guitarId: id,
  tuningMidi,
  root,
  stack,
  leastNotes,
  fretting,
  fingers,
})
  .noUnknown()
  .test(
    "strings",
    "tuning, fretting and fingers must have the same number of strings",
    ({ tuningMidi: midi, ...pin }) =>
      sameLength(midi, pin.fretting) && sameLength(pin.fretting, pin.fingers),
  );

const stringIndex = number()
  .integer()
  .min(0)
  .max(MAX_STRINGS - 1);
const anyWay = string().oneOf(["any", "with", "without"]).required();
const filter = object({
  bassString: stringIndex.nullable().defined(),
  frets: tuple([fretNumber, fretNumber]).nullable().defined(),
  openStrings: anyWay,
  barre: anyWay,
  strumSafe: boolean().required(),
  comfortable: boolean().required(),
  mostFingers: number().integer().min(0).max(5).nullable().defined(),
  notes: number().integer().min(1).max(MAX_STRINGS).nullable().defined(),
  through: object({ string: stringIndex.required(), fret: fretNumber })
    .noUnknown()
    .nullable()
    .defined(),
}).noUnknown();

const weight = number().min(0).max(HIGHEST_WEIGHT).required();
/** Room for the longest progression that is read. */
const LONGEST_CHORDS = 2000;
export const comparisonSchema = object({
  columns: array(object({ guitarId: id, midi: tuningMidi }).noUnknown())
    .min(1)
    .max(MOST_COLUMNS)
    .required(),
  chords: string().max(LONGEST_CHORDS).defined(),
  fiveStack: stack,
  allAsFives: boolean().required(),
  leastNotes: number().integer().min(2).max(MAX_STRINGS).required(),
  hold: string().oneOf(HOLDS).required(),
  shape: fretting.nullable().defined(),
  weights: object({
    ease: weight,
    usual: weight,
    low: weight,
    clear: weight,
    ringing: weight,
    retuning: weight,
  })
    .noUnknown()
    .required(),
  minutesPerString: number().min(0).max(MOST_MINUTES).required(),
}).noUnknown();

export const savedComparisonSchema = object({ name, comparison: comparisonSchema }).noUnknown();

export const choiceSchema = object({
  guitarId: id,
  tuningMidi,
  root,
  stack,
  leastNotes,
  labels: string().oneOf(MARK_LABELS).required(),
  mapped: array(number().integer().min(0).max(11).required()).max(12).nullable().defined(),
  naturals: boolean().required(),
  mapStrings: array(stringIndex.required()).max(MAX_STRINGS).nullable().defined(),
  spacing: string().oneOf(SPACINGS).required(),
  thickOnTop: boolean().required(),
  order: string().oneOf(GRIP_ORDERS).required(),
  filter,
  stage: boolean().required(),
  theme: string().oneOf(THEMES).required(),
  chosen: object({ fretting, fingers }).noUnknown().nullable().defined(),
  comparison: comparisonSchema.nullable().defined().default(undefined),
  hints: boolean().required(),
  hearing: object({
    gain: boolean().required(),
    loudness: number().min(0).max(1).required(),
    told: boolean().required(),
  }).noUnknown(),
}).noUnknown();

export type ChoiceInput = InferType<typeof choiceSchema>;

/** Whether two lists match; what is no list is told by its own field. */
function sameLength(a: unknown, b: unknown): boolean {
  return !Array.isArray(a) || !Array.isArray(b) || a.length === b.length;
}

/** A part of something; what it may hold is checked once it is put in. */
export const partSchema = object().required();

/** The value if it fits the schema strictly (nothing cast, nothing unknown), else an error in words. */
export function validate<T>(schema: Schema<T>, value: unknown): T {
  return schema.validateSync(value, { strict: true });
}
