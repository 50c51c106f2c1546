import { readProgression } from "@/core/chart";
import { DEFAULT_WEIGHTS } from "@/core/gripSearch";
import { type Fretting } from "@/core/fretting";
import { planRoutes } from "@/core/plan";
import { neckFor } from "../hand/labelled";
import { LABELLED_TUNINGS } from "./labelledPlaces";
import { PROGRESSIONS } from "./progressions";

export interface LabelledRoute {
  readonly tuning: string;
  readonly chords: string;
  /** Each a string and fret of the root for each chord. */
  readonly accepted: readonly string[];
  /** What Tenon puts first, written the same way. */
  readonly suggested: string;
}

/** Every labelled progression with the route that Tenon puts first. */
export function labelledRoutes(): readonly LabelledRoute[] {
  return PROGRESSIONS.trim()
    .split("\n")
    .map((line) => {
      const [tuning = "", chords = "", routes = ""] = line.split("; ");
      return {
        tuning,
        chords,
        accepted: routes.split(" | "),
        suggested: suggest(LABELLED_TUNINGS[tuning] ?? [], chords),
      };
    });
}

export function isAccepted({ accepted, suggested }: LabelledRoute): boolean {
  return accepted.includes(suggested);
}

function suggest(midi: readonly number[], text: string): string {
  const chords = readProgression(text);
  if (!chords.ok) throw new RangeError(chords.problem.message);
  const planned = planRoutes({
    neck: neckFor(midi),
    player: {},
    weights: DEFAULT_WEIGHTS,
    chords: chords.value,
  });
  const stops = planned.ok ? (planned.value[0]?.stops ?? []) : [];
  return stops.map(({ fingering }) => rootOf(fingering.fretting)).join(" ");
}

/** The root of a five with octave lies on its thickest string; others are written out. */
function rootOf(fretting: Fretting): string {
  const string = fretting.findIndex((fret) => fret !== null);
  const notes = fretting.slice(string, string + 3).every((fret) => fret !== null);
  if (!notes) return fretting.map((fret) => fret ?? "x").join("-");
  return `${fretting.length - string}/${fretting[string]}`;
}
