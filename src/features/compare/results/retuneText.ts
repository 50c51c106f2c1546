import { type RetuneStep } from "@/core/retuning";
import { stringsText } from "./words";

/** What to turn, in a player's words: "string 6 down 2", "strings 6 and 1 down 2", "all strings up 1". */
export function retuneText(steps: readonly RetuneStep[], strings: number): string {
  if (steps.length === 0) return "nothing";
  const bySemitones = new Map<number, number[]>();
  for (const { string, semitones } of steps) {
    bySemitones.set(semitones, [...(bySemitones.get(semitones) ?? []), strings - string]);
  }
  return [...bySemitones]
    .map(([semitones, numbers]) => {
      const who = numbers.length === strings ? "all strings" : stringsText(numbers);
      return `${who} ${semitones < 0 ? "down" : "up"} ${Math.abs(semitones)}`;
    })
    .join(", ");
}
