import { chordOnNeck, type ChordOnNeck } from "@/core/compare";
import { type Fretting } from "@/core/fretting";
import { findGrips, type Player } from "@/core/hand";
import { listGrips, type ListedGrips, type Listing } from "@/core/listing";
import { findNeighbours, type Neighbour } from "@/core/neighbours";
import { type Neck } from "@/core/neck";
import { type Accidentals, type Midi, type Note } from "@/core/pitch";
import { readShape, type ShapeReading } from "@/core/reading";
import { describeSound, type Sound, type SoundOptions } from "@/core/sound";
import { type Stack } from "@/core/stack";

/** What the page asks the worker. Values in, values out; a caller awaits a function. */
export const computeApi = {
  /** The playable grips of a stack on a neck that pass the filter, in the order asked. */
  grips(neck: Neck, root: Note, stack: Stack, player: Player, listing: Listing): ListedGrips {
    return listGrips(neck, findGrips(neck, root, stack, player), listing, player.hand);
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
  read(
    neck: Neck,
    fretting: Fretting,
    player: Player,
    accidentals: Accidentals,
  ): ShapeReading | null {
    return readShape(neck, fretting, player, accidentals);
  },

  /** How pitches sound together; null where nothing sounds. */
  sound(pitches: readonly Midi[], options: SoundOptions): Sound | null {
    return describeSound(pitches, options);
  },

  /** The same chord on several necks, each with its easiest grips. */
  chordOnNecks(
    necks: readonly Neck[],
    root: Note,
    stack: Stack,
    most: number,
    player: Player,
  ): readonly ChordOnNeck[] {
    return necks.map((neck) => chordOnNeck(neck, root, stack, most, player));
  },
};

export type ComputeApi = typeof computeApi;
