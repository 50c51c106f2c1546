import { routeThrough, type TimedRoute } from "@/core/plan";
import { type Chord, type CountedChord } from "@/core/chart";
import { countGrips, type GripCounts } from "@/core/chordGrips";
import { makeGripSearch, type GripLimits, type GripSearch, type Weights } from "@/core/gripSearch";
import {
  searchTunings,
  translatePitches,
  weighTuning,
  type FoundTuning,
  type SearchProgress,
  type SearchRequest,
  type Translation,
  type WeighedTuning,
} from "@/core/compare";
import { TooManyFrettings, type Fretting } from "@/core/fretting";
import {
  findChordFormGrips,
  pinTilt,
  rankGrips,
  type Grip,
  type KeptGrip,
  type Taste,
} from "@/core/grip";
import { rankFingers, type Fingering } from "@/core/hand";
import { listGrips, type ListedGrips, type Listing } from "@/core/listing";
import { findNeighbours, type Neighbour } from "@/core/neighbours";
import { type Neck } from "@/core/neck";
import { pitchClassOf, type Midi, type Note } from "@/core/pitch";
import { requestPitches, type Tilt } from "@/core/preference";
import { readShape, type Calling, type ShapeReading } from "@/core/reading";
import {
  describeSound,
  roughnessByDrive,
  type RoughnessAtDrive,
  type Sound,
  type SoundOptions,
} from "@/core/sound";
import { type Voicing, type ChordForm } from "@/core/voicing";
import { effortBook } from "./effortBooks";
import { songApi } from "./songApi";

export { type SongPlanRequest, type PlannedSong } from "./songApi";

/** More than anyone looks at; a longer list would only take time on its way to the page. */
const MAX_LISTED = 1000;

/** What passed the filter, at most a thousand of it, and how many passed in all. */
export interface GripsResponse extends ListedGrips {
  readonly passed: number;
  /** There are too many even to count. */
  readonly tooMany: boolean;
}

