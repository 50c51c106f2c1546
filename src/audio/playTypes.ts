import { type Metronome } from "@/core/metronome";

/** How a song is played along with. */
export interface PlayOptions {
  readonly click: boolean;
  /** Whether the chords are heard, in their texture. */
  readonly chords: boolean;
  readonly isHalf: boolean;
  /** Bars that go round, as they are played, from 0, the last one included; null for the song once. */
  readonly loop: readonly [first: number, last: number] | null;
  /** How much faster every round is, and up to what tempo. */
  readonly rampBpm: number;
  readonly rampTo: number;
  /** The player's own tempo; null for the song's. */
  readonly tempoBpm: number | null;
  readonly metronome: Metronome;
}

/** Where the playing is. */
export interface PlayPlace {
  /** What is counted, before the first bar. */
  readonly count: string | null;
  /** Bar as played, from 0. */
  readonly bar: number;
  /** Of the bar, or of the count-in, from 0. */
  readonly beat: number;
  /** Start of the beat, or of a chord that started within it; in quarters from the start of the song. */
  readonly quarters: number;
  /** The chord that sounds now and the one that is gripped next, by index in the arrangement. */
  readonly chord: number | null;
  readonly next: number | null;
  readonly round: number;
  readonly tempoBpm: number;
}
