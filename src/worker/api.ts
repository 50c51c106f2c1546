import { chordOnNeck, type ChordOnNeck } from "@/core/compare";
import { TooManyFrettings, type Fretting } from "@/core/fretting";
import { findVoicing, rankFingers, type Fingering, type Grip, type Player } from "@/core/hand";
import { listGrips, type ListedGrips, type Listing } from "@/core/listing";
import { findNeighbours, type Neighbour } from "@/core/neighbours";
import { type Neck } from "@/core/neck";
import { type Midi, type Note } from "@/core/pitch";
import { readShape, type Calling, type ShapeReading } from "@/core/reading";
import {
  describeSound,
  roughnessByDrive,
  type RoughnessAtDrive,
  type Sound,
  type SoundOptions,
} from "@/core/sound";
import { type Stack, type Voicing } from "@/core/stack";

/** More than anyone looks at; a longer list would only take time on its way to the page. */
const MOST_LISTED = 1000;

/** What passed the filter, at most a thousand of it, and how many passed in all. */
export interface GripsAnswer extends ListedGrips {
  readonly passed: number;
  /** There are so many that they were not even counted. */
  readonly tooMany: boolean;
}

/** What the page asks the worker. Values in, values out; a caller awaits a function. */
export const computeApi = {
  /** The playable grips of a voicing on a neck that pass the filter, in the order asked. */
  grips(neck: Neck, root: Note, voicing: Voicing, player: Player, listing: Listing): GripsAnswer {
    const all = findUnlessTooMany(neck, root, voicing, player);
    const listed = listGrips(neck, all ?? [], listing, player.hand);
    const { grips } = listed;
    return {
      ...listed,
      grips: grips.slice(0, MOST_LISTED),
      passed: grips.length,
      tooMany: all === null,
    };
  },

  /** Every way this player can finger a fretting, easiest first. */
  ways(neck: Neck, fretting: Fretting, player: Player): readonly Fingering[] {
    return rankFingers(neck, fretting, player);
  },

  /** The grips one step from a grip. */
  neighbours(
    neck: Neck,
    root: Note,
    stack: Stack,
    fretting: Fretting,
    player: Player,
  ): readonly Neighbour[] {
    return findNeighbours(neck, root, stack, fretting, player);
  },

  /** What a shape is called, how it is held, and what one note would change; null for silence. */
  read(neck: Neck, fretting: Fretting, player: Player, calling: Calling): ShapeReading | null {
    return readShape(neck, fretting, player, calling);
  },

  /** How pitches sound together; null where nothing sounds. */
  sound(pitches: readonly Midi[], options: SoundOptions): Sound | null {
    return describeSound(pitches, options);
  },

  /** How rough they are as the gain goes up. */
  roughnessByDrive(
    pitches: readonly Midi[],
    drives: readonly number[],
    options: SoundOptions,
  ): readonly RoughnessAtDrive[] {
    return roughnessByDrive(pitches, drives, options);
  },

  /** The same chord on several necks, each with its easiest grips. */
  chordOnNecks(
    necks: readonly Neck[],
    root: Note,
    voicing: Voicing,
    most: number,
    player: Player,
  ): readonly ChordOnNeck[] {
    return necks.map((neck) => chordOnNeck(neck, root, voicing, most, player));
  },
};

export type ComputeApi = typeof computeApi;

function findUnlessTooMany(
  neck: Neck,
  root: Note,
  voicing: Voicing,
  player: Player,
): readonly Grip[] | null {
  try {
    return findVoicing(neck, root, voicing, player);
  } catch (error) {
    if (error instanceof TooManyFrettings) return null;
    throw error;
  }
}
