import { makeEffortBook, rankFingers } from "@/core/hand";
import { type Chart } from "@/core/song";
import { arrange, type ArrangedChord, type Arrangement } from "./arrange";
import { addMark } from "./marks";
import { placeOf } from "./placeOf";
import { type SongQuestion } from "./question";
import { type Mark, type MarkPlace, type SongSettings } from "./settings";
import { planWay } from "./ways";

/** What may be tried on a change that comes too late, or nearly. */
export const ADVICE = [
  "another place",
  "other fingers",
  "leave the last eighth",
  "leave it before every change",
  "root only",
  "two notes",
] as const;
export type AdviceKind = (typeof ADVICE)[number];

export interface Advice {
  readonly kind: AdviceKind;
  /** The chord that is played otherwise. */
  readonly chord: string;
  /** All marks of the song, once the advice is taken. */
  readonly marks: readonly Mark[];
  /** The highest clean tempo of the song with it, and how much that gains. */
  readonly cleanTempoBpm: number | null;
  readonly gainBpm: number;
  /** The same of this change alone, wherever it comes; null where nothing has to move any more. */
  readonly changeTempoBpm: number | null;
}

export interface AdviceQuestion extends Omit<SongQuestion, "arrangement"> {
  readonly chart: Chart;
  readonly settings: SongSettings;
  /** The change, between the chords of the route. */
  readonly change: number;
}

/** Other fingerings of one grip that are tried. */
const FINGERINGS = 3;

/**
 * What helps a change of the chosen way, the most for the song's tempo first: each was planned through and timed. Only
 * what makes the change faster, and no other so slow that the song loses by it.
 */
export function adviseOn(question: AdviceQuestion): readonly Advice[] {
  const { chart, settings, change, neck, player } = question;
  const { way } = settings;
  const book = question.book ?? makeEffortBook(neck, player);
  const plan = (arrangement: Arrangement) => {
    const planned = planWay({ ...question, book, arrangement }, way);
    return planned.ok ? planned.value : null;
  };
  const arrangement = arrange(chart, settings);
  const route = plan(arrangement);
  const changed = route?.timed.changes[change];
  const [from, to] = [0, 1].map((step) => arrangement.chords[route?.played[change + step] ?? -1]);
  const [fromStop, toStop] = [0, 1].map((step) => route?.timed.stops[change + step]);
  if (!route || !changed || !from || !to || !fromStop || !toStop) return [];
  const before = route.timed.cleanTempoBpm ?? Infinity;
  const own = changed.cleanTempoBpm ?? Infinity;
  /** Where the same change comes: the same two grips one after the other. */
  const places = samePlaces(route, arrangement, change);
  const tries: { kind: AdviceKind; chord: ArrangedChord; marks: readonly Mark[] }[] = [];
  const offer = (kind: AdviceKind, step: 0 | 1, mark: (place: MarkPlace) => Mark) => {
    const chord = step === 0 ? from : to;
    const marks = places[step].reduce((all, place) => addMark(all, mark(place)), settings.marks);
    tries.push({ kind, chord, marks });
  };
  for (const step of [0, 1] as const) {
    const { fretting, fingers } = (step === 0 ? fromStop : toStop).fingering;
    offer("another place", step, (place) => ({ ...place, act: "forbid", fretting }));
    for (const other of rankFingers(neck, fretting, player).slice(0, FINGERINGS)) {
      if (other.fingers.join() === fingers.join()) continue;
      offer("other fingers", step, (place) => ({
        ...place,
        act: "pin",
        fretting,
        fingers: other.fingers,
      }));
    }
    offer("root only", step, (place) => ({ ...place, act: "thin", notes: 1 }));
    offer("two notes", step, (place) => ({ ...place, act: "thin", notes: 2 }));
  }
  offer("leave the last eighth", 0, (place) => ({ ...place, act: "leave" }));
  const everywhere = route.timed.changes.flatMap(({ holds }, at) => {
    const chord = arrangement.chords[route.played[at] ?? -1];
    return holds !== "comfortable" && chord ? [placeOf(chord, arrangement)] : [];
  });
  tries.push({
    kind: "leave it before every change",
    chord: from,
    marks: unique(everywhere).reduce<readonly Mark[]>(
      (all, place) => addMark(all, { ...place, act: "leave" }),
      settings.marks,
    ),
  });
  const helpful = tries.flatMap(({ kind, chord, marks }): readonly Advice[] => {
    const next = plan(arrange(chart, { ...settings, marks }));
    if (next?.played.length !== route.played.length) return [];
    const clean = next.timed.cleanTempoBpm;
    const changeTempo = next.timed.changes[change]?.cleanTempoBpm ?? null;
    const gained = (clean ?? Infinity) - before;
    if ((changeTempo ?? Infinity) <= own || gained < 0) return [];
    return [
      {
        kind,
        chord: chord.name,
        marks,
        cleanTempoBpm: clean,
        gainBpm: gained,
        changeTempoBpm: changeTempo,
      },
    ];
  });
  return bestOfEach(helpful);
}

/** Of each kind, what gains most. */
function bestOfEach(all: readonly Advice[]): readonly Advice[] {
  const sorted = all.toSorted(
    (a, b) =>
      b.gainBpm - a.gainBpm || (b.changeTempoBpm ?? Infinity) - (a.changeTempoBpm ?? Infinity),
  );
  // What comes to the same is said once, by its simpler name.
  const isSaid = (each: Advice, index: number) =>
    sorted
      .slice(0, index)
      .some(({ kind, marks }) => kind === each.kind || sameMarks(marks, each.marks));
  return sorted.filter((each, index) => !isSaid(each, index));
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
