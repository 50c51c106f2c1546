import { array, mixed, number, string } from "yup";
import { MAX_FRETS } from "@/core/neck";
import { parseNote } from "@/core/pitch";
import { HIGHEST_STRING_MIDI, LOWEST_STRING_MIDI, MAX_STRINGS, MIN_STRINGS } from "@/core/tuning";
import { setPlainWords } from "./words";

setPlainWords();

/** Fields that several schemas share. */
export const id = number().integer().positive().max(Number.MAX_SAFE_INTEGER).required();
const midi = number().integer().min(LOWEST_STRING_MIDI).max(HIGHEST_STRING_MIDI).required();
export const tuningMidi = array(midi).min(MIN_STRINGS).max(MAX_STRINGS).required();
export const root = string()
  .required()
  .test({
    name: "note",
    message: ({ path }) => `${path} must be a note, A to G with # or b`,
    test: (text) => parseNote(text).ok,
  });
export const voicing = array(number().integer().min(-72).max(72).required())
  .min(1)
  .max(MAX_STRINGS)
  .required();
export const minNotes = number().integer().min(2).max(MAX_STRINGS).nullable().defined();
const fret = number().integer().min(0).max(MAX_FRETS).nullable().defined();
export const fretNumber = number().integer().min(0).max(MAX_FRETS).required();
export const fretting = array(fret).min(MIN_STRINGS).max(MAX_STRINGS).required();
const finger = mixed<0 | 1 | 2 | 3 | 4 | "T">().oneOf([0, 1, 2, 3, 4, "T"]).required();
export const fingers = array(finger).min(MIN_STRINGS).max(MAX_STRINGS).required();
/** A place in a list; what moves takes a number between those of its neighbours. */
export const position = number().required();

/** A string by its place, from the thickest (0). */
export const stringIndex = number()
  .integer()
  .min(0)
  .max(MAX_STRINGS - 1);

/** Whether two lists match; anything but a list is reported under its own field. */
export function sameLength(a: unknown, b: unknown): boolean {
  return !Array.isArray(a) || !Array.isArray(b) || a.length === b.length;
}
