import { type Fretting } from "@/core/fretting";
import { type Press } from "./assign";
import { type School } from "./hand";

/**
 * Whether a fingering is the habit of a school. "Ring and little" is what the weights already
 * describe; each of the others favours one habit.
 */
export function followsSchool(
  fretting: Fretting,
  presses: readonly Press[],
  school: School,
): boolean {
  switch (school) {
    case "ring and little":
      return false;
    case "ring barre":
      return presses.some(({ finger, hold }) => finger === 3 && hold.strings.length > 1);
    case "index and little":
      return hasTwoNotes(fretting) && presses[0]?.finger === 1 && presses[1]?.finger === 4;
    case "thumb allowed":
      return presses[0]?.finger === "T";
  }
}

function hasTwoNotes(fretting: Fretting): boolean {
  let notes = 0;
  for (const fret of fretting) if (fret !== null) notes++;
  return notes === 2;
}
