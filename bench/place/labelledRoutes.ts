import { readProgression } from "@/core/chart";
import { DEFAULT_WEIGHTS } from "@/core/gripSearch";
import { type Fretting } from "@/core/fretting";
import { planRoutes } from "@/core/plan";
import { readTuning } from "@/core/tuning";
import { neckFor } from "../hand/labelled";
import { FURTHER_PROGRESSIONS } from "./furtherProgressions";
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

/** The further progressions, each route by its thickest notes. */
export function furtherRoutes(): readonly LabelledRoute[] {
  return FURTHER_PROGRESSIONS.trim()
    .split("\n")
    .map((line) => {
      const [tuning = "", chords = "", routes = ""] = line.split("; ");
      const read = readTuning(tuning);
      if (!read.ok) throw new RangeError(`${tuning}: ${read.problem.message}`);
      return {
        tuning,
        chords,
        accepted: routes.split(" | ").flatMap(spellOut),
        suggested: suggest(read.value.tuning.midi, chords, thickestOf),
      };
    });
}

/** One route for each choice among places that are as good. */
function spellOut(route: string): readonly string[] {
  return route
    .split(" ")
    .map((places) => places.split(","))
    .reduce<readonly string[]>(
      (routes, places) =>
        routes.flatMap((each) => places.map((place) => (each ? `${each} ${place}` : place))),
      [""],
    );
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
        suggested: suggest(LABELLED_TUNINGS[tuning] ?? [], chords, rootOf),
      };
    });
}

export function isAccepted({ accepted, suggested }: LabelledRoute): boolean {
  return accepted.includes(suggested);
}

function suggest(
  midi: readonly number[],
  text: string,
  tell: (fretting: Fretting) => string,
): string {
  const chords = readProgression(text);
  if (!chords.ok) throw new RangeError(chords.problem.message);
  const planned = planRoutes({
    neck: neckFor(midi),
    player: {},
    weights: DEFAULT_WEIGHTS,
    chords: chords.value,
  });
  const stops = planned.ok ? (planned.value[0]?.stops ?? []) : [];
  return stops.map(({ fingering }) => tell(fingering.fretting)).join(" ");
}

/** The root of a power chord with octave lies on its thickest string; others are written out. */
function rootOf(fretting: Fretting): string {
  const string = fretting.findIndex((fret) => fret !== null);
  const notes = fretting.slice(string, string + 3).every((fret) => fret !== null);
  if (!notes) return fretting.map((fret) => fret ?? "x").join("-");
  return `${fretting.length - string}/${fretting[string]}`;
}

function thickestOf(fretting: Fretting): string {
  const string = fretting.findIndex((fret) => fret !== null);
  return `${fretting.length - string}/${fretting[string]}`;
}
