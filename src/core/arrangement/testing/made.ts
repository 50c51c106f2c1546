import {
  arrange,
  DEFAULT_SONG_SETTINGS,
  nameRoutes,
  planWay,
  type Arrangement,
  type NamedRoute,
  type SongQuestion,
  type SongRoute,
  type SongSettings,
  type Way,
} from "@/core/arrangement";
import { DEFAULT_LEVEL, TIMING } from "@/core/motion";
import { makeNeck, type Neck } from "@/core/neck";
import { readChart } from "@/core/song";
import { usualMidi } from "@/core/tuning";

/** Songs on a neck in standard tuning. */

export const STANDARD = usualMidi(6);

export function standardNeck(): Neck {
  const made = makeNeck({ midi: STANDARD, frets: 22 });
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
}

export interface MadeSong {
  readonly arrangement: Arrangement;
  readonly question: SongQuestion;
  readonly route: SongRoute;
}

export function makeSong(
  text: string,
  settings: Partial<SongSettings> = {},
  way: Way = "usual",
): MadeSong {
  const arrangement = arrange(readChart(text), { ...DEFAULT_SONG_SETTINGS, ...settings });
  const question: SongQuestion = {
    arrangement,
    neck: standardNeck(),
    player: {},
    constants: TIMING[DEFAULT_LEVEL],
    downStrokesBpm: 180,
  };
  const planned = planWay(question, way);
  if (!planned.ok) throw new Error(planned.problem.message);
  return { arrangement, question, route: planned.value };
}

/** Two ways through a song, named. */
export function makeWays(text: string): readonly NamedRoute[] {
  const { question } = makeSong(text);
  return nameRoutes(
    (["usual", "up the neck"] as const).flatMap((way) => {
      const planned = planWay(question, way);
      return planned.ok ? [planned.value] : [];
    }),
  );
}
