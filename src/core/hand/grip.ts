import {
  compareFrettings,
  findSetFrettings,
  findStackFrettings,
  soundingMidi,
  tonesOverRoot,
  type Fretting,
  type ReachLimit,
  type ToneSet,
} from "../fretting";
import { type Neck } from "../neck";
import { pitchClassOf, type Midi, type Note } from "../pitch";
import { degreesOf, nameChord, requiredDegrees, type Stack, type Voicing } from "../stack";
import { rankFingers, type Fingering, type Player } from "./fingering";
import { DEFAULT_HAND, handReachMm } from "./hand";

/** A place on the neck with its easiest fingering and what it sounds. `rankFingers` tells the others. */
export interface Grip {
  readonly fretting: Fretting;
  readonly best: Fingering;
  /** Sounding pitches, thickest string first. */
  readonly midi: readonly Midi[];
  /** Per string, semitones over the lowest sounding root; null where not played. */
  readonly tones: readonly (number | null)[];
  readonly name: string;
}

/** Every grip of a stack that this player can hold, easiest first. Without a limit, all the hand can reach. */
export function findGrips(
  neck: Neck,
  root: Note,
  stack: Stack,
  player: Player = {},
  limit?: ReachLimit,
): readonly Grip[] {
  const { hand = DEFAULT_HAND } = player;
  const frettings = findStackFrettings(
    neck,
    pitchClassOf(root),
    stack,
    limit ?? { reachMm: handReachMm(hand) },
  );
  return rankGrips(neck, root, frettings, player);
}

/** A hand holds no more. */
export const FINGERS_AND_THUMB = 5;

/** Every grip of a voicing that this player can hold, easiest first: a stack as it stands, or in free mode. */
export function findVoicing(
  neck: Neck,
  root: Note,
  { stack, leastNotes }: Voicing,
  player: Player = {},
): readonly Grip[] {
  if (leastNotes === null) return findGrips(neck, root, stack, player);
  const strings = neck.midi.length;
  const set = {
    allowed: degreesOf(stack),
    required: requiredDegrees(stack),
    minNotes: Math.min(leastNotes, strings),
    maxNotes: strings,
  };
  return findSetGrips(neck, root, set, player);
}

/** Every grip in free mode that this player can hold and that passes a test, easiest first. */
export function findSetGrips(
  neck: Neck,
  root: Note,
  set: ToneSet,
  player: Player = {},
  passes: (fretting: Fretting) => boolean = () => true,
): readonly Grip[] {
  const reachMm = handReachMm(player.hand ?? DEFAULT_HAND);
  const held = { ...set, mostFingers: FINGERS_AND_THUMB };
  const frettings = findSetFrettings(neck, pitchClassOf(root), held, { reachMm });
  return rankGrips(neck, root, frettings.filter(passes), player);
}

/** The frettings that this player can hold, each with its easiest fingering, easiest grip first. */
export function rankGrips(
  neck: Neck,
  root: Note,
  frettings: readonly Fretting[],
  player: Player = {},
): readonly Grip[] {
  return frettings
    .flatMap((fretting): Grip[] => {
      const [best] = rankFingers(neck, fretting, player);
      if (!best) return [];
      const midi = soundingMidi(neck, fretting);
      const tones = tonesOverRoot(neck, fretting, pitchClassOf(root));
      return [{ fretting, best, midi, tones, name: nameChord(midi, root).name }];
    })
    .sort((a, b) => a.best.effort - b.best.effort || compareFrettings(a.fretting, b.fretting));
}
