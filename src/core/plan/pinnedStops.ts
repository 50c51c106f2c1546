import { type Chord } from "@/core/chart";
import { requestOf } from "@/core/chordGrips";
import { compareFrettings, soundingMidi, type Fretting } from "@/core/fretting";
import { soundCost, weighGrip, type WeighedFretting } from "@/core/gripSearch";
import { positionOf, rankFingers } from "@/core/hand";
import { preferencePoints } from "@/core/preference";
import { failure, success, type Result } from "@/core/result";
import { termsAt, type RiffPlace, type RouteRequest } from "./request";
import { type GripStop, type StopFinder } from "./stops";

/** The fixed stops, by place: pins, which may break any limit but must be held by the hand, and notes of riffs. */
export function pinnedStops(
  request: RouteRequest,
  finderAt: (index: number) => StopFinder,
): Result<ReadonlyMap<number, readonly GripStop[]>> {
  const { neck, player, chords, pins = [], forbidden = [] } = request;
  const stops = new Map<number, readonly GripStop[]>();
  for (const [at, { index, fretting, fingers }] of pins.entries()) {
    const field = `pins[${at}]`;
    const chord = chords[index];
    if (!chord) {
      return failure(`${field}.index`, `${index}: chords count from 0 to ${chords.length - 1}`);
    }
    if (stops.has(index)) return failure(`${field}.index`, `chord ${index} is pinned already`);
    const isForbidden = forbidden.some(
      (each) => each.index === index && compareFrettings(each.fretting, fretting) === 0,
    );
    if (isForbidden) return failure(field, `the grip is pinned and forbidden at chord ${index}`);
    const [best] = rankFingers(neck, fretting, player);
    if (!best) return failure(`${field}.fretting`, "this hand cannot hold the grip");
    const { weights } = termsAt(request, index);
    const ways = finderAt(index)
      .of(weigh({ ...request, weights }, chord, fretting, best.effort, best.presses.length))
      .filter(({ fingering }) => !fingers || fingering.fingers.join() === fingers.join());
    if (ways.length === 0) return failure(`${field}.fingers`, "the grip is not held that way");
    stops.set(index, ways);
  }
  // Equal places share one list: the search prices changes once per pair of lists.
  const known = new Map<string, readonly GripStop[]>();
  for (const { index, frettings, slur } of request.riff ?? []) {
    const key = JSON.stringify([frettings, slur]);
    const found = known.get(key) ?? riffStops(request, { frettings, slur });
    known.set(key, found);
    stops.set(index, found);
  }
  return success(stops);
}

/** Share of a note's effort that counts in a riff, where the hand's travel matters more (a judgement). */
const RIFF_EASE = 0.15;

/** Every fingering of the notes of a riff at one index; empty if the hand cannot reach them. */
function riffStops(
  { neck, player }: RouteRequest,
  place: Omit<RiffPlace, "index">,
): readonly GripStop[] {
  return place.frettings.flatMap(({ fretting, points }) =>
    rankFingers(neck, fretting, player).map((fingering): GripStop => {
      const cost = RIFF_EASE * fingering.effort + points;
      return {
        fingering,
        preference: 0,
        cost,
        place: fretting.join(),
        position: positionOf(neck, fingering)?.mm ?? null,
        riff: { slur: place.slur, points: cost },
      };
    }),
  );
}

function weigh(
  { neck, player, weights }: RouteRequest,
  chord: Chord,
  fretting: Fretting,
  effort: number,
  fingers: number,
): WeighedFretting {
  const midi = soundingMidi(neck, fretting);
  const requested = requestOf(chord);
  const preference =
    midi.length === 0 ? 0 : preferencePoints({ fretting, midi, fingers, requested }, player.tilts);
  const sound =
    midi.length === 0 ? { low: 0, clear: 0, ringing: 0 } : soundCost(fretting, midi, weights);
  return { fretting, effort, preference, cost: weighGrip(effort, preference, sound, weights) };
}
