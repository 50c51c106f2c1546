import { array, boolean, lazy, mixed, number, object, string } from "yup";
import { WHYS } from "@/core/practice";
import { STEPS } from "@/core/drill";
import { RESULTS } from "@/core/recall";

const MAX_BLOCKS = 100;
const MAX_ROUNDS = 5000;

const minutes = number().moreThan(0).max(600).required();
const day = number().integer().required();
const count = number().integer().min(0).required();
const EVIDENCE = {
  tempo: { heldBpm: number().required(), goalBpm: number().required() },
  missed: { day, missed: count, rounds: count },
  held: { day, bpm: number().required() },
  "never played": {},
  cards: { due: count, fresh: count },
  answers: { right: count, asked: count },
};
const evidence = lazy((value: unknown) => {
  if (value === undefined) return mixed().optional();
  const kind = String((value as { readonly kind?: unknown } | null)?.kind);
  const fields = Object.entries(EVIDENCE).find(([name]) => name === kind)?.[1] ?? {};
  return object({ kind: string().oneOf(Object.keys(EVIDENCE)).required(), ...fields }).noUnknown();
});
const block = lazy((value: unknown) =>
  (value as { readonly kind?: unknown } | null)?.kind === "break"
    ? object({ kind: string().oneOf(["break"]).required(), minutes }).noUnknown()
    : object({
        kind: string().oneOf(["drill"]).required(),
        drill: string().required().max(200),
        minutes,
        why: string().oneOf(WHYS).required(),
        evidence,
      }).noUnknown(),
);
const blocks = array(block).min(1).max(MAX_BLOCKS).required();
const pitches = array(number().required()).required();

/** Schema of the plan that a browser keeps. */
export const planSchema = object({
  day: number().integer().required(),
  made: string().required(),
  blocks,
  isOwn: boolean().required(),
  drills: array(
    object({
      drill: object({
        key: string().required(),
        kind: string().oneOf(["song"]).required(),
        name: string().required(),
        say: string().required(),
        how: string().oneOf(["played"]).required(),
        text: string().required(),
        startBpm: number().required(),
        goalBpm: number().required(),
      }).required(),
      neck: object({ midi: pitches, frets: number().required() }).required(),
      guitarId: number().required(),
      songId: number().nullable().defined(),
    }),
  ).required(),
});

/** Schema of the sitting that a browser keeps. */
export const sittingSchema = object({
  blocks,
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
