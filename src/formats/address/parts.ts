import { readFretting } from "@/core/fretting";
import { type Finger } from "@/core/hand";
import { GRIP_ORDERS, type GripFilter } from "@/core/listing";
import { parseNote, pitchText } from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import { makeStack } from "@/core/stack";
import { MAX_STRINGS, readTuning } from "@/core/tuning";
import { MARK_LABELS, SPACINGS, type View } from "./view";

/** One name of the address: how it is written, null where it goes without saying, and read back. */
export interface Part {
  readonly name: string;
  readonly write: (view: View) => string | null;
  /** What the text changes of a view, as far as the parts before it have been read. */
  readonly read: (text: string, soFar: View) => Result<Partial<View>>;
}

/** All names of the address, in the order they are written. */
export const PARTS: readonly Part[] = [
  {
    name: "tuning",
    write: ({ tuningMidi }) => tuningMidi.join(","),
    read: (text) => {
      const isMidi = /^\d{1,3}(,\d{1,3})+$/.test(text);
      // Pitches are read as notes, so that they pass the same checks as what a player writes.
      const read = isMidi ? readMidi(text) : readTuning(text);
      return read.ok ? success({ tuningMidi: read.value.tuning.midi }) : read;
    },
  },
  {
    name: "root",
    write: ({ root }) => root,
    read: (text) => {
      const note = parseNote(text);
      return note.ok ? success({ root: text }) : note;
    },
  },
  {
    name: "stack",
    write: ({ stack }) => stack.join(","),
    read: (text) => {
      const stack = makeStack(text.split(",").map(toWhole));
      return stack.ok ? success({ stack: stack.value }) : stack;
    },
  },
  whole(
    "least",
    2,
    MAX_STRINGS,
    ({ leastNotes }) => leastNotes,
    (leastNotes) => ({ leastNotes }),
  ),
  {
    name: "grip",
    write: ({ chosen }) => chosen && chosen.fretting.map((fret) => fret ?? "x").join("-"),
    read: (text, { tuningMidi }) => {
      const read = readFretting(text, "grip");
      if (!read.ok) return read;
      if (read.value.length !== tuningMidi.length) {
        return failure(
          "grip",
          `${read.value.length} frets; this tuning has ${tuningMidi.length} strings`,
        );
      }
      return success({
        chosen: { fretting: read.value, fingers: read.value.map(() => 0 as const) },
      });
    },
  },
  {
    name: "fingers",
    write: ({ chosen }) => chosen && chosen.fingers.join("-"),
    read: (text, { chosen }) => {
      const fingers = text.split("-").map(toFinger);
      if (!chosen || fingers.length !== chosen.fretting.length || !fingers.every(isFinger)) {
        return failure("fingers", `'${text}': write 0 to 4 or T for each string of the grip`);
      }
      return success({ chosen: { ...chosen, fingers } });
    },
  },
  {
    name: "map",
    write: ({ mapped, naturals }) => (naturals ? "naturals" : (mapped?.join(",") ?? null)),
    read: (text) => {
      if (text === "naturals") return success({ naturals: true });
      const mapped = text === "" ? [] : text.split(",").map(toWhole);
      return mapped.every((degree) => degree >= 0 && degree <= 11)
        ? success({ mapped: [...new Set(mapped)] })
        : failure("map", `'${text}': write degrees as semitones, 0 to 11, like 0,4,7`);
    },
  },
  {
    name: "strings",
    write: ({ mapStrings, tuningMidi }) =>
      mapStrings?.map((string) => tuningMidi.length - string).join(",") ?? null,
    read: (text, { tuningMidi: { length } }) => {
      const strings = text === "" ? [] : text.split(",").map((number) => length - toWhole(number));
      return strings.every((string) => string >= 0 && string < length)
        ? success({ mapStrings: strings })
        : failure("strings", `'${text}': write numbers from 1 to ${length}`);
    },
  },
  oneOf(
    "marks",
    MARK_LABELS,
    ({ labels }) => labels,
    (labels) => ({ labels }),
  ),
  oneOf(
    "spacing",
    SPACINGS,
    ({ spacing }) => spacing,
    (spacing) => ({ spacing }),
  ),
  flag(
    "above",
    ({ thickOnTop }) => thickOnTop,
    (thickOnTop) => ({ thickOnTop }),
  ),
  oneOf(
    "order",
    GRIP_ORDERS,
    ({ order }) => order,
    (order) => ({ order }),
  ),
  flag(
    "stage",
    ({ stage }) => stage,
    (stage) => ({ stage }),
  ),
  ...filterParts(),
];

