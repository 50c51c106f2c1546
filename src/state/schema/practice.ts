import { array, boolean, mixed, number, object, string } from "yup";
import { DRILL_KINDS, STEPS } from "@/core/drill";
import { CLICK_ACCENTS, CLICK_FEELS, MAX_GAP_BARS, PER_BEAT } from "@/core/metronome";
import { TIMING_TERMS, type TimingTerm } from "@/core/motion";
import { SITTINGS } from "@/core/practice";
import { NOTE_STAGES, RESULTS } from "@/core/recall";
import { LONGEST_NOTE, MAX_GOALS, MAX_NEW_CARDS } from "@/state";
import { HIGHEST_STRING_MIDI, LOWEST_STRING_MIDI, MAX_STRINGS } from "@/core/tuning";

const [SLOWEST_BPM, FASTEST_BPM] = [20, 400];
/** Further from the beat than this belongs to no beat. */
const MAX_OFF_MS = 2000;
/** Nobody practises a round for longer than a day. */
const MAX_SECONDS = 86_400;
const LONGEST_KEY = 200;
/** Offsets of the world's zones, in minutes. */
const [WEST_MIN, EAST_MIN] = [-12 * 60, 14 * 60];
/** The years 2000 to 2100. */
const [FIRST_MS, LAST_MS] = [Date.UTC(2000, 0), Date.UTC(2100, 0)];

const localTime = {
  atMs: number().integer().min(FIRST_MS).max(LAST_MS).required(),
  zoneMin: number().integer().min(WEST_MIN).max(EAST_MIN).required(),
};
const optionalId = number().integer().positive().max(Number.MAX_SAFE_INTEGER).nullable().defined();
const offMs = number().min(-MAX_OFF_MS).max(MAX_OFF_MS).nullable().defined();
const mm = number().min(0).max(5000).required();
/** With the thumb. */
const MAX_FINGERS = 5;
const pitch = number().integer().min(LOWEST_STRING_MIDI).max(HIGHEST_STRING_MIDI).required();

const change = object({
  isMoving: boolean().required(),
  travelMm: mm,
  arrivalSpaceMm: mm,
  placedFingers: number().min(0).max(MAX_FINGERS).required(),
  laysBarre: boolean().required(),
  laysSmallBarre: boolean().required(),
  dropsBarre: boolean().required(),
  overreachMm: mm,
  clearsOpenStrings: boolean().required(),
  isOneFinger: boolean().required(),
  leavesOpenStrings: boolean().required(),
  availableMs: number().min(0).max(600_000).required(),
}).noUnknown();

export const roundSchema = object({
  ...localTime,
  drill: string().required().max(LONGEST_KEY),
  kind: string().oneOf(DRILL_KINDS).required(),
  name: string().required().max(LONGEST_KEY),
  result: string().oneOf(RESULTS).required(),
  seconds: number().min(0).max(MAX_SECONDS).required(),
  guitarId: optionalId,
  tuningMidi: array(pitch).max(MAX_STRINGS).required(),
  songId: optionalId,
  bpm: number().min(SLOWEST_BPM).max(FASTEST_BPM).nullable().defined(),
  roomQuarters: number().min(0).max(16).required(),
  step: string().oneOf(STEPS).required(),
  medianMs: offMs,
  spreadMs: offMs,
  card: string().max(LONGEST_KEY).nullable().defined(),
  change: change.nullable().defined(),
  note: string().max(LONGEST_NOTE).defined(),
}).noUnknown();

export const roundChangeSchema = change;

export const journalSchema = object({
  ...localTime,
  text: string().trim().required().max(LONGEST_NOTE),
}).noUnknown();

const bpm = number().integer().min(SLOWEST_BPM).max(FASTEST_BPM).required();
const bars = number().integer().min(0).max(MAX_GAP_BARS).required();
const ms = number().min(0).max(5000).required();
const timingTerms = Object.fromEntries(TIMING_TERMS.map((term) => [term, ms])) as Record<
  TimingTerm,
  typeof ms
>;

export const practiceSchema = object({
  minutes: mixed<(typeof SITTINGS)[number]>().oneOf(SITTINGS).required(),
  songId: optionalId,
  ladder: object({
    stepBpm: number().integer().min(1).max(20).required(),
    minBpm: bpm,
    maxBpm: bpm.test({
      name: "above the least",
      message: ({ path }) => `${path} must not be below the slowest tempo`,
      test: (max, { parent }) => !(max < (parent as { minBpm: number }).minBpm),
    }),
    leavesRoom: boolean().required(),
  }).noUnknown(),
  metronome: object({
    perBeat: mixed<(typeof PER_BEAT)[number]>().oneOf(PER_BEAT).required(),
    feel: string().oneOf(CLICK_FEELS).required(),
    accents: string().oneOf(CLICK_ACCENTS).required(),
    soundBars: bars.min(1),
    silentBars: bars,
  }).noUnknown(),
  newCards: number().integer().min(0).max(MAX_NEW_CARDS).required(),
  noteStage: number()
    .integer()
    .min(0)
    .max(NOTE_STAGES.length - 1)
    .nullable()
    .defined(),
  goals: array(
    object({
      songId: number().integer().positive().max(Number.MAX_SAFE_INTEGER).required(),
      bpm,
      by: string()
        .matches(/^\d{4}-\d\d-\d\d$/)
        .required(),
    }).noUnknown(),
  )
    .max(MAX_GOALS)
    .required(),
  weekMinutes: number().integer().min(5).max(5000).nullable().defined(),
  hearsChords: boolean().required(),
  latencyMs: number().min(-200).max(1000).nullable().defined(),
  hasHeadphones: boolean().required(),
  ownTiming: object({
    ...timingTerms,
    usableShare: number().moreThan(0).max(1).required(),
    possible: object(timingTerms).noUnknown().required(),
  })
    .noUnknown()
    .nullable()
    .defined(),
}).noUnknown();
