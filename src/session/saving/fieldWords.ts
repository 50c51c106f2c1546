import { type Kept, type Kind } from "@/state";

/** Every window has a choice of its own, and a round never changes. */
type Told = Exclude<Kind, "choice" | "round">;
type Field = { [K in Told]: keyof Kept[K] }[Told];

/** What fields are called on screen. */
const WORDS: Readonly<Record<Field, string>> = {
  name: "name",
  frets: "frets",
  usualMidi: "usual tuning",
  tunedMidi: "current tuning",
  midi: "tuning",
  tuningMidi: "tuning",
  capo: "capo",
  scaleMm: "scale length",
  trebleScaleMm: "treble scale length",
  perpendicularFret: "perpendicular fret",
  nutMm: "width at the nut",
  bridgeMm: "width at the bridge",
  leftHanded: "left-handed",
  bridge: "bridge",
  strings: "strings",
  position: "place in the list",
  voicing: "voicing",
  minNotes: "fewest notes",
  root: "root",
  guitarId: "guitar",
  fretting: "grip",
  fingers: "fingers",
  comparison: "what is compared",
  chart: "chart",
  settings: "how it is played",
  archived: "archived or not",
  atMs: "date",
  zoneMin: "date",
  text: "text",
  spanMm: "span",
  fingertipMm: "fingertip",
  without: "fingers not used",
  school: "fingering",
  accidentals: "sharps and flats",
  a4Hz: "A4",
  naming: "how chords are named",
  limits: "warnings",
  level: "how long you have played",
  downStrokesBpm: "fastest down strokes",
  withBass: "bass in the band",
  learnsFromPins: "what pins change",
  pinsLearntAfter: "forgotten pins",
  practice: "practice",
};

/** What a player calls a field. A newer server may send fields that are not in the table. */
export function fieldWords(field: string): string {
  return field in WORDS ? WORDS[field as Field] : "a detail";
}
