import { noteText, spellDegree, type Note } from "@/core/pitch";

/** Chords that go round, by their degrees over the key: half steps, and what follows the root's name. */
interface Loop {
  readonly name: string;
  readonly chords: readonly (readonly [semitones: number, kind: string])[];
}

/** What is practised in any key (common practice); the degrees stand in their names. */
export const LOOPS: readonly Loop[] = [
  {
    name: "I IV V",
    chords: [
      [0, "5"],
      [5, "5"],
      [7, "5"],
      [5, "5"],
    ],
  },
  {
    name: "I V vi IV",
    chords: [
      [0, ""],
      [7, ""],
      [9, "m"],
      [5, ""],
    ],
  },
  {
    name: "vi IV I V",
    chords: [
      [9, "m"],
      [5, ""],
      [0, ""],
      [7, ""],
    ],
  },
  {
    name: "i VI III VII",
    chords: [
      [0, "m"],
      [8, ""],
      [3, ""],
      [10, ""],
    ],
  },
  {
    name: "I bVII IV I",
    chords: [
      [0, "5"],
      [10, "5"],
      [5, "5"],
      [0, "5"],
    ],
  },
  {
    name: "I bIII bVII IV",
    chords: [
      [0, "5"],
      [3, "5"],
      [10, "5"],
      [5, "5"],
    ],
  },
];

/** Four bars of a loop in a key, as a chart; a loop that nobody knows is I, IV, V. */
export function writeLoop(name: string, key: Note): string {
  const loop = LOOPS.find((each) => each.name === name) ?? LOOPS[0];
  const isMinor = loop?.name.startsWith("i ") ?? false;
  const bars = (loop?.chords ?? []).map(
    ([semitones, kind]) => `${noteText(spellDegree(key, semitones))}${kind}`,
  );
  return `Key: ${noteText(key)}${isMinor ? "m" : ""}\n| ${bars.join(" | ")} |\n`;
}
