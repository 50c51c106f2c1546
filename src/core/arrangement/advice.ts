import { makeEffortBook, rankFingers, type Fingering } from "@/core/hand";
import { type Chart } from "@/core/song";
import { arrange, type ArrangedChord, type Arrangement } from "./arrange";
import { addMark } from "./marks";
import { placeOf } from "./placeOf";
import { gripsOf, type SongRoute } from "./planSong";
import { type SongRequest } from "./request";
import { LOOSENED_STRUMS, type Mark, type MarkPlace, type SongSettings } from "./settings";
import { timeSong } from "./timeSong";
import { planRouteOfKind } from "./routesOfKinds";

/** Remedies for a change that is too fast or tight, in the order in which players try them (common practice). */
export const ADVICE = [
  "let strums go",
  "scratch under the move",
  "let strums go everywhere",
  "other fingers",
  "another place",
  "closed shape",
  "two notes",
  "root only",
] as const;
type AdviceKind = (typeof ADVICE)[number];

export interface Advice {
  readonly kind: AdviceKind;
  /** The chord that is played otherwise. */
  readonly chord: string;
  /** How many strums are let go or scratched; 0 for other kinds of advice. */
  readonly strums: number;
  /** All marks of the song, once the advice is taken. */
  readonly marks: readonly Mark[];
  /** The highest clean tempo of the song with it, and how much that gains. */
  readonly cleanTempoBpm: number | null;
  readonly gainBpm: number;
  /** The same of this change alone, wherever it comes; null where nothing has to move any more. */
  readonly changeTempoBpm: number | null;
}

interface AdviceRequest extends Omit<SongRequest, "arrangement"> {
  readonly chart: Chart;
  readonly settings: SongSettings;
  /** The change, between the chords of the route. */
  readonly change: number;
}

/** Alternative fingerings tried per grip; those with a crossed index are always tried. */
const FINGERINGS = 4;

interface Try {
  readonly kind: AdviceKind;
  readonly chord: ArrangedChord;
  readonly strums: number;
  readonly marks: readonly Mark[];
}

/**
 * What helps a change of the chosen way, in the order in which players try it: each was planned through and timed. Only
 * what makes the change faster, and no other so slow that the song loses by it.
 */
export function adviseOn(request: AdviceRequest): readonly Advice[] {
  const { chart, settings, change, neck, player } = request;
  const book = request.book ?? makeEffortBook(neck, player);
  const arrangement = arrange(chart, settings);
  const requested: SongRequest = { ...request, book, arrangement };
  const planned = planRouteOfKind(requested, settings.routeKind);
  const route = planned.ok ? planned.value : null;
  const changed = route?.timed.changes[change];
  if (!route || !changed) return [];
  const before = route.timed.cleanTempoBpm ?? Infinity;
  const own = changed.cleanTempoBpm ?? Infinity;
  const timed = (marks: readonly Mark[], isSameRoute: boolean): SongRoute | null => {
    const next = { ...requested, arrangement: arrange(chart, { ...settings, marks }) };
    if (isSameRoute) return { ...route, timed: timeSong(next, route.played, route.timed) };
    const routeKind = planRouteOfKind(next, settings.routeKind);
    return routeKind.ok && routeKind.value.played.length === route.played.length
      ? routeKind.value
      : null;
  };
  const helpful = triesFor(requested, settings.marks, route, change).flatMap(
    ({ kind, chord, strums, marks }): readonly (Advice & { readonly isEnough: boolean })[] => {
      const next = timed(marks, strums > 0)?.timed;
      if (!next) return [];
      const clean = next.cleanTempoBpm;
      const changeTempo = next.changes[change]?.cleanTempoBpm ?? null;
      const gained = (clean ?? Infinity) - before;
      if ((changeTempo ?? Infinity) <= own || gained < 0) return [];
      return [
        {
          kind,
          chord: chord.name,
          strums,
          marks,
          cleanTempoBpm: clean,
          gainBpm: gained,
          changeTempoBpm: changeTempo,
          isEnough: next.changes[change]?.holds === "holds",
        },
      ];
    },
  );
  return inOrder(helpful);
}

