import { array, boolean, number, object, string } from "yup";
import { HIGHEST_WEIGHT, WEIGHT_NAMES, type WeightName } from "@/core/gripSearch";
import { MAX_STRINGS } from "@/core/tuning";
import { HOLDS, MAX_COLUMNS, MAX_MINUTES } from "@/state";
import { fretting, id, voicing, tuningMidi } from "./fields";
import { gripLimitsSchema } from "./gripLimits";
import { name } from "./name";

const weight = number().min(0).max(HIGHEST_WEIGHT).required();
/** Room for the longest progression that is read. */
const LONGEST_CHORDS = 2000;
export const comparisonSchema = object({
  columns: array(object({ guitarId: id, midi: tuningMidi }).noUnknown())
    .min(1)
    .max(MAX_COLUMNS)
    .required(),
  chords: string().max(LONGEST_CHORDS).defined(),
  powerChordVoicing: voicing,
  allAsPowerChords: boolean().required(),
  minNotes: number().integer().min(2).max(MAX_STRINGS).required(),
  hold: string().oneOf(HOLDS).required(),
  shape: fretting.nullable().defined(),
  weights: object(
    Object.fromEntries(WEIGHT_NAMES.map((each) => [each, weight])) as Record<
      WeightName,
      typeof weight
    >,
  )
    .noUnknown()
    .required(),
  limits: gripLimitsSchema,
  minutesPerString: number().min(0).max(MAX_MINUTES).required(),
}).noUnknown();

export const savedComparisonSchema = object({ name, comparison: comparisonSchema }).noUnknown();
