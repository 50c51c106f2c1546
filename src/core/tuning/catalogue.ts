import { readTuning } from "./readTuning";
import { type Tuning } from "./tuning";

/** Tunings of one kind, as a list shows them. */
interface TuningGroup {
  readonly name: string;
  readonly tunings: readonly Tuning[];
}

/** The catalogue by the names its tunings are read from; common ones first in each group. */
const GROUPS: Readonly<Record<string, readonly string[]>> = {
  "Standard tunings": names("Standard", "Eb D C# C B Bb A F", " standard"),
  "Drop tunings": names("", "D C# C B Bb A G# G", "drop "),
  "Double drop": names("", "D C# C", "double drop "),
  "Open major": names("", "D E G A C F B", "open "),
  "Open minor": ["D", "E", "G", "A", "C"].map((note) => `open ${note} minor`),
  Modal: ["DADGAD", "Asus4", "Gsus4", "Esus4", "Dsus2", "Gsus2", "Csus2", "Lute"],
  "Equal steps": [
    "All fourths",
    "All fifths",
    "All fifths from C",
    "All major thirds",
    "All minor thirds",
    "All augmented fourths",
  ],
  "Seven to ten strings": [
    ...["B", "Bb", "A", "G#", "G"].map((note) => `7-string ${note} standard`),
    "7-string all fourths",
    ...["F#", "F", "E", "D#"].map((note) => `8-string ${note} standard`),
    "8-string all fourths",
    "9-string C# standard",
    "9-string C standard",
    "10-string G# standard",
  ],
  "Drop, seven to ten strings": [
    ...["A", "G#", "G", "F#"].map((note) => `7-string drop ${note}`),
    ...["E", "Eb", "D", "C#"].map((note) => `8-string drop ${note}`),
    "9-string drop B",
    "10-string drop F#",
  ],
  "Four to six strings, bass": [
    "4-string E standard",
    "4-string D standard",
    "4-string drop D",
    "4-string drop C",
    "5-string B standard",
    "5-string drop A",
    "6-string bass",
  ],
};

/** Every tuning of the catalogue, grouped by kind. */
export const TUNING_GROUPS: readonly TuningGroup[] = Object.entries(GROUPS).map(
  ([name, members]) => ({ name, tunings: members.map(readMember) }),
);

/** The same in one list. */
export const TUNINGS: readonly Tuning[] = TUNING_GROUPS.flatMap(({ tunings }) => tunings);

function names(first: string, notes: string, affix: string): readonly string[] {
  const named = notes
    .split(" ")
    .map((note) => (affix.startsWith(" ") ? note + affix : affix + note));
  return first ? [first, ...named] : named;
}

function readMember(name: string): Tuning {
  const read = readTuning(name);
  if (!read.ok) throw new Error(`catalogue: ${name}: ${read.problem.message}`);
  return read.value.tuning;
}
