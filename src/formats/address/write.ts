import { DEFAULT_VIEW, type View } from "@/state";

/** The names of the address, in the order they are written. */
export const ADDRESS_PARTS = [
  "tuning",
  "root",
  "voicing",
  "least",
  "grip",
  "fingers",
  "map",
  "strings",
  "marks",
  "spacing",
  "above",
  "order",
  "stage",
  "frets",
  "open",
  "bars",
  "safe",
  "comfortable",
  "most",
  "notes",
  "lowest",
  "bass",
  "through",
] as const;
export type AddressPart = (typeof ADDRESS_PARTS)[number];

/** How each part of a view is written; null where there is nothing to write. */
const WRITERS: Readonly<Record<AddressPart, (view: View) => string | null>> = {
  tuning: ({ tuningMidi }) => tuningMidi.join(","),
  root: ({ root }) => root,
  voicing: ({ voicing }) => voicing.join(","),
  least: ({ minNotes }) => number(minNotes),
  grip: ({ chosen }) => chosen && chosen.fretting.map((fret) => fret ?? "x").join("-"),
  fingers: ({ chosen }) => chosen && chosen.fingers.join("-"),
  map: ({ mapped, naturals }) => (naturals ? "naturals" : (mapped?.join(",") ?? null)),
  strings: ({ mapStrings, tuningMidi }) =>
    mapStrings?.map((string) => tuningMidi.length - string).join(",") ?? null,
  marks: ({ labels }) => labels,
  spacing: ({ spacing }) => spacing,
  above: ({ thickOnTop }) => flag(thickOnTop),
  order: ({ order }) => order,
  stage: ({ stage }) => flag(stage),
  frets: ({ filter }) => filter.frets?.join("-") ?? null,
  open: ({ filter }) => way(filter.openStrings),
  bars: ({ filter }) => way(filter.barre),
  safe: ({ filter }) => flag(filter.strumSafe),
  comfortable: ({ filter }) => flag(filter.comfortable),
  most: ({ filter }) => number(filter.maxFingers),
  notes: ({ filter }) => number(filter.notes),
  lowest: ({ filter: { bassString }, tuningMidi }) =>
    bassString === null ? null : String(tuningMidi.length - bassString),
  bass: ({ filter }) => way(filter.lowestNote),
  through: ({ filter: { through }, tuningMidi }) =>
    through && `${tuningMidi.length - through.string}-${through.fret}`,
};

/** Written even where they equal the defaults: without them a view would change with the player's rig. */
const ALWAYS_WRITTEN: readonly AddressPart[] = ["tuning", "root", "voicing"];

/** A view as the query of an address, "?tuning=40,45,...&root=C%23&voicing=0,7,12"; defaults are left out. */
export function writeAddress(view: View): string {
  const plain = { ...DEFAULT_VIEW, tuningMidi: view.tuningMidi };
  const pairs = ADDRESS_PARTS.flatMap((name) => {
    const text = WRITERS[name](view);
    const isPlain = !ALWAYS_WRITTEN.includes(name) && text === WRITERS[name](plain);
    // Commas are allowed in a query and keep it readable.
    return text === null || isPlain
      ? []
      : [`${name}=${encodeURIComponent(text).replaceAll("%2C", ",")}`];
  });
  return `?${pairs.join("&")}`;
}

function number(value: number | null): string | null {
  return value === null ? null : String(value);
}

function flag(value: boolean): string | null {
  return value ? "yes" : null;
}

function way(value: string): string | null {
  return value === "any" ? null : value;
}
