import data from "@tombatossals/chords-db/lib/guitar.json";
import { compareFrettings, findSetFrettings, soundingMidi, type Fretting } from "@/core/fretting";
import { DEFAULT_HAND, FINGERS_AND_THUMB, handReachMm, rankFingers } from "@/core/hand";
import { parseNote, pitchClass, pitchClassOf, type PitchClass } from "@/core/pitch";
import {
  requestSet,
  requestVoicing,
  countFreeTraits,
  countVoicingTraits,
  FREE_WEIGHTS,
  VOICING_WEIGHTS,
  type Look,
} from "@/core/preference";
import { requestOf } from "@/core/chordGrips";
import { findGrips, usualPoints } from "@/core/grip";
import { DEFAULT_WEIGHTS, makeGripSearch } from "@/core/gripSearch";
import { neckFor } from "../hand/labelled";
import { CHORD_KINDS } from "./chordKinds";
import { type LabelledChord } from "./labelledChords";
import { type LabelledPlace } from "./labelledPlaces";

/** Every playable fretting of one chord, as the choice model sees it. */
export interface PlaceCase {
  readonly name: string;
  readonly root: PitchClass;
  /** What the halves are split by beside the root: the kind of chord, or the tuning. */
  readonly kind: string;
  readonly frettings: readonly Fretting[];
  readonly efforts: Float64Array;
  /** By fretting: 0 not given, 1 a given place, 2 the one given first. */
  readonly given: Uint8Array;
  /** Places that are given, whether or not they are among the frettings. */
  readonly givenCount: number;
  /** By fretting and trait, row after row. */
  readonly amounts: Float32Array;
}

export const FREE_TRAITS = Object.keys(FREE_WEIGHTS) as (keyof typeof FREE_WEIGHTS)[];
export const VOICING_TRAITS = Object.keys(VOICING_WEIGHTS) as (keyof typeof VOICING_WEIGHTS)[];

const STANDARD = neckFor([40, 45, 50, 55, 59, 64]);
/** Whole chords are asked for on so many strings, as in the application. */
const MIN_NOTES = 4;
/** So many grips of a labelled chord are weighed against its accepted ones. */
const LABEL_GRIPS = 500;

interface OpenChord {
  readonly key: string;
  readonly suffix: string;
  readonly positions: readonly { readonly frets: readonly number[]; readonly baseFret: number }[];
}

/**
 * The chords of the npm package @tombatossals/chords-db (MIT), lib/guitar.json, each with all frettings
 * of its tones on four strings or more that an average hand can hold, on 24 frets.
 */
export function readChordCases(): readonly PlaceCase[] {
  const efforts = new Map<string, { effort: number; fingers: number } | null>();
  const easiest = (fretting: Fretting) => {
    const key = fretting.join();
    const known = efforts.get(key);
    if (known !== undefined) return known;
    const [best] = rankFingers(STANDARD, fretting);
    const found = best ? { effort: best.effort, fingers: best.presses.length } : null;
    efforts.set(key, found);
    return found;
  };
  const chords = Object.values(data.chords).flat() as readonly OpenChord[];
  return chords.map((chord) => chordCase(chord, easiest));
}

function chordCase(
  { key, suffix, positions }: OpenChord,
  easiest: (fretting: Fretting) => { effort: number; fingers: number } | null,
): PlaceCase {
  const root = pitchClassNamed(key);
  const { allowed, required, bass, bassIsForeign } = tonesOf(suffix, root);
  const set = {
    allowed,
    required,
    minNotes: MIN_NOTES,
    maxNotes: STANDARD.midi.length,
    maxFingers: FINGERS_AND_THUMB,
  };
  const requested = requestSet(root, allowed, bass, bassIsForeign);
  const limit = { reachMm: handReachMm(DEFAULT_HAND) };
  const looks = findSetFrettings(STANDARD, root, set, limit).flatMap((fretting) => {
    const midi = soundingMidi(STANDARD, fretting);
    if (bass !== null && pitchClass(Math.min(...midi)) !== requested.bass) return [];
    const best = easiest(fretting);
    return best
      ? [{ effort: best.effort, look: { fretting, midi, fingers: best.fingers, requested } }]
      : [];
  });
  const given = positions.map(({ frets, baseFret }) =>
    frets.map((fret) => (fret < 0 ? null : fret && fret + baseFret - 1)),
  );
  return caseFrom(`${key}${suffix}`, root, suffix, looks, given);
}

