/** What the fields of guitars and players are called on screen, where their own name does not say it. */
const WORDS: Readonly<Record<string, string>> = {
  usualMidi: "usual tuning",
  tunedMidi: "current tuning",
  scaleMm: "scale length",
  trebleScaleMm: "treble scale length",
  perpendicularFret: "perpendicular fret",
  nutMm: "width at the nut",
  bridgeMm: "width at the bridge",
  leftHanded: "left-handed",
  leastNotes: "fewest notes",
  position: "place in the list",
  spanMm: "span",
  fingertipMm: "fingertip",
  without: "fingers not used",
  school: "fingering",
  accidentals: "sharps and flats",
  a4Hz: "A4",
  naming: "how chords are named",
  limits: "warnings",
  withBass: "bass in the band",
  learnsFromPins: "what pins change",
  pinsLearntAfter: "forgotten pins",
};

/** A field as a player calls it. */
export function fieldWords(field: string): string {
  return WORDS[field] ?? field;
}
