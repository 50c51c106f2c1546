import { array, boolean, lazy, mixed, number, object, string } from "yup";
import { WHYS } from "@/core/practice";
import { STEPS } from "@/core/drill";
import { RESULTS } from "@/core/recall";

const MAX_BLOCKS = 100;
const MAX_ROUNDS = 5000;

const minutes = number().moreThan(0).max(600).required();
const block = lazy((value: unknown) =>
  (value as { readonly kind?: unknown } | null)?.kind === "break"
    ? object({ kind: string().oneOf(["break"]).required(), minutes }).noUnknown()
    : object({
        kind: string().oneOf(["drill"]).required(),
        drill: string().required().max(200),
        minutes,
        why: string().oneOf(WHYS).required(),
      }).noUnknown(),
);
/** What a sitting must be that a browser kept. */
export const sittingSchema = object({
  blocks: array(block).min(1).max(MAX_BLOCKS).required(),
  at: number().integer().min(0).required(),
  usedS: number().min(0).required(),
  isPaused: boolean().required(),
  rounds: array(
    object({
      id: number().integer().positive().required(),
      drill: string().required(),
      result: mixed<(typeof RESULTS)[number]>().oneOf(RESULTS).required(),
      step: string().oneOf(STEPS).required(),
      bpm: number().nullable().defined(),
      roomQuarters: number().required(),
      card: string().nullable().defined(),
    }).noUnknown(),
  )
    .max(MAX_ROUNDS)
    .required(),
}).noUnknown();