/** A labelled whole chord, among the grips that come first as the weights stand and those that lie low. */
export function labelledCase({ tuning, neck, chord, accepted }: LabelledChord): PlaceCase {
  const requested = requestOf(chord);
  const found = makeGripSearch(neck, {}, DEFAULT_WEIGHTS).cheapest(neck.midi, chord, LABEL_GRIPS);
  const easy = makeGripSearch(neck, {}, { ...DEFAULT_WEIGHTS, usual: 0.3 });
  const near = easy.cheapest(neck.midi, chord, LABEL_GRIPS);
  const frettings = new Map(
    [...accepted, ...[...found, ...near].map(({ fretting }) => fretting)].map((fretting) => [
      fretting.join(),
      fretting,
    ]),
  );
  const looks = [...frettings.values()].flatMap((fretting) => {
    const [best] = rankFingers(neck, fretting);
    const midi = soundingMidi(neck, fretting);
    return best
      ? [{ effort: best.effort, look: { fretting, midi, fingers: best.presses.length, requested } }]
      : [];
  });
  // Of several right places the one nearest to the nut is the usual one; among those the fullest.
  const [lowest = null, ...others] = [...accepted].sort(
    (a, b) => lowestFret(a) - lowestFret(b) || notesOf(b) - notesOf(a),
  );
  return caseFrom(`${tuning} ${chord.name}`, requested.root, tuning, looks, [lowest, ...others]);
}

function lowestFret(fretting: Fretting): number {
  return Math.min(...fretting.flatMap((fret) => (fret === null ? [] : [fret])));
}

function notesOf(fretting: Fretting): number {
  return fretting.filter((fret) => fret !== null).length;
}

/** A labelled voicing, with every grip of it as a candidate; what came to mind first is the place given first. */
export function placeCase(place: LabelledPlace): PlaceCase {
  const { neck, root, voicing, tuning, accepted, second } = place;
  const looks = findGrips(neck, root, voicing).map(({ fretting, midi, best }) => ({
    effort: best.effort,
    look: {
      fretting,
      midi,
      fingers: best.presses.length,
      requested: requestVoicing(pitchClassOf(root)),
    },
  }));
  return caseFrom(`${tuning} ${voicing.join(" ")}`, pitchClassOf(root), tuning, looks, [
    second,
    ...accepted.filter((each) => compareFrettings(each, second) !== 0),
  ]);
}

function caseFrom(
  name: string,
  root: PitchClass,
  kind: string,
  looks: readonly { readonly effort: number; readonly look: Look }[],
  /** The one given first, and the others. */
  places: readonly (Fretting | null)[],
): PlaceCase {
  const isFree = looks[0]?.look.requested.kind === "free";
  const traits: readonly string[] = isFree ? FREE_TRAITS : VOICING_TRAITS;
  const numbers = new Map(traits.map((trait, index) => [trait, index]));
  const amounts = new Float32Array(looks.length * traits.length);
  const given = new Uint8Array(looks.length);
  for (const [row, { look }] of looks.entries()) {
    const count = (trait: string, amount: number) => {
      const at = row * traits.length + (numbers.get(trait) ?? 0);
      amounts[at] = (amounts[at] ?? 0) + amount;
    };
    if (isFree) countFreeTraits(look, count);
    else countVoicingTraits(look, count);
    const place = places.findIndex(
      (each) => each !== null && compareFrettings(each, look.fretting) === 0,
    );
    given[row] = place < 0 ? 0 : place === 0 ? 2 : 1;
  }
  return {
    name,
    root,
    kind,
    frettings: looks.map(({ look }) => look.fretting),
    efforts: Float64Array.from(looks, ({ effort }) => effort),
    given,
    givenCount: places.filter(Boolean).length,
    amounts,
  };
}

/** Of the labelled places, those whose first grip as shipped is not an accepted one. */
export function rejectedPlaces(
  places: readonly LabelledPlace[],
): readonly (LabelledPlace & { readonly suggested: Fretting | null })[] {
  return places.flatMap((place) => {
    const [first] = [...findGrips(place.neck, place.root, place.voicing)].sort(
      (a, b) => usualPoints(a) - usualPoints(b),
    );
    const isRight = place.accepted.some(
      (each) => first && compareFrettings(each, first.fretting) === 0,
    );
    return isRight ? [] : [{ ...place, suggested: first?.fretting ?? null }];
  });
}

/** "m7" of the table; "/E" and "m/B" are triads over a bass, which may be no tone of theirs. */
function tonesOf(suffix: string, root: PitchClass) {
  const slash = /^(m?)\/(.+)$/.exec(suffix);
  if (!slash) {
    const kind = CHORD_KINDS[suffix];
    if (!kind) throw new RangeError(`'${suffix}' is no kind of chord that is known here`);
    return { allowed: kind[0], required: kind[1], bass: null, bassIsForeign: false };
  }
  const triad = slash[1] === "m" ? [0, 3, 7] : [0, 4, 7];
  const bass = pitchClass(pitchClassNamed(slash[2] ?? "") - root);
  const bassIsForeign = !triad.includes(bass);
  const tones = bassIsForeign ? [...triad, bass] : triad;
  return { allowed: tones, required: tones, bass, bassIsForeign };
}

function pitchClassNamed(text: string): PitchClass {
  const note = parseNote(text.replace("sharp", "#"));
  if (!note.ok) throw new RangeError(note.problem.message);
  return pitchClassOf(note.value);
}
