import { type RetuneStep } from "@/core/tuning";

/** What to turn, in a player's words: "string 6 down 2, string 1 down 2". */
export function retuneText(
  steps: readonly RetuneStep[] | null,
  strings: number,
  guitarName: string,
): string {
  if (steps === null) return `take ${guitarName}`;
  if (steps.length === 0) return "nothing";
  return steps
    .map(({ string, semitones }) => {
      const direction = semitones < 0 ? "down" : "up";
      return `string ${strings - string} ${direction} ${Math.abs(semitones)}`;
    })
    .join(", ");
}
