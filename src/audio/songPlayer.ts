import {
  countInOf,
  countWord,
  quartersAt,
  roundOf,
  tempoShareAt,
  type Arrangement,
  type PlayEvent,
  type Round,
  type SongRoute,
} from "@/core/arrangement";
import { soundingMidi } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { frequencyHz } from "@/core/pitch";
import { pickedAt, quartersPerBeat, withinTempo } from "@/core/song";
import { makeBand, type ScheduledSound, type Sounding } from "./band";
import { audioContext } from "./context";
import { countVoice } from "./countVoice";
import { type PlayOptions, type PlayPlace } from "./playTypes";

export interface SongPlayer {
  readonly setLoudness: (loudness: number) => void;
  readonly stop: () => void;
}

interface PlayerInput {
  readonly arrangement: Arrangement;
  readonly route: SongRoute;
  readonly neck: Neck;
  readonly a4Hz: number;
  readonly options: PlayOptions;
  readonly hearing: { readonly gain: boolean; readonly loudness: number };
  readonly fromBar: number;
  /** The bar before which it ends; the song's last where this is left out. */
  readonly toBar?: number;
  readonly countIn: boolean;
  /** How often the bars are played, where they are no loop; once where this is left out. */
  readonly passes?: number;
}

interface PlayerNews {
  readonly onPlace: (place: PlayPlace) => void;
  readonly onQuarters: (quarters: number) => void;
  readonly onEnd: () => void;
  /** A round is on the clock: when it begins, in s of the audio clock, and what is struck in it. */
  readonly onRound?: (round: StartedRound) => void;
}

/** Sounds are on the audio clock so long before they are heard; a page that hangs shorter than that makes none late. */
const AHEAD_S = 1.6;
const TICK_MS = 120;
const SOON_S = 0.12;
/** Time from reporting a place to its paint: about two frames. */
const PAINT_S = 0.03;
const MAX_SEGMENTS = 64;
const MOMENT_S = 1e-4;

/** A round on the audio clock. */
export interface StartedRound extends Round {
  readonly startS: number;
  readonly isCountIn: boolean;
}

interface Segment extends StartedRound {
  readonly round: number;
  readonly tempoBpm: number;
}

/**
 * Plays a song along the audio clock until it ends or is stopped. Null where it is not wanted any more once the browser
 * lets it sound.
 */
export async function startPlaying(
  input: PlayerInput,
  news: PlayerNews,
  isWanted: () => boolean,
): Promise<SongPlayer | null> {
  const { arrangement, options, hearing } = input;
  const context = await audioContext();
  if (context.state !== "running") throw new Error("the browser gives Tenon no sound");
  const voice = input.countIn ? await countVoice(context) : null;
  if (!isWanted()) return null;
  const band = makeBand(context, { ...hearing, voice });
  const rounds = roundsOf(input);
  const segments: Segment[] = [];
  let pending: { segment: Segment; next: number } | null = null;
  let endS = context.currentTime + SOON_S;
  let isOver = false;
  let isStopped = false;

  const take = () => {
    const next = rounds.next();
    if (next.done) {
      isOver = true;
      return;
    }
    const segment = { ...next.value, startS: endS };
    segments.push(segment);
    news.onRound?.(segment);
    // What is over need not be remembered; a loop may go round for hours.
    if (segments.length > MAX_SEGMENTS) segments.shift();
    endS += segment.lengthS;
    pending = { segment, next: 0 };
  };
  const schedule = () => {
    const until = context.currentTime + AHEAD_S;
    const sounds: Sounding[] = [];
    for (;;) {
      if (!pending) {
        if (isOver || endS > until) break;
        take();
        continue;
      }
      const { segment, next } = pending;
      const event = segment.events[next];
      if (!event) {
        pending = null;
        continue;
      }
      if (segment.startS + event.atS > until) break;
      const sound = soundOf(event, segment.isCountIn, input);
      if (sound) {
        const lengthS = event.kind === "click" ? null : event.lengthS;
        sounds.push({ atS: segment.startS + event.atS, lengthS, sound });
      }
      pending.next += 1;
    }
    band.schedule(sounds);
  };

  let shown = "";
  let frame = 0;
  const show = () => {
    if (isStopped) return;
    // Sound is heard one output latency late, and a change is painted PAINT_S late.
    const nowS = context.currentTime - (context.outputLatency || 0) + PAINT_S;
    const segment = segments.findLast(({ startS }) => startS <= nowS) ?? segments[0];
    if (isOver && nowS > endS) {
      news.onEnd();
      return;
    }
    if (segment) {
      // The end of a round is the beginning of the next, which in a loop lies elsewhere.
      const intoS = Math.min(Math.max(0, nowS - segment.startS), segment.lengthS - MOMENT_S);
      const quarters = quartersAt(segment, intoS);
      news.onQuarters(segment.isCountIn ? segment.startQuarters : quarters);
      const place = placeOf(arrangement, segment, quarters, tempoShareAt(segment, intoS));
      const key = JSON.stringify(place);
      if (key !== shown) news.onPlace(place);
      shown = key;
    }
    frame = requestAnimationFrame(show);
  };
  schedule();
  const timer = setInterval(schedule, TICK_MS);
  show();
  return {
    setLoudness: band.setLoudness,
    stop: () => {
      isStopped = true;
      clearInterval(timer);
      cancelAnimationFrame(frame);
      band.silence();
    },
  };

  /** The rounds one after another: counting in, then the song, or the loop for as long as one likes. */
  function* roundsOf({
    fromBar,
    toBar,
    countIn,
    passes = 1,
  }: PlayerInput): Generator<Omit<Segment, "startS">> {
    const half = options.isHalf ? 0.5 : 1;
    let own = options.tempoBpm ?? arrangement.tempoBpm;
    const tempo = () => withinTempo(own * half);
    const bars = Math.min(toBar ?? Infinity, arrangement.bars.length);
    let barsBefore = 0;
    if (countIn) {
      const counted = countInOf(arrangement, fromBar, tempo());
      yield { ...counted, round: 0, tempoBpm: tempo(), isCountIn: true };
    }
    const { loop } = options;
    const isIn = loop && fromBar >= loop[0] && fromBar <= loop[1];
    for (let round = 0; ; round++) {
      const [first, last] = loop && isIn ? loop : [0, bars - 1];
      const from = round === 0 || !isIn ? fromBar : first;
      const made = roundOf(arrangement, from, last + 1, tempo(), options.metronome, barsBefore);
      barsBefore += last + 1 - from;
      yield { ...made, round, tempoBpm: tempo(), isCountIn: false };
      if (made.lengthS <= 0 || (!isIn && round + 1 >= passes)) return;
      own = Math.min(Math.max(own, options.rampTo), own + options.rampBpm);
    }
  }
}

