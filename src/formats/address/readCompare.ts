import { readProgression } from "@/core/chart";
import { readFretting } from "@/core/fretting";
import { DEFAULT_WEIGHTS, HIGHEST_WEIGHT, WEIGHT_NAMES, type WeightName } from "@/core/gripSearch";
import { MAX_FRETS } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import { makeVoicing } from "@/core/voicing";
import { MAX_STRINGS } from "@/core/tuning";
import { HOLDS, MAX_COLUMNS, MAX_MINUTES, type Comparison } from "@/state";
import { comparisonSchema } from "@/state/schema";
import { readLimits } from "./gripLimits";
import { savable } from "./savable";
import { readTuningPart } from "./tuningPart";

/** What an address says about a comparison. */
interface CompareAddress {
  /** Its tunings, each with the number of a guitar where one is named. */
  readonly tunings: readonly { readonly guitarId: number | null; readonly midi: readonly Midi[] }[];
  readonly rest: Partial<Omit<Comparison, "columns">>;
  /** What could not be read and was left out. */
  readonly problems: readonly string[];
}

type Rest = CompareAddress["rest"];

/** The weights in addresses that an earlier Tenon wrote. */
const FIRST_WEIGHT_NAMES: readonly WeightName[] = ["ease", "low", "clear", "ringing", "retuning"];

const READERS: Readonly<Record<string, (text: string) => Result<Rest>>> = {
  chords: (text) => {
    const read = readProgression(text);
    return read.ok ? success({ chords: text }) : read;
  },
  fives: (text) => {
    const voicing = makeVoicing(text.split(",").map(toNumber));
    return voicing.ok ? success({ powerChordVoicing: voicing.value }) : voicing;
  },
  reduce: (text) =>
    text === "yes"
      ? success({ allAsPowerChords: true })
      : failure("reduce", `'${text}': write yes`),
  least: (text) => {
    const minNotes = toNumber(text);
    return Number.isInteger(minNotes) && minNotes >= 2 && minNotes <= MAX_STRINGS
      ? success({ minNotes })
      : failure("least", `'${text}': write a whole number from 2 to ${MAX_STRINGS}`);
  },
  hold: (text) => {
    const hold = HOLDS.find((each) => each === text);
    return hold ? success({ hold }) : failure("hold", `'${text}': write ${HOLDS.join(", ")}`);
  },
  shape: (text) => {
    const shape = readFretting(text, "shape");
    if (!shape.ok) return shape;
    const isOnNeck = shape.value.every((fret) => fret === null || fret <= MAX_FRETS);
    return isOnNeck
      ? success({ shape: shape.value })
      : failure("shape", `'${text}': write frets from 0 to ${MAX_FRETS}`);
  },
  weigh: (text) => {
    const values = text.split(",").map(toNumber);
    const isFine = values.every((value) => value >= 0 && value <= HIGHEST_WEIGHT);
    const terms: readonly WeightName[] =
      values.length === FIRST_WEIGHT_NAMES.length ? FIRST_WEIGHT_NAMES : WEIGHT_NAMES;
    if (!isFine || values.length !== terms.length) {
      const names = WEIGHT_NAMES.join(", ");
      return failure("weigh", `'${text}': write ${names} as numbers from 0 to ${HIGHEST_WEIGHT}`);
    }
    const told = Object.fromEntries(terms.map((term, index) => [term, values[index]]));
    return success({ weights: { ...DEFAULT_WEIGHTS, ...told } });
  },
  limits: readLimits,
  minutes: (text) => {
    const minutesPerString = toNumber(text);
    return minutesPerString >= 0 && minutesPerString <= MAX_MINUTES
      ? success({ minutesPerString })
      : failure("minutes", `'${text}': write minutes from 0 to ${MAX_MINUTES}`);
  },
};

/** Reads the query of a comparison's address. Names it does not know are left alone. */
export function readCompareAddress(search: string): CompareAddress {
  const query = new URLSearchParams(search);
  const problems: string[] = [];
  const tell = (name: string, message: string) => problems.push(`Address, ${name}: ${message}`);
  const guitars = (query.get("guitars") ?? "").split(";").map(toId);
  const texts = (query.get("tunings") ?? "").split(";").filter((text) => text.trim() !== "");
  if (texts.length > MAX_COLUMNS) tell("tunings", `only the first ${MAX_COLUMNS} are shown`);
  const tunings = texts.slice(0, MAX_COLUMNS).flatMap((text, index) => {
    const midi = readTuningPart(text);
    if (!midi.ok) {
      tell("tunings", midi.problem.message);
      return [];
    }
    return [{ guitarId: guitars[index] ?? null, midi: midi.value }];
  });
  let rest: Rest = {};
  for (const [name, read] of Object.entries(READERS)) {
    const text = query.get(name);
    if (text === null) continue;
    const result = savable(comparisonSchema, read(text));
    if (result.ok) rest = { ...rest, ...result.value };
    else tell(name, result.problem.message);
  }
  return { tunings, rest, problems };
}

/** A number, or NaN, which fails every check. */
function toNumber(text: string): number {
  return /^-?\d{1,6}(\.\d{1,6})?$/.test(text) ? Number(text) : NaN;
}

/** The number under which a guitar is kept, which a page made from the time; null for anything else. */
function toId(text: string): number | null {
  return /^\d{1,16}$/.test(text) && Number.isSafeInteger(Number(text)) ? Number(text) : null;
}
