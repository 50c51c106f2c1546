import { array, boolean, mixed, number, object, string } from "yup";
import { FASTEST_DOWN_STROKES_BPM, SLOWEST_DOWN_STROKES_BPM } from "@/core/arrangement";
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
import { ACCIDENTALS, HIGHEST_A4_HZ, LOWEST_A4_HZ } from "@/core/pitch";
import { NAMINGS } from "@/state";
import { practiceSchema } from "./practice";

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
  downStrokesBpm: number()
    .integer()
    .min(SLOWEST_DOWN_STROKES_BPM)
    .max(FASTEST_DOWN_STROKES_BPM)
    .required(),
  withBass: boolean().required(),
  learnsFromPins: boolean().required(),
  pinsLearntAfter: number().integer().min(0).required(),
  practice: practiceSchema,
}).noUnknown();