/** The remedies to try on a change of a route. */
function triesFor(
  request: SongRequest,
  marks: readonly Mark[],
  route: SongRoute,
  change: number,
): readonly Try[] {
  const { arrangement, neck, player } = request;
  const { chords } = arrangement;
  const [from, to] = [0, 1].map((step) => chords[route.played[change + step] ?? -1]);
  const [fromStop, toStop] = [0, 1].map((step) => route.timed.stops[change + step]);
  if (!from || !to || !fromStop || !toStop) return [];
  /** Where the same change comes: the same two grips one after the other. */
  const places = samePlaces(route, arrangement, change);
  const tries: Try[] = [];
  const offer = (
    kind: AdviceKind,
    step: 0 | 1,
    mark: (place: MarkPlace) => Mark,
    at = places[step],
    strums = 0,
  ) => {
    const chord = step === 0 ? from : to;
    const all = at.reduce((known, place) => addMark(known, mark(place)), marks);
    tries.push({ kind, chord, strums, marks: all });
  };
  const everywhere = unique(
    route.timed.changes.flatMap(({ holds }, at) => {
      const chord = chords[route.played[at] ?? -1];
      return holds !== "holds" && chord ? [placeOf(chord, arrangement)] : [];
    }),
  );
  for (const strums of LOOSENED_STRUMS) {
    offer("let strums go", 0, (place) => ({ ...place, act: "leave", strums }), places[0], strums);
    offer(
      "scratch under the move",
      0,
      (place) => ({ ...place, act: "scratch", strums }),
      places[0],
      strums,
    );
    offer(
      "let strums go everywhere",
      0,
      (place) => ({ ...place, act: "leave", strums }),
      everywhere,
      strums,
    );
  }
  for (const step of [0, 1] as const) {
    const { fretting, fingers } = (step === 0 ? fromStop : toStop).fingering;
    for (const [index, other] of rankFingers(neck, fretting, player).entries()) {
      const isTried = index < FINGERINGS || other.terms.crossed > 0;
      if (!isTried || other.fingers.join() === fingers.join()) continue;
      offer("other fingers", step, (place) => pinOf(place, other));
    }
    offer("another place", step, (place) => ({ ...place, act: "forbid", fretting }));
    const closed = closedGripOf(request, route.played[change + step] ?? -1);
    if (closed && closed.fretting.join() !== fretting.join()) {
      offer("closed shape", step, (place) => pinOf(place, closed));
    }
    offer("two notes", step, (place) => ({ ...place, act: "thin", notes: 2 }));
    offer("root only", step, (place) => ({ ...place, act: "thin", notes: 1 }));
  }
  return tries;
}

function pinOf(place: MarkPlace, { fretting, fingers }: Fingering): Mark {
  return { ...place, act: "pin", fretting, fingers };
}

/** The usual grip of a chord without open strings. */
function closedGripOf(request: SongRequest, index: number): Fingering | undefined {
  const { arrangement } = request;
  const chord = arrangement.chords[index];
  if (!chord) return undefined;
  const closed = { ...chord, limits: { ...chord.limits, openStrings: "none" as const } };
  return gripsOf({ ...request, arrangement: { ...arrangement, chords: [closed] } }, 0, 1)[0];
}

/**
 * The best advice of each kind: the one that gains most, but for strums the fewest that suffice. Advice that leads to the
 * same marks appears once.
 */
function inOrder(helpful: readonly (Advice & { readonly isEnough: boolean })[]): readonly Advice[] {
  const best = ADVICE.flatMap((kind) => {
    const ofKind = helpful.filter((each) => each.kind === kind);
    const [enough] = ofKind.filter(({ strums, isEnough }) => strums > 0 && isEnough);
    const [max] = ofKind.toSorted(
      (a, b) =>
        b.gainBpm - a.gainBpm ||
        (b.changeTempoBpm ?? Infinity) - (a.changeTempoBpm ?? Infinity) ||
        a.strums - b.strums,
    );
    const chosen = enough ?? max;
    return chosen ? [chosen] : [];
  });
  return best
    .filter(
      (each, index) => !best.slice(0, index).some(({ marks }) => sameMarks(marks, each.marks)),
    )
    .map(({ isEnough: _, ...advice }) => advice);
}

/** Where the two chords of a change stand, wherever the same grips follow each other. */
function samePlaces(
  route: {
    readonly played: readonly number[];
    readonly timed: { readonly stops: readonly { readonly place: string }[] };
  },
  arrangement: Arrangement,
  change: number,
): readonly [readonly MarkPlace[], readonly MarkPlace[]] {
  const { stops } = route.timed;
  const at = stops.flatMap((stop, index) => {
    const isSame =
      stop.place === stops[change]?.place && stops[index + 1]?.place === stops[change + 1]?.place;
    return isSame && index + 1 < stops.length ? [index] : [];
  });
  const placesOf = (step: number) => {
    const places = at.flatMap((index) => {
      const chord = arrangement.chords[route.played[index + step] ?? -1];
      return chord ? [placeOf(chord, arrangement)] : [];
    });
    return unique(places);
  };
  return [placesOf(0), placesOf(1)];
}

function sameMarks(a: readonly Mark[], b: readonly Mark[]): boolean {
  return a.length === b.length && JSON.stringify(a) === JSON.stringify(b);
}

function unique(places: readonly MarkPlace[]): readonly MarkPlace[] {
  const keys = places.map((place) => JSON.stringify(place));
  return places.filter((_, index) => keys.indexOf(keys[index] ?? "") === index);
}
