import { readTuning } from "./read";
import { type Tuning } from "./tuning";

/** The tunings offered in lists, by the name they are read from; six strings first. */
const NAMES = [
  "Standard",
  "Eb standard",
  "D standard",
  "C# standard",
  "C standard",
  "B standard",
  "Drop D",
  "Drop C#",
  "Drop C",
  "Drop B",
  "Drop A",
  "Double drop D",
  "Open D",
  "Open E",
  "Open G",
  "Open A",
  "Open C",
  "Open D minor",
  "Open G minor",
  "DADGAD",
  "Asus4",
  "All fourths",
  "7-string B standard",
  "7-string A standard",
  "7-string drop A",
  "7-string drop G",
  "7-string all fourths",
  "8-string F# standard",
  "8-string E standard",
  "8-string drop E",
  "8-string drop D",
  "9-string C# standard",
  "10-string G# standard",
  "4-string E standard",
  "4-string drop D",
  "5-string B standard",
];

/** Every tuning of the catalogue, in the order of its list. */
export const TUNINGS: readonly Tuning[] = NAMES.map((name) => {
  const read = readTuning(name);
  if (!read.ok) throw new Error(`catalogue: ${name}: ${read.problem.message}`);
  return read.value.tuning;
});
