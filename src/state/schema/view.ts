import { array, boolean, number, object, string, tuple } from "yup";
import { GRIP_ORDERS } from "@/core/listing";
import { MAX_STRINGS } from "@/core/tuning";
import { MARK_LABELS, SPACINGS } from "@/state";
import {
  fingers,
  fretNumber,
  fretting,
  minNotes,
  root,
  voicing,
  stringIndex,
  tuningMidi,
} from "./fields";

const anyWay = string().oneOf(["any", "with", "without"]).required();
const fretRange = tuple([fretNumber, fretNumber]).test({
  name: "order",
  message: ({ path }) => `${path} must be two frets, the lower first`,
  test: (range) => !range || range[0] <= range[1],
});
const filter = object({
  bassString: stringIndex.nullable().defined(),
  lowestNote: string().oneOf(["any", "root", "fifth"]).required(),
  frets: fretRange.nullable().defined(),
  openStrings: anyWay,
  barre: anyWay,
  strumSafe: boolean().required(),
  comfortable: boolean().required(),
  maxFingers: number().integer().min(0).max(5).nullable().defined(),
  notes: number().integer().min(1).max(MAX_STRINGS).nullable().defined(),
  through: object({ string: stringIndex.required(), fret: fretNumber })
    .noUnknown()
    .nullable()
    .defined(),
}).noUnknown();

/** What the neck shows: the one check of addresses and of what is saved. */
export const viewSchema = object({
  tuningMidi,
  root,
  voicing,
  minNotes,
  labels: string().oneOf(MARK_LABELS).required(),
  mapped: array(number().integer().min(0).max(11).required()).max(12).nullable().defined(),
  naturals: boolean().required(),
  mapStrings: array(stringIndex.required()).max(MAX_STRINGS).nullable().defined(),
  spacing: string().oneOf(SPACINGS).required(),
  thickOnTop: boolean().required(),
  order: string().oneOf(GRIP_ORDERS).required(),
  filter,
  stage: boolean().required(),
  chosen: object({ fretting, fingers }).noUnknown().nullable().defined(),
}).noUnknown();
