import {
  compareFrettings,
  findSetFrettings,
  findVoicingFrettings,
  soundingMidi,
  tonesOverRoot,
  type Fretting,
  type ReachLimit,
  type ToneSet,
} from "@/core/fretting";
import {
  DEFAULT_HAND,
  FINGERS_AND_THUMB,
  handReachMm,
  rankFingers,
  type Fingering,
  type Player,
} from "@/core/hand";
import { type Neck } from "@/core/neck";
import { pitchClassOf, type Midi, type Note } from "@/core/pitch";
import {
  requestSet,
  requestVoicing,
  preferenceOf,
  type RequestedChord,
  type Preference,
  type Tilt,
} from "@/core/preference";
import {
  degreesOf,
  nameChord,
  requiredDegrees,
  type Voicing,
  type ChordForm,
} from "@/core/voicing";

/** A place on the neck with its easiest fingering and what it sounds. `rankFingers` tells the others. */
export interface Grip {
  readonly fretting: Fretting;
  readonly best: Fingering;
  /** What speaks against it beside its effort: the usual grip has the least of both together. */
  readonly preference: Preference;
  /** Sounding pitches, thickest string first. */
  readonly midi: readonly Midi[];
  /** Per string, semitones over the lowest sounding root; null where not played. */
  readonly tones: readonly (number | null)[];
  readonly name: string;
}

/** A hand, its habits, and what it would rather take. */
export interface Taste extends Player {
  readonly tilts?: readonly Tilt[] | undefined;
}

/** Effort points that rank how usual a grip is: what it asks of the hand, plus what players prefer. */
export function usualPoints({ best, preference }: Pick<Grip, "best" | "preference">): number {
  return best.effort + preference.points;
}

/** Every grip of a voicing that this player can hold, usual first. Without a limit, all the hand can reach. */
export function findGrips(
  neck: Neck,
  root: Note,
  voicing: Voicing,
  player: Taste = {},
  limit?: ReachLimit,
): readonly Grip[] {
  const { hand = DEFAULT_HAND } = player;
  const frettings = findVoicingFrettings(
    neck,
    pitchClassOf(root),
    voicing,
    limit ?? { reachMm: handReachMm(hand) },
  );
  return rankGrips(neck, root, frettings, player, requestVoicing(pitchClassOf(root)));
}

/** Every grip of a voicing that this player can hold, usual first: a voicing as it stands, or in free mode. */
export function findChordFormGrips(
  neck: Neck,
  root: Note,
  { voicing, minNotes }: ChordForm,
  player: Taste = {},
): readonly Grip[] {
  if (minNotes === null) return findGrips(neck, root, voicing, player);
  const strings = neck.midi.length;
  const set = {
    allowed: degreesOf(voicing),
    required: requiredDegrees(voicing),
    minNotes: Math.min(minNotes, strings),
    maxNotes: strings,
  };
  return findSetGrips(neck, root, set, player);
}

/**
 * What a hand adds to free mode: a number of fingers, and a limit on frettings. To try fingers on one
 * takes some 30 microseconds and 3 kB; the widest hand on 36 frets took half a minute and a gigabyte for one
 * question.
 */
export const HELD = { maxFingers: FINGERS_AND_THUMB, maxFrettings: 250_000 };

/** Every grip in free mode that this player can hold and that passes a test, usual first. */
export function findSetGrips(
  neck: Neck,
  root: Note,
  set: ToneSet,
  player: Taste = {},
  passes: (fretting: Fretting) => boolean = () => true,
  requested: RequestedChord = requestSet(pitchClassOf(root), set.allowed),
): readonly Grip[] {
  const reachMm = handReachMm(player.hand ?? DEFAULT_HAND);
  const frettings = findSetFrettings(neck, pitchClassOf(root), { ...set, ...HELD }, { reachMm });
  return rankGrips(neck, root, frettings.filter(passes), player, requested);
}

/** The frettings that this player can hold, each with its easiest fingering, usual grip first. */
export function rankGrips(
  neck: Neck,
  root: Note,
  frettings: readonly Fretting[],
  player: Taste = {},
  requested: RequestedChord = requestVoicing(pitchClassOf(root)),
): readonly Grip[] {
  return frettings
    .flatMap((fretting): Grip[] => {
      const [best] = rankFingers(neck, fretting, player);
      if (!best) return [];
      const midi = soundingMidi(neck, fretting);
      const look = { fretting, midi, fingers: best.presses.length, requested };
      const preference = preferenceOf(look, player.tilts);
      const tones = tonesOverRoot(neck, fretting, pitchClassOf(root));
      return [{ fretting, best, preference, midi, tones, name: nameChord(midi, root).name }];
    })
    .sort((a, b) => usualPoints(a) - usualPoints(b) || compareFrettings(a.fretting, b.fretting));
}
