import { array, boolean, lazy, mixed, number, object, string, tuple } from "yup";
import {
  LOOSENED_STRUMS,
  OTHER_ROUTES,
  ROUTE_KINDS,
  type LoosenedStrums,
} from "@/core/arrangement";
import { MAX_STRINGS } from "@/core/tuning";
import { LONGEST_CHART } from "@/state";
import { fingers, fretting, id, voicing, tuningMidi } from "./fields";
import { gripLimitFields } from "./gripLimits";
import { name } from "./name";

/** More than a player decides about any song. */
const MAX_MARKS = 2000;
const MAX_SECTIONS = 500;
const LONGEST_LABEL = 120;

const limits = object({
  ...gripLimitFields,
  openStrings: mixed<"any" | "wanted" | "none">().oneOf(["any", "wanted", "none"]).required(),
  powerChordVoicing: voicing,
  withoutLowest: boolean().required(),
}).noUnknown();

const label = string().max(LONGEST_LABEL).defined();
const position = number().integer().min(0).max(Number.MAX_SAFE_INTEGER).required();
const place = {
  chord: label,
  section: label.nullable(),
  at: tuple([position, position]).nullable().defined(),
};

const loosening = object({
  ...place,
  act: string().required(),
  strums: mixed<LoosenedStrums>().oneOf(LOOSENED_STRUMS).required(),
});
const MARKS = {
  pin: object({ ...place, act: string().required(), fretting, fingers: fingers.nullable() }),
  forbid: object({ ...place, act: string().required(), fretting }),
  thin: object({
    ...place,
    act: string().required(),
    notes: number().oneOf([1, 2]).required(),
  }),
  leave: loosening,
  scratch: loosening,
} as const;

const mark = lazy((value: unknown) => {
  const act = (value as { readonly act?: unknown } | null | undefined)?.act;
  const known = Object.keys(MARKS).find((each) => each === act) as keyof typeof MARKS | undefined;
  return known
    ? MARKS[known].noUnknown()
    : object({ act: string().oneOf(Object.keys(MARKS)).required() });
});

/** By section; a chart's sections have whatever names the player gives them. */
const sectionLimits = lazy((value: unknown) => {
  const keys = typeof value === "object" && value !== null ? Object.keys(value) : [];
  const known = keys.slice(0, MAX_SECTIONS).filter((key) => key.length <= LONGEST_LABEL);
  return object(Object.fromEntries(known.map((key) => [key, limits]))).noUnknown();
});

export const songSettingsSchema = object({
  allAsPowerChords: boolean().required(),
  minNotes: number().integer().min(2).max(MAX_STRINGS).required(),
  limits,
  sectionLimits,
  marks: array(mark).max(MAX_MARKS).required(),
  routeKind: string()
    .oneOf([...ROUTE_KINDS, ...OTHER_ROUTES])
    .required(),
}).noUnknown();

export const songSchema = object({
  name,
  chart: string().max(LONGEST_CHART).defined(),
  guitarId: id,
  tuningMidi,
  settings: songSettingsSchema,
  archived: boolean().required(),
}).noUnknown();
