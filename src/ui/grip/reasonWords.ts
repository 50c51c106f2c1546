import { type DampingConflict, type DampingPlan, type SilentString } from "@/core/hand";
import { damperText, fingerName } from "@/formats/dampingWords";

/** What keeps a string silent, short enough to stand on the string itself. */
export function damperOnString({ first }: SilentString): string {
  const { by, finger } = first;
  switch (by) {
    case "pick":
      return "! pick misses it";
    case "nothing":
      return "! nothing stops it";
    case "underside":
      return `under ${finger === null ? "" : fingerName(finger)}`;
    default:
      return damperText(first);
  }
}

export function conflictText(conflict: DampingConflict, strings: number): string {
  const name = fingerName(conflict.finger);
  if (conflict.kind === "two jobs") {
    const [done, left] = conflict.strings.map((string) => strings - string);
    return `The ${name} cannot silence both ${done} and ${left}.`;
  }
  const { string, open } = conflict;
  return `Open ${strings - open} must ring, so the ${name} cannot lie over ${strings - string}.`;
}

/** Whether all strings may be struck, in one line. */
export function strumText({ strumSafe, humming }: DampingPlan, strings: number): string {
  if (strumSafe) return "Strum all strings";
  const numbers = humming.map((string) => strings - string).join(", ");
  return `Mind ${humming.length === 1 ? "string" : "strings"} ${numbers}`;
}
