import { LEVELS, type Level, type TimingTerms } from "@/core/motion";

/**
 * Starting values for the fit of the timing constants. set, bit, finger, barre, small barre, overreach and leaving open
 * strings were fitted to a table of 100 changes, half of which is changes.json; dropping a barre took "half a barre and
 * more" there. The values for one finger and for clearing open strings are judgements.
 */
export const FIRST_CONSTANTS: Readonly<Record<Level, TimingTerms>> = {
  first: {
    setMs: 269,
    bitMs: 60,
    fingerMs: 76,
    barreMs: 435,
    smallBarreMs: 290,
    dropBarreMs: 239,
    overreachMs: 63,
    clearOpenMs: 60,
    oneFingerSavesMs: 50,
    openStringsSaveMs: 90,
  },
  steady: {
    setMs: 166,
    bitMs: 31,
    fingerMs: 28,
    barreMs: 71,
    smallBarreMs: 60,
    dropBarreMs: 39,
    overreachMs: 17,
    clearOpenMs: 15,
    oneFingerSavesMs: 15,
    openStringsSaveMs: 35,
  },
  fluent: {
    setMs: 121,
    bitMs: 19,
    fingerMs: 14,
    barreMs: 25,
    smallBarreMs: 25,
    dropBarreMs: 14,
    overreachMs: 8,
    clearOpenMs: 8,
    oneFingerSavesMs: 10,
    openStringsSaveMs: 20,
  },
};

/** Time of the fastest players over the time in which a change holds: the root of the ranges' mean lower-to-upper ratio. */
const POSSIBLE_SHARE: Readonly<Record<Level, number>> = { first: 0.7, steady: 0.77, fluent: 0.8 };

export const FIRST_POSSIBLE = Object.fromEntries(
  LEVELS.map((level) => [
    level,
    Object.fromEntries(
      Object.entries(FIRST_CONSTANTS[level]).map(([term, ms]) => [
        term,
        ms * POSSIBLE_SHARE[level],
      ]),
    ),
  ]),
) as unknown as Readonly<Record<Level, TimingTerms>>;
