import { type Damper, type DampingPlan, type Finger, type SilentString } from "@/core/hand";

/** What reasons are called; the core tells them as figures. */
const FINGER_NAMES: Readonly<Record<Finger, string>> = {
  1: "index",
  2: "middle",
  3: "ring",
  4: "little",
  T: "thumb",
};

export function fingerName(finger: Finger): string {
  return FINGER_NAMES[finger];
}

/** One line of a damping plan: strings as the player counts them, thick to thin, and what to do. */
interface DampingLine {
  readonly strings: readonly number[];
  readonly text: string;
  readonly isSafe: boolean;
}

/** Neighbouring strings that one finger keeps silent in the same way make one line. */
export function dampingLines({ silent }: DampingPlan, strings: number): readonly DampingLine[] {
  const lines: DampingLine[] = [];
  for (const each of silent) {
    const number = strings - each.string;
    const text = dampingText(each, strings);
    const last = lines.at(-1);
    if (last?.text === text) lines.splice(-1, 1, { ...last, strings: [...last.strings, number] });
    else lines.push({ strings: [number], text, isSafe: each.isSafe });
  }
  return lines;
}

function dampingText({ first, second, clearOf }: SilentString, strings: number): string {
  const clear = clearOf === null ? "" : `, clear of ${strings - clearOf}`;
  return `${damperText(first)}${clear}${second ? `; or ${damperText(second)}` : ""}`;
}

export function damperText({ by, finger }: Damper): string {
  const name = finger === null ? "" : fingerName(finger);
  switch (by) {
    case "underside":
      return `under the ${name}`;
    case "leaning":
      return `${name} leans on it`;
    case "tip":
      return `${name} tip`;
    case "thumb":
      return "thumb";
    case "free finger":
      return `free ${name} finger`;
    case "lying over":
      return "index lies over";
    case "palm":
      return "palm";
    case "pick":
      return "only the pick misses it";
    case "nothing":
      return "nothing stops it";
  }
}
