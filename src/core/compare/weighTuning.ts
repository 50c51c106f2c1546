import { type Chord, type CountedChord } from "@/core/chart";
import { requestOf } from "@/core/chordGrips";
import { rankGrips, type Grip, type Taste } from "@/core/grip";
import { type GripSearch } from "@/core/gripSearch";
import { type Neck } from "@/core/neck";
import { type Midi } from "@/core/pitch";

/** A grip and what it costs this player, in effort points. */
interface WeighedGrip {
  readonly grip: Grip;
  readonly cost: number;
}

export interface WeighedChord extends CountedChord {
  /** The cheapest first, at most as many as were asked for; empty where the chord cannot be played. */
  readonly grips: readonly WeighedGrip[];
}

/** Some chords in one tuning, each as it is played best. */
export interface WeighedTuning {
  readonly chords: readonly WeighedChord[];
  readonly totals: Totals | null;
}

/** Sums over the best grips of all chords, each as often as it is played. */
export interface Totals {
  /** Effort points. */
  readonly effort: number;
  /** Effort points, each term times its weight; without the retuning. */
  readonly cost: number;
  readonly lowest: Midi;
  readonly highest: Midi;
  /** Chords, each counted once, that no finger or a single one holds. */
  readonly oneFinger: number;
  readonly strumSafe: number;
  /** Open strings that ring, on average a chord. */
  readonly ringing: number;
}

/** Finds the `most` best grips of each chord in the tuning of a neck; no totals where one has none. */
export function weighTuning(
  search: GripSearch,
  neck: Neck,
  chords: readonly CountedChord[],
  player: Taste,
  max: number,
): WeighedTuning {
  const weighed = chords.map((counted) => ({
    ...counted,
    grips: search
      .cheapest(neck.midi, counted.chord, max)
      .flatMap(({ fretting, cost }) => gripsOf(neck, counted.chord, fretting, player, cost)),
  }));
  return { chords: weighed, totals: addUp(weighed) };
}

function gripsOf(
  neck: Neck,
  chord: Chord,
  fretting: Grip["fretting"],
  player: Taste,
  cost: number,
): readonly WeighedGrip[] {
  const grips = rankGrips(neck, chord.root, [fretting], player, requestOf(chord));
  return grips.map((grip) => ({ grip, cost }));
}

function addUp(chords: readonly WeighedChord[]): Totals | null {
  const best = chords.flatMap(({ grips: [first], times }) => (first ? [{ ...first, times }] : []));
  if (best.length < chords.length || best.length === 0) return null;
  const played = best.reduce((sum, { times }) => sum + times, 0);
  const sum = (of: (each: (typeof best)[number]) => number) =>
    best.reduce((total, each) => total + each.times * of(each), 0);
  const count = (test: (grip: Grip) => boolean) => best.filter(({ grip }) => test(grip)).length;
  const pitches = best.flatMap(({ grip }) => grip.midi);
  return {
    effort: sum(({ grip }) => grip.best.effort),
    cost: sum(({ cost }) => cost),
    lowest: Math.min(...pitches),
    highest: Math.max(...pitches),
    oneFinger: count(({ best: { presses } }) => presses.length <= 1),
    strumSafe: count(({ best: { damping } }) => damping.strumSafe),
    ringing: sum(({ grip }) => grip.fretting.filter((fret) => fret === 0).length) / played,
  };
}
