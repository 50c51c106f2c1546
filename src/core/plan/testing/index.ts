import { DEFAULT_CHORD_OPTIONS, readProgression, type Chord } from "@/core/chart";
import { findChordGrips } from "@/core/chordGrips";
import { soundingMidi } from "@/core/fretting";
import {
  DEFAULT_WEIGHTS,
  keepsLimits,
  NO_GRIP_LIMITS,
  soundCost,
  weighGrip,
} from "@/core/gripSearch";
import { positionOf, rankFingers, type HandPosition } from "@/core/hand";
import { changeBetween } from "@/core/motion";
import { makeNeck, type Neck } from "@/core/neck";
import { pitchClassOf } from "@/core/pitch";
import { planRoutes, type RouteRequest } from "@/core/plan";

export const STANDARD = [40, 45, 50, 55, 59, 64];
export const neckOf = (midi: readonly number[], frets = 24): Neck => {
  const neck = makeNeck({ midi, frets });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};
export const chordsOf = (text: string, minNotes = 3): readonly Chord[] => {
  const read = readProgression(text, { ...DEFAULT_CHORD_OPTIONS, minNotes });
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
};
export const request = (
  text: string,
  neck: Neck,
  more: Partial<RouteRequest> = {},
): RouteRequest => ({
  neck,
  player: {},
  weights: DEFAULT_WEIGHTS,
  chords: chordsOf(text),
  ...more,
});
export const planned = (requested: RouteRequest) => {
  const routes = planRoutes(requested);
  if (!routes.ok) throw new Error(`${routes.problem.field}: ${routes.problem.message}`);
  return routes.value;
};
/** Every route through every grip and fingering of a short song, the least total first, each place once. */
export function countOut(
  requested: RouteRequest,
): { way: string; total: number; hardest: number }[] {
  const { neck, weights, chords, limits = NO_GRIP_LIMITS, pins = [], forbidden = [] } = requested;
  const layers = chords.map((chord, index) => {
    const grips = findChordGrips(neck, chord).filter(
      ({ fretting }) =>
        keepsLimits(neck, fretting, pitchClassOf(chord.root), limits) &&
        pins.every((pin) => pin.index !== index || pin.fretting.join() === fretting.join()) &&
        forbidden.every((no) => no.index !== index || no.fretting.join() !== fretting.join()),
    );
    return grips.flatMap(({ fretting, preference }) =>
      rankFingers(neck, fretting).map((fingering) => {
        const sound = soundCost(fretting, soundingMidi(neck, fretting), weights);
        const cost = weighGrip(fingering.effort, preference.points, sound, weights);
        return { fingering, cost };
      }),
    );
  });
  const best = new Map<string, { way: string; total: number; hardest: number }>();
  const visit = (
    at: number,
    way: string[],
    total: number,
    hardest: number,
    before: (typeof layers)[number][number] | null,
    hand: HandPosition | null,
  ) => {
    if (at === layers.length) {
      const key = way.join(";");
      const known = best.get(key);
      if (!known || total < known.total) best.set(key, { way: key, total, hardest });
      return;
    }
    for (const stop of layers[at] ?? []) {
      const cost = before ? changeBetween(neck, before.fingering, hand, stop.fingering).cost : 0;
      const next = positionOf(neck, stop.fingering) ?? hand;
      way.push(stop.fingering.fretting.join());
      visit(at + 1, way, total + stop.cost + cost, Math.max(hardest, cost), stop, next);
      way.pop();
    }
  };
  visit(0, [], 0, 0, null, null);
  return [...best.values()].sort((a, b) => a.total - b.total);
}
