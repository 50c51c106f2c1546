import { readFretting } from "@/core/fretting";
import { type Finger } from "@/core/hand";
import { GRIP_ORDERS, type GripFilter } from "@/core/listing";
import { MAX_FRETS } from "@/core/neck";
import { parseNote } from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import { makeVoicing } from "@/core/voicing";
import { MAX_STRINGS } from "@/core/tuning";
import { DEFAULT_VIEW, MARK_LABELS, SPACINGS, type View } from "@/state";
import { viewSchema } from "@/state/schema";
import { savable } from "./savable";
import { readTuningPart } from "./tuningPart";
import { ADDRESS_PARTS, type AddressPart } from "./write";

export interface Address {
  /** What the address says; empty where it says nothing. */
  readonly view: Partial<View>;
  /** What could not be read and was left out. */
  readonly problems: readonly string[];
}

/** What a text changes of a view, as far as the parts before it have been read. */
type Reader = (text: string, soFar: View) => Result<Partial<View>>;

const PRESENCES = ["with", "without"] as const;
const LOWEST_NOTES = ["root", "fifth"] as const;

/** How each part is read back, the counterpart of its writer. */
const READERS: Readonly<Record<AddressPart, Reader>> = {
  tuning: (text) => {
    const midi = readTuningPart(text);
    return midi.ok ? success({ tuningMidi: midi.value }) : midi;
  },
  root: (text) => {
    const note = parseNote(text);
    return note.ok ? success({ root: text }) : note;
  },
  voicing: (text) => {
    const voicing = makeVoicing(text.split(",").map(toWhole));
    return voicing.ok ? success({ voicing: voicing.value }) : voicing;
  },
  least: whole("least", 2, MAX_STRINGS, (minNotes) => ({ minNotes })),
  grip: (text, { tuningMidi: { length } }) => {
    const read = readFretting(text, "grip");
    if (!read.ok) return read;
    if (read.value.length !== length) {
      return failure("grip", `${read.value.length} frets; this tuning has ${length} strings`);
    }
    if (read.value.some((fret) => fret !== null && fret > MAX_FRETS)) {
      return failure("grip", `'${text}': write frets from 0 to ${MAX_FRETS}`);
    }
    return success({ chosen: { fretting: read.value, fingers: read.value.map(() => 0 as const) } });
  },
  fingers: (text, { chosen }) => {
    const fingers = text.split("-").map(toFinger);
    if (!chosen || fingers.length !== chosen.fretting.length || !fingers.every(isFinger)) {
      return failure("fingers", `'${text}': write 0 to 4 or T for each string of the grip`);
    }
    return success({ chosen: { ...chosen, fingers } });
  },
  map: (text) => {
    if (text === "naturals") return success({ naturals: true });
    const mapped = text === "" ? [] : text.split(",").map(toWhole);
    return mapped.every((degree) => degree >= 0 && degree <= 11)
      ? success({ mapped: [...new Set(mapped)] })
      : failure("map", `'${text}': write degrees as semitones, 0 to 11, like 0,4,7`);
  },
  strings: (text, { tuningMidi: { length } }) => {
    const strings = text === "" ? [] : text.split(",").map((number) => length - toWhole(number));
    return strings.every((string) => string >= 0 && string < length)
      ? success({ mapStrings: [...new Set(strings)] })
      : failure("strings", `'${text}': write numbers from 1 to ${length}`);
  },
  marks: oneOf("marks", MARK_LABELS, (labels) => ({ labels })),
  spacing: oneOf("spacing", SPACINGS, (spacing) => ({ spacing })),
  above: flag("above", { thickOnTop: true }),
  order: oneOf("order", GRIP_ORDERS, (order) => ({ order })),
  stage: flag("stage", { stage: true }),
  frets: (text, soFar) => {
    const [low = NaN, high = NaN] = text.split("-").map(toWhole);
    return low >= 0 && low <= high && high <= MAX_FRETS
      ? success(filtered(soFar, { frets: [low, high] }))
      : failure(
          "frets",
          `'${text}': write two frets from 0 to ${MAX_FRETS}, the lower first, like 5-9`,
        );
  },
  open: oneOf("open", PRESENCES, (openStrings, soFar) => filtered(soFar, { openStrings })),
  bars: oneOf("bars", PRESENCES, (barre, soFar) => filtered(soFar, { barre })),
  safe: filterFlag("safe", { strumSafe: true }),
  comfortable: filterFlag("comfortable", { comfortable: true }),
  most: whole("most", 0, 5, (maxFingers, soFar) => filtered(soFar, { maxFingers })),
  notes: whole("notes", 1, MAX_STRINGS, (notes, soFar) => filtered(soFar, { notes })),
  lowest: (text, soFar) => {
    const { length } = soFar.tuningMidi;
    const bassString = length - toWhole(text);
    return bassString >= 0 && bassString < length
      ? success(filtered(soFar, { bassString }))
      : failure("lowest", `'${text}' is no string of this tuning`);
  },
  bass: oneOf("bass", LOWEST_NOTES, (lowestNote, soFar) => filtered(soFar, { lowestNote })),
  through: (text, soFar) => {
    const { length } = soFar.tuningMidi;
    const [number = NaN, fret = NaN] = text.split("-").map(toWhole);
    const string = length - number;
    const isOnNeck = string >= 0 && string < length && fret >= 0 && fret <= MAX_FRETS;
    return isOnNeck
      ? success(filtered(soFar, { through: { string, fret } }))
      : failure("through", `'${text}': write a string and a fret up to ${MAX_FRETS}, like 6-3`);
  },
};

