import { array, mixed, number, object, string, type InferType, type Schema } from "yup";
import { MAX_FRETS } from "@/core/neck";
import { parseNote } from "@/core/pitch";
import { HIGHEST_STRING_MIDI, LOWEST_STRING_MIDI, MAX_STRINGS, MIN_STRINGS } from "@/core/tuning";
import { MARK_LABELS, THEMES } from "./types";

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
const fret = number().integer().min(0).max(MAX_FRETS).nullable().defined();
const fretting = array(fret).min(MIN_STRINGS).max(MAX_STRINGS).required();
const finger = mixed<0 | 1 | 2 | 3 | 4 | "T">().oneOf([0, 1, 2, 3, 4, "T"]).required();
const fingers = array(finger).min(MIN_STRINGS).max(MAX_STRINGS).required();

export const pinIdSchema = id.label("pin");

export const pinSchema = object({ guitarId: id, tuningMidi, root, stack, fretting, fingers })
  .noUnknown()
  .test(
    "strings",
    "tuning, fretting and fingers must have the same number of strings",
    (pin) =>
      pin.tuningMidi.length === pin.fretting.length && pin.fretting.length === pin.fingers.length,
  );

export const choiceSchema = object({
  guitarId: id,
  tuningMidi,
  root,
  stack,
  labels: string().oneOf(MARK_LABELS).required(),
  theme: string().oneOf(THEMES).required(),
  chosen: object({ fretting, fingers }).noUnknown().nullable().defined(),
  comparedMidi: array(midi).min(MIN_STRINGS).max(MAX_STRINGS).nullable().defined(),
}).noUnknown();

export type ChoiceInput = InferType<typeof choiceSchema>;

/** The value if it fits the schema strictly (nothing cast, nothing unknown), else an error in words. */
export function validate<T>(schema: Schema<T>, value: unknown): T {
  return schema.validateSync(value, { strict: true });
}
