import { array, boolean, number, object, string } from "yup";
import { makeNeck, MAX_FRETS, MIN_GUITAR_FRETS } from "@/core/neck";
import { MAX_STRINGS, MIN_STRINGS } from "@/core/tuning";
import { BRIDGES } from "@/state";
import { sameLength, tuningMidi } from "./fields";
import { name } from "./name";

const known = (max: number) => number().positive().max(max).nullable().defined();
const stringSpec = object({
  diameterMm: known(5),
  wound: boolean().required(),
  unitMassGPerM: known(100),
  tensionN: known(500),
}).noUnknown();

/** A guitar as the player describes it, and what it is tuned to; the core checks its measurements. */
export const guitarSchema = object({
  name,
  usualMidi: tuningMidi,
  tunedMidi: tuningMidi,
  frets: number().integer().min(MIN_GUITAR_FRETS).max(MAX_FRETS).required(),
  scaleMm: number().required(),
  trebleScaleMm: number().required(),
  perpendicularFret: number().required(),
  nutMm: number().required(),
  bridgeMm: number().required(),
  capo: number()
    .integer()
    .min(0)
    .max(MAX_FRETS - 1)
    .required(),
  leftHanded: boolean().required(),
  bridge: string().oneOf(BRIDGES).required(),
  strings: array(stringSpec).min(MIN_STRINGS).max(MAX_STRINGS).required(),
})
  .noUnknown()
  .test("neck", (guitar, context) => {
    // Whatever is missing or of the wrong kind is reported under its own field.
    if (!tuningMidi.isValidSync(guitar.usualMidi, { strict: true })) return true;
    const neck = makeNeck({ ...guitar, midi: guitar.usualMidi });
    if (neck.ok) return true;
    return context.createError({ path: neck.problem.field, message: neck.problem.message });
  })
  .test("strings", "usualMidi, tunedMidi and strings must be of the same number", (guitar) => {
    const { usualMidi, tunedMidi, strings } = guitar;
    return sameLength(usualMidi, strings) && sameLength(usualMidi, tunedMidi);
  });
