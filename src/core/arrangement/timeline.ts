import { clicksOf, PLAIN_METRONOME, type ClickStrength, type Metronome } from "@/core/metronome";
import { quartersPerBeat, type Strike } from "@/core/song";
import { type Arrangement } from "./arrange";

/** Something that happens while a song is played along, in seconds from the beginning of its round. */
export type PlayEvent =
  | { readonly kind: "click"; readonly atS: number; readonly strength: ClickStrength }
  /** What the count-in says, which is over by the next word. */
  | { readonly kind: "word"; readonly atS: number; readonly lengthS: number; readonly word: string }
  | {
      readonly kind: "strike";
      readonly atS: number;
      /** Until the next strike, or the end of the chord. */
      readonly lengthS: number;
      /** The chord, by its index in the arrangement. */
      readonly chord: number;
      readonly strike: Strike;
    };

/** Bars from one to another, as they are played, with all that happens in them. */
export interface Round {
  readonly events: readonly PlayEvent[];
  readonly lengthS: number;
  /** Start of the round, in quarters from the start of the song. */
  readonly startQuarters: number;
  /** Its tempos in order, each with the time at which it begins. */
  readonly tempos: readonly RoundTempo[];
}

/** A stretch of a round at one tempo. */
interface RoundTempo {
  /** Seconds from the start of the round; quarters from the start of the song. */
  readonly atS: number;
  readonly quarters: number;
  readonly quartersPerS: number;
  /** As a share of the song's tempo. */
  readonly share: number;
}

/** Converts seconds from the start of a round to quarters from the start of the song. */
export function quartersAt({ tempos, startQuarters }: Round, seconds: number): number {
  const tempo = tempoOf(tempos, ({ atS }) => atS <= seconds);
  return tempo ? tempo.quarters + (seconds - tempo.atS) * tempo.quartersPerS : startQuarters;
}

/** The tempo at a time in a round, in seconds from its start, divided by the song's tempo. */
export function tempoShareAt({ tempos }: Round, seconds: number): number {
  return tempoOf(tempos, ({ atS }) => atS <= seconds)?.share ?? 1;
}

function tempoOf(
  tempos: readonly RoundTempo[],
  hasBegun: (tempo: RoundTempo) => boolean,
): RoundTempo | undefined {
  return tempos.findLast(hasBegun) ?? tempos[0];
}

const S_A_MINUTE = 60;
const ROUNDING = 1e-9;

/** Quarters a second at a tempo in the song's own beat. */
function speedOf({ quartersPerBeat: beat }: Arrangement, tempoBpm: number): number {
  return (tempoBpm * beat) / S_A_MINUTE;
}

/**
 * The bars from `fromBar` up to, but without, `toBar`.
 *
 * @param barsBefore how many bars the metronome has gone through already
 */
export function roundOf(
  arrangement: Arrangement,
  fromBar: number,
  toBar: number,
  tempoBpm: number,
  metronome: Metronome = PLAIN_METRONOME,
  barsBefore = 0,
): Round {
  const bars = arrangement.bars.slice(fromBar, toBar);
  const [first, last] = [bars[0], bars.at(-1)];
  const startQuarters = first?.start ?? 0;
  const end = (last?.start ?? 0) + (last?.beats ?? 0);
  const tempos = temposOf(bars, startQuarters, speedOf(arrangement, tempoBpm));
  const seconds = (at: number) => {
    const tempo = tempoOf(tempos, ({ quarters }) => quarters <= at + ROUNDING);
    return tempo ? tempo.atS + (at - tempo.quarters) / tempo.quartersPerS : 0;
  };
  const clicks = bars.flatMap(({ start, beats, meter }, index) =>
    clicksOf(metronome, meter, beats, quartersPerBeat(meter), barsBefore + index).map(
      ({ at, strength }): PlayEvent => ({ kind: "click", atS: seconds(start + at), strength }),
    ),
  );
  const strikes = arrangement.chords.flatMap((chord, index): readonly PlayEvent[] => {
    if (chord.playedBar < fromBar || chord.playedBar >= toBar) return [];
    const chordEnd = Math.min(end, chord.start + chord.beats);
    return chord.strikes.flatMap((strike, each) => {
      // A chord that comes before the first bar is struck as the bar begins.
      const at = Math.max(startQuarters, chord.start + strike.at);
      const next = chord.strikes[each + 1];
      const until = next ? chord.start + next.at : chordEnd;
      if (until <= at) return [];
      const lengthS = seconds(until) - seconds(at);
      return [{ kind: "strike", atS: seconds(at), lengthS, chord: index, strike } as const];
    });
  });
  return {
    events: [...clicks, ...strikes].sort((a, b) => a.atS - b.atS),
    lengthS: seconds(end),
    startQuarters,
    tempos,
  };
}

/** One entry for each change of tempo in the bars. */
function temposOf(
  bars: Arrangement["bars"],
  startQuarters: number,
  songQuartersPerS: number,
): readonly RoundTempo[] {
  const tempos: RoundTempo[] = [];
  let atS = 0;
  for (const { start, beats, tempoShare: share } of bars) {
    const quartersPerS = songQuartersPerS * share;
    if (tempos.at(-1)?.share !== share) tempos.push({ atS, quarters: start, quartersPerS, share });
    atS += beats / quartersPerS;
  }
  return tempos.length > 0
    ? tempos
    : [{ atS: 0, quarters: startQuarters, quartersPerS: songQuartersPerS, share: 1 }];
}

/** One bar of counting before a bar: its beats, and the "and"s between them. */
export function countInOf(arrangement: Arrangement, fromBar: number, tempoBpm: number): Round {
  const { start = 0, meter = "4/4", tempoShare: share = 1 } = arrangement.bars[fromBar] ?? {};
  const [counts = 4, unit = 4] = meter.split("/").map(Number);
  // A pick-up is counted in with a whole bar.
  const beats = (counts * 4) / unit;
  const quartersPerS = speedOf(arrangement, tempoBpm) * share;
  const beat = quartersPerBeat(meter);
  const wordAt = (at: number): PlayEvent => ({
    kind: "word",
    atS: at / quartersPerS,
    lengthS: beat / 2 / quartersPerS,
    word: countWord(at, beat),
  });
  const clicks = clicksOf(PLAIN_METRONOME, meter, beats, beat, 0);
  const events = clicks.flatMap(({ at, strength }): readonly PlayEvent[] => [
    { kind: "click", atS: at / quartersPerS, strength },
    wordAt(at),
    wordAt(at + beat / 2),
  ]);
  const startQuarters = start - beats;
  return {
    events,
    lengthS: beats / quartersPerS,
    startQuarters,
    tempos: [{ atS: 0, quarters: startQuarters, quartersPerS, share }],
  };
}

/** What is counted where: "one", "and", "two", at so many quarters into a bar of counting. */
export function countWord(quarters: number, beat: number): string {
  const half = Math.floor((quarters + ROUNDING) / (beat / 2));
  return half % 2 === 1 ? "and" : (COUNTS[half / 2] ?? String(half / 2 + 1));
}

const COUNTS = ["one", "two", "three", "four", "five", "six"];