/** A tuning of the usual kind, for parts that count its strings where the address tells none. */
const USUAL_STRINGS = [40, 45, 50, 55, 59, 64];

/** What the voicing is called in addresses of an earlier Tenon. */
const OLDER_VOICING = "stack";

/** Reads the query of an address. Names it does not know are left alone; bad values become problems. */
export function readAddress(search: string): Address {
  const query = new URLSearchParams(search);
  const problems: string[] = [];
  let said: Partial<View> = {};
  for (const name of ADDRESS_PARTS) {
    const text = query.get(name) ?? (name === "voicing" ? query.get(OLDER_VOICING) : null);
    if (text === null) continue;
    const soFar = { ...DEFAULT_VIEW, tuningMidi: USUAL_STRINGS, ...said };
    const result = savable(viewSchema, READERS[name](text, soFar));
    if (result.ok) said = { ...said, ...result.value };
    else problems.push(`Address, ${name}: ${result.problem.message}`);
  }
  // A bookmark that names a tuning shows exactly that view, with nothing left over from the last one.
  return { view: said.tuningMidi ? { ...DEFAULT_VIEW, ...said } : said, problems };
}

function filtered({ filter }: View, part: Partial<GripFilter>): Partial<View> {
  return { filter: { ...filter, ...part } };
}

function oneOf<Value extends string>(
  name: string,
  values: readonly Value[],
  set: (value: Value, soFar: View) => Partial<View>,
): Reader {
  return (text, soFar) => {
    const value = values.find((each) => each === text);
    return value === undefined
      ? failure(name, `'${text}': write ${values.join(", ")}`)
      : success(set(value, soFar));
  };
}

function whole(
  name: string,
  low: number,
  high: number,
  set: (value: number, soFar: View) => Partial<View>,
): Reader {
  return (text, soFar) => {
    const value = toWhole(text);
    return value >= low && value <= high
      ? success(set(value, soFar))
      : failure(name, `'${text}': write a whole number from ${low} to ${high}`);
  };
}

function flag(name: string, set: Partial<View>): Reader {
  return (text) => (text === "yes" ? success(set) : failure(name, `'${text}': write yes`));
}

function filterFlag(name: string, part: Partial<GripFilter>): Reader {
  return (text, soFar) =>
    text === "yes" ? success(filtered(soFar, part)) : failure(name, `'${text}': write yes`);
}

/** A whole number, or NaN, which fails every check. */
function toWhole(text: string): number {
  return /^-?\d{1,3}$/.test(text) ? Number(text) : NaN;
}

function toFinger(text: string): Finger | 0 | null {
  if (text === "T") return text;
  return /^[0-4]$/.test(text) ? (Number(text) as Finger | 0) : null;
}

function isFinger(finger: Finger | 0 | null): finger is Finger | 0 {
  return finger !== null;
}