/** What the page asks the worker. Values in, values out; a caller awaits a function. */
export const computeApi = {
  ...songApi,

  /** The playable grips of a voicing on a neck that pass the filter, in the order asked. */
  grips(
    neck: Neck,
    root: Note,
    chordForm: ChordForm,
    player: Taste,
    listing: Listing,
  ): GripsResponse {
    const all = findUnlessTooMany(neck, root, chordForm, player);
    const listed = listGrips(neck, all ?? [], listing, player.hand);
    const { grips } = listed;
    return {
      ...listed,
      grips: grips.slice(0, MAX_LISTED),
      passed: grips.length,
      tooMany: all === null,
    };
  },

  /** How the grips that a player keeps shift what comes first; null where they say nothing. */
  pinTilt(pins: readonly KeptGrip[], player: Taste): Tilt | null {
    return pinTilt(pins, player);
  },

  /** Every fingering of a fretting that this player can hold, easiest first. */
  fingerings(neck: Neck, fretting: Fretting, player: Taste): readonly Fingering[] {
    return rankFingers(neck, fretting, player);
  },

  /** The grips one step from a grip. */
  neighbours(
    neck: Neck,
    root: Note,
    voicing: Voicing,
    fretting: Fretting,
    player: Taste,
  ): readonly Neighbour[] {
    return findNeighbours(neck, root, voicing, fretting, player);
  },

  /** What a shape is called, how it is held, and what one note would change; null for silence. */
  read(neck: Neck, fretting: Fretting, player: Taste, calling: Calling): ShapeReading | null {
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

  /** Some chords on several necks, each with its best grips. */
  weigh(
    necks: readonly Neck[],
    chords: readonly CountedChord[],
    weights: Weights,
    player: Taste,
    max: number,
    limits: GripLimits,
  ): readonly WeighedTuning[] {
    return necks.map((neck) =>
      weighTuning(gripSearch(neck, player, weights, limits), neck, chords, player, max),
    );
  },

  /** All that several necks offer for each chord; null where it is too much to count. */
  count(
    necks: readonly Neck[],
    chords: readonly CountedChord[],
    player: Taste,
  ): readonly (readonly (GripCounts | null)[])[] {
    return necks.map((neck) => chords.map(({ chord }) => countGrips(neck, chord, player)));
  },

  /** The best route through chords on each of several necks; null where one cannot be played. */
  routes(
    necks: readonly Neck[],
    sequence: readonly Chord[],
    weights: Weights,
    player: Taste,
    limits: GripLimits,
  ): readonly (TimedRoute | null)[] {
    return necks.map((neck) =>
      routeThrough(
        gripSearch(neck, player, weights, limits),
        neck,
        sequence,
        player,
        weights,
        limits,
      ),
    );
  },

  /** How several sets of pitches sound. */
  sounds(pitches: readonly (readonly Midi[])[], options: SoundOptions): readonly (Sound | null)[] {
    return pitches.map((each) => describeSound(each, options));
  },

  /** The grips that sound given pitches on several necks, usual first. */
  translate(
    necks: readonly Neck[],
    pitches: readonly Midi[],
    root: Note,
    player: Taste,
    max: number,
  ): readonly TranslatedGrips[] {
    const requested = requestPitches(
      pitchClassOf(root),
      pitches.toSorted((a, b) => a - b),
    );
    return necks.map((neck) => {
      const { frettings, ...found } = translatePitches(neck, pitches);
      const near = found.places.map(({ midi, octave }) => [midi, octave ?? midi] as const);
      const octaves = new Map(near);
      const moved = pitches.map((midi) => octaves.get(midi) ?? midi);
      const instead = found.lost.length > 0 ? translatePitches(neck, moved).frettings : [];
      const grips = rankGrips(neck, root, frettings, player, requested);
      return {
        ...found,
        frettingCount: frettings.length,
        playable: grips.length,
        grips: grips.slice(0, max),
        instead: rankGrips(neck, root, instead, player, requested).slice(0, max),
      };
    });
  },

  /** The best tunings of a space. Tells how far it is about ten times a second. */
  search(request: SearchRequest, report: (report: SearchReport) => void): readonly FoundTuning[] {
    const start = performance.now();
    let told = -Infinity;
    const run = searchTunings(request);
    for (let step = run.next(); ; step = run.next()) {
      if (step.done) return step.value;
      const ms = performance.now() - start;
      if (ms - told < REPORT_MS) continue;
      told = ms;
      const { share, open, best } = step.value;
      report({ share, open, best, ms, msLeft: share > 0 ? (ms / share) * (1 - share) : null });
    }
  },
};

const REPORT_MS = 100;

/** How far a search is. */
export interface SearchReport extends SearchProgress {
  readonly ms: number;
  /** An estimate; null before there is one. */
  readonly msLeft: number | null;
}

/** Where pitches went, with grips in place of all the frettings. */
export interface TranslatedGrips extends Omit<Translation, "frettings"> {
  /** How many frettings sound exactly the same, and how many of them this hand can hold. */
  readonly frettingCount: number;
  readonly playable: number;
  /** The usual ones. */
  readonly grips: readonly Grip[];
  /** The usual ones with each lost pitch at its nearest octave; empty where none is lost. */
  readonly instead: readonly Grip[];
}

function gripSearch(neck: Neck, player: Taste, weights: Weights, limits: GripLimits): GripSearch {
  return makeGripSearch(neck, player, weights, effortBook(neck, player), limits);
}

export type ComputeApi = typeof computeApi;

function findUnlessTooMany(
  neck: Neck,
  root: Note,
  chordForm: ChordForm,
  player: Taste,
): readonly Grip[] | null {
  try {
    return findChordFormGrips(neck, root, chordForm, player);
  } catch (error) {
    if (error instanceof TooManyFrettings) return null;
    throw error;
  }
}