function filterParts(): readonly Part[] {
  const ways = ["with", "without"] as const;
  const put = (part: Partial<GripFilter>, { filter }: View) => ({ filter: { ...filter, ...part } });
  return [
    {
      name: "frets",
      write: ({ filter: { frets } }) => frets?.join("-") ?? null,
      read: (text, view) => {
        const [low = NaN, high = NaN] = text.split("-").map(toWhole);
        return low >= 0 && low <= high
          ? success(put({ frets: [low, high] }, view))
          : failure("frets", `'${text}': write two frets, the lower first, like 5-9`);
      },
    },
    oneOf(
      "open",
      ways,
      ({ filter }) => filter.openStrings,
      (openStrings, view) => put({ openStrings }, view),
    ),
    oneOf(
      "bars",
      ways,
      ({ filter }) => filter.barre,
      (barre, view) => put({ barre }, view),
    ),
    flag(
      "safe",
      ({ filter }) => filter.strumSafe,
      (strumSafe, view) => put({ strumSafe }, view),
    ),
    flag(
      "comfortable",
      ({ filter }) => filter.comfortable,
      (comfortable, view) => put({ comfortable }, view),
    ),
    whole(
      "most",
      0,
      5,
      ({ filter }) => filter.mostFingers,
      (mostFingers, view) => put({ mostFingers }, view),
    ),
    whole(
      "notes",
      1,
      MAX_STRINGS,
      ({ filter }) => filter.notes,
      (notes, view) => put({ notes }, view),
    ),
    {
      name: "lowest",
      write: ({ filter: { bassString }, tuningMidi }) =>
        bassString === null ? null : String(tuningMidi.length - bassString),
      read: (text, view) => {
        const bassString = view.tuningMidi.length - toWhole(text);
        return bassString >= 0 && bassString < view.tuningMidi.length
          ? success(put({ bassString }, view))
          : failure("lowest", `'${text}' is no string of this tuning`);
      },
    },
    {
      name: "through",
      write: ({ filter: { through }, tuningMidi }) =>
        through && `${tuningMidi.length - through.string}-${through.fret}`,
      read: (text, view) => {
        const [number = NaN, fret = NaN] = text.split("-").map(toWhole);
        const string = view.tuningMidi.length - number;
        return string >= 0 && string < view.tuningMidi.length && fret >= 0
          ? success(put({ through: { string, fret } }, view))
          : failure("through", `'${text}': write a string and a fret, like 6-3`);
      },
    },
  ];
}

function oneOf<Value extends string>(
  name: string,
  values: readonly Value[],
  get: (view: View) => string,
  set: (value: Value, soFar: View) => Partial<View>,
): Part {
  return {
    name,
    write: (view) => (isOneOf(values, get(view)) ? get(view) : null),
    read: (text, soFar) =>
      isOneOf(values, text)
        ? success(set(text, soFar))
        : failure(name, `'${text}': write ${values.join(", ")}`),
  };
}

function whole(
  name: string,
  low: number,
  high: number,
  get: (view: View) => number | null,
  set: (value: number, soFar: View) => Partial<View>,
): Part {
  return {
    name,
    write: (view) => get(view)?.toString() ?? null,
    read: (text, soFar) => {
      const value = toWhole(text);
      return value >= low && value <= high
        ? success(set(value, soFar))
        : failure(name, `'${text}': write a whole number from ${low} to ${high}`);
    },
  };
}

function flag(
  name: string,
  get: (view: View) => boolean,
  set: (value: boolean, soFar: View) => Partial<View>,
): Part {
  return {
    name,
    write: (view) => (get(view) ? "yes" : null),
    read: (text, soFar) =>
      text === "yes" ? success(set(true, soFar)) : failure(name, `'${text}': write yes`),
  };
}

function isOneOf<Value extends string>(values: readonly Value[], text: string): text is Value {
  return (values as readonly string[]).includes(text);
}

/** A whole number, or NaN, which no check lets pass. */
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

function readMidi(text: string): ReturnType<typeof readTuning> {
  const midi = text.split(",").map(Number);
  return readTuning(midi.map((pitch) => pitchText(pitch)).join(" "), { strings: midi.length });
}
