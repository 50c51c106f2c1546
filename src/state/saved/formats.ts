import { DEFAULT_SONG_SETTINGS, type SongSettings } from "@/core/arrangement";
import { type Finger } from "@/core/hand";
import { type RoundChange } from "@/core/practice";
import {
  DEFAULT_COMPARISON,
  DEFAULT_PROFILE,
  isFields,
  renameFields,
  type Choice,
  type Comparison,
  type Fields,
  type Profile,
} from "@/state";
import {
  choiceSchema,
  comparisonSchema,
  fingers,
  fretting,
  profileSchema,
  roundChangeSchema,
  songSettingsSchema,
  voicing,
  tuningMidi,
} from "@/state/schema";
import { array, number, type Schema } from "yup";
import { type SavedFormat } from "./format";
import { upgradeOwnTiming, upgradeRoundChange } from "./timing";

export const PROFILE_FORMAT: SavedFormat<Profile> = {
  version: 3,
  steps: [upgradeOwnTiming, renameFields],
  schema: profileSchema,
  defaults: DEFAULT_PROFILE,
};

export const COMPARISON_FORMAT: SavedFormat<Comparison> = {
  version: 2,
  steps: [renameFields],
  schema: comparisonSchema,
  defaults: { ...DEFAULT_COMPARISON, columns: [], chords: "" },
};

export const SONG_FORMAT: SavedFormat<SongSettings> = {
  version: 3,
  steps: [strumsLeft, renameFields],
  schema: songSettingsSchema as unknown as Schema<SongSettings>,
  defaults: DEFAULT_SONG_SETTINGS,
};

/** Version 1 left out a chord's last eighth, which is its last strum when eighths are strummed. */
function strumsLeft(saved: unknown): unknown {
  if (!isFields(saved) || !Array.isArray(saved.marks)) return saved;
  const marks = saved.marks.map((mark: unknown) =>
    isFields(mark) && mark.act === "leave" ? { ...mark, strums: 1 } : mark,
  );
  return { ...saved, marks };
}

/** The last choice; its defaults depend on which guitars there are. */
export function choiceFormat(plain: Choice): SavedFormat<Choice> {
  return {
    version: CHOICE_VERSION,
    steps: [comparedTuning, renameFields],
    schema: choiceSchema,
    defaults: plain,
    within: { comparison: COMPARISON_FORMAT },
  };
}

/** Version 1 could hold one other tuning where a comparison is now; version 2 had older names of fields. */
export const CHOICE_VERSION = 3;

function comparedTuning(saved: unknown): unknown {
  if (!isFields(saved)) return saved;
  const { comparedMidi, ...rest } = saved;
  return { ...rest, comparison: rest.comparison ?? comparisonOf(rest, comparedMidi) };
}

/** The first Tenon compared the tuning on the neck with one other. */
function comparisonOf(
  { guitarId, tuningMidi: midi, root }: Fields,
  comparedMidi: unknown,
): unknown {
  if (!Array.isArray(comparedMidi)) return null;
  return {
    columns: [midi, comparedMidi].map((each) => ({ guitarId, midi: each })),
    chords: `${String(root)}5`,
  };
}

const list = <T extends object>(schema: SavedFormat<T>["schema"]): SavedFormat<T> => ({
  version: 1,
  steps: [],
  schema,
  defaults: null,
});

export const MIDI_FORMAT = list<readonly number[]>(tuningMidi);
export const VOICING_FORMAT = list<readonly number[]>(voicing);
export const FRETTING_FORMAT = list<readonly (number | null)[]>(fretting);
/** A round's row has one version, for both its tuning and its change. */
const ROUND_VERSION = 2;
/** A log from elsewhere may not say in which tuning a round was. */
export const SHORT_TUNING_FORMAT: SavedFormat<readonly number[]> = {
  ...list<readonly number[]>(array(number().integer().required()).required()),
  version: ROUND_VERSION,
  steps: [(saved) => saved],
};
export const ROUND_CHANGE_FORMAT: SavedFormat<RoundChange> = {
  ...list<RoundChange>(roundChangeSchema),
  version: ROUND_VERSION,
  steps: [upgradeRoundChange],
};
export const FINGERS_FORMAT = list<readonly (Finger | 0)[]>(fingers);
