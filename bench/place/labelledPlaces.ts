import { type Fretting } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { parseNote, type Note } from "@/core/pitch";
import { type Voicing } from "@/core/voicing";
import { neckFor, readFrets } from "../hand/labelled";
import { PLACES } from "./labels";

/** A voicing on a root in a tuning, with every place that is right for it. */
export interface LabelledPlace {
  readonly tuning: string;
  readonly neck: Neck;
  readonly root: Note;
  readonly voicing: Voicing;
  readonly accepted: readonly Fretting[];
  /** What was written when the place was labelled again. */
  readonly second: Fretting;
}

export const LABELLED_TUNINGS: Readonly<Record<string, readonly number[]>> = {
  standard: [40, 45, 50, 55, 59, 64],
  "Eb standard": [39, 44, 49, 54, 58, 63],
  "D standard": [38, 43, 48, 53, 57, 62],
  "drop D": [38, 45, 50, 55, 59, 64],
  "drop C": [36, 43, 48, 53, 57, 62],
  "double drop D": [38, 45, 50, 55, 59, 62],
  "open D": [38, 45, 50, 54, 57, 62],
  "open G": [38, 43, 50, 55, 59, 62],
  DADGAD: [38, 45, 50, 55, 57, 62],
  "seven-string": [35, 40, 45, 50, 55, 59, 64],
  "seven-string drop A": [33, 40, 45, 50, 55, 59, 64],
  "eight-string": [30, 35, 40, 45, 50, 55, 59, 64],
};

export function labelledPlaces(): readonly LabelledPlace[] {
  const necks = new Map(
    Object.entries(LABELLED_TUNINGS).map(([tuning, midi]) => [tuning, neckFor(midi)]),
  );
  return PLACES.trim()
    .split("\n")
    .flatMap((line) => {
      const [tuning = "", voicing = "", roots = ""] = line.split("; ");
      const neck = necks.get(tuning);
      return roots.split(" / ").map((text) => {
        const [rootText = "", frettings = ""] = text.split(": ");
        const [accepted = "", second = ""] = frettings.split(" = ");
        const root = parseNote(rootText);
        if (!neck || !root.ok) throw new RangeError(`no such place: ${tuning}, ${text}`);
        return {
          tuning,
          neck,
          root: root.value,
          voicing: voicing.split(" ").map(Number),
          accepted: accepted.split(", ").map(readFrets),
          second: readFrets(second),
        };
      });
    });
}
