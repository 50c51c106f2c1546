import { DEFAULT_HAND, rankFingers } from "@/core/hand";
import { makeNeck } from "@/core/neck";
import { readChord } from "@/core/chart";
import { makeGripSearch, DEFAULT_WEIGHTS } from "@/core/gripSearch";
import {
  playedScoreChords,
  playedBars,
  withGrips,
  type PlayedGrip,
  type Score,
} from "@/formats/score";

/** A score whose chords have the grip that each costs least by itself. */
export function withGripsOf(score: Score): Score {
  const neck = makeNeck({ midi: score.tuning?.midi ?? [] });
  if (!neck.ok) throw new RangeError(neck.problem.message);
  const player = { hand: DEFAULT_HAND };
  const search = makeGripSearch(neck.value, player, DEFAULT_WEIGHTS);
  const grips = playedScoreChords(playedBars(score)).map(({ name }): PlayedGrip | null => {
    const chord = readChord(name);
    const [best] = chord.ok ? search.cheapest(neck.value.midi, chord.value, 1) : [];
    const [routeKind] = best ? rankFingers(neck.value, best.fretting, player) : [];
    return best && routeKind ? { fretting: best.fretting, fingers: routeKind.fingers } : null;
  });
  return withGrips(score, grips);
}