/** What sounds at an event; null for nothing. */
export function soundOf(
  event: PlayEvent,
  isCountIn: boolean,
  input: Pick<PlayerInput, "route" | "neck" | "a4Hz"> & {
    readonly options: Pick<PlayOptions, "click" | "chords">;
  },
): ScheduledSound | null {
  const { options, route, neck, a4Hz } = input;
  if (event.kind === "word") return { kind: "word", word: event.word };
  if (event.kind === "click") {
    // What is counted in is heard, whether the song has a click or not.
    return options.click || isCountIn ? { kind: "click", strength: event.strength } : null;
  }
  const stop = route.timed.stops[route.played.indexOf(event.chord)];
  if (!options.chords || !stop) return null;
  const { strike } = event;
  const pitches = soundingMidi(neck, stop.fingering.fretting).map((midi) =>
    frequencyHz(midi, a4Hz),
  );
  const order = strike.stroke === "down" ? pitches : pitches.toReversed();
  return {
    kind: "grip",
    frequenciesHz: strike.picked ? pickedOf(pitches, strike.picked) : order,
    manner: MANNERS[strike.touch],
    isAccented: strike.isAccented,
  };
}

const MANNERS = { ringing: "strum", muted: "mute", choked: "choke" } as const;

/** One of a grip's strings. */
function pickedOf(pitches: readonly number[], which: "low" | "mid" | "high"): readonly number[] {
  const at = pickedAt(which, pitches.length);
  return pitches.slice(at, at + 1);
}

function placeOf(
  arrangement: Arrangement,
  segment: Segment,
  quarters: number,
  tempoShare: number,
): PlayPlace {
  const { chords, bars } = arrangement;
  const { round, tempoBpm, isCountIn } = segment;
  const at = isCountIn ? quartersAt(segment, segment.lengthS) : quarters;
  const bar = Math.max(
    0,
    bars.findLastIndex(({ start }) => start <= at + 1e-6),
  );
  const meter = bars[bar]?.meter ?? "4/4";
  const beatLength = quartersPerBeat(meter);
  const beatsFrom = isCountIn ? segment.startQuarters : (bars[bar]?.start ?? 0);
  const beat = Math.max(0, Math.floor((quarters - beatsFrom) / beatLength + 1e-6));
  const chord = isCountIn ? -1 : chords.findLastIndex(({ start }) => start <= quarters + 1e-6);
  const next = chords.findIndex(({ start }) => start > (isCountIn ? at - 1e-6 : quarters + 1e-6));
  return {
    count: isCountIn ? countWord(quarters - segment.startQuarters, beatLength) : null,
    bar,
    beat,
    quarters: Math.max(beatsFrom + beat * beatLength, chords[chord]?.start ?? -Infinity),
    chord: chord < 0 ? null : chord,
    next: next < 0 ? null : next,
    round,
    tempoBpm: tempoBpm * tempoShare,
  };
}
