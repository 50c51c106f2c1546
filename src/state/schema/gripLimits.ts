import { array, mixed, number, object, tuple } from "yup";
import { MAX_STRINGS } from "@/core/tuning";
import { fretNumber } from "./fields";

const stringPlace = number()
  .integer()
  .min(0)
  .max(MAX_STRINGS - 1)
  .required();

/** What may be asked of grips, whoever asks; open strings may be asked for in more ways. */
export const gripLimitFields = {
  frets: tuple([fretNumber, fretNumber])
    .nullable()
    .defined()
    .test(
      "order",
      ({ path }) => `${path} must have the lower fret first`,
      (frets) => !frets || frets[0] <= frets[1],
    ),
  rootStrings: array(stringPlace).min(1).max(MAX_STRINGS).nullable().defined(),
  maxNotes: number().integer().min(1).max(MAX_STRINGS).nullable().defined(),
};

export const gripLimitsSchema = object({
  ...gripLimitFields,
  openStrings: mixed<"any" | "none">().oneOf(["any", "none"]).required(),
}).noUnknown();
