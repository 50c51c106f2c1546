import { parseChord } from "@/core/chart";
import { checkFretting } from "@/core/fretting";
import { rankFingers, type Hand } from "@/core/hand";
import { makeNeck } from "@/core/neck";
import { noteText, pitchClassOf, spellPitchClass, type Note } from "@/core/pitch";
import {
  changeGaps,
  DEFAULT_TEMPO_BPM,
  noteStrike,
  quartersPerBeat,
  strikesAs,
  type ChartNote,
} from "@/core/song";
import { type RouteTime } from "@/core/plan";
import { samePitches, type Tuning } from "@/core/tuning";
import {
  ownGrips,
  playedBars,
  playedScoreChords,
  withGrips,
  writtenOut,
  type PlayedGrip,
  type Score,
} from "@/formats/score";
import { type RouteFacts } from "@/formats/routeFacts";
import { type GrippedScore } from "./writeAs";

/** What a route is asked for, so that a score's chords get grips. */
interface ScoreRouteRequest {
  /** Names of the sounding chords in the order of playing, as they sound; riff notes are left out. */
  readonly names: readonly string[];
  /** Riff notes, each with its index among all that sounds. */
  readonly riff: readonly {
    readonly index: number;
    readonly name: string;
    readonly notes: readonly ChartNote[];
  }[];
  readonly time: RouteTime;
  /** Grips that stand in the score and that the hand can hold. */
  readonly pins: readonly {
    readonly index: number;
    readonly fretting: PlayedGrip["fretting"];
    readonly fingers?: NonNullable<PlayedGrip["fingers"]>;
  }[];
}

/** A score in another tuning than it was written in: its grips and notes lie elsewhere there. */
export function retuned(score: Score, tuning: Tuning): Score {
  if (score.tuning && samePitches(score.tuning.midi, tuning.midi)) return { ...score, tuning };
  return {
    ...score,
    tuning,
    sections: score.sections.map(({ bars, ...section }) => ({
      ...section,
      bars: bars.map((bar) => ({
        ...bar,
        notes: [],
        chords: bar.chords.map((chord) => ({ ...chord, fretting: null, fingers: null })),
      })),
    })),
  };
}

/** Whether a chord of a score sounds that has no grip. */
export function needsGrips(score: Score): boolean {
  return ownGrips(score).some((grip) => grip === null);
}

/** What a route through a score is asked for; its tuning must be known. */
export function routeRequestOf(score: Score, hand: Hand): ScoreRouteRequest {
  const bars = playedBars(score);
  const chords = playedScoreChords(bars);
  const neck = makeNeck({ midi: score.tuning?.midi ?? [], capo: score.capo });
  const shift = score.names === "shape" ? score.capo : 0;
  return {
    names: chords.flatMap(({ name, riff }) =>
      riff ? [] : [shift === 0 ? name : moved(name, shift)],
    ),
    riff: chords.flatMap(({ name, riff }, index) => (riff ? [{ index, name, notes: riff }] : [])),
    time: {
      gaps: changeGaps(
        chords.map(({ meter, texture, startBeat, start, beats, riff }) => {
          const span = { meter, startBeat, beats };
          const strikes = riff ? noteStrike(riff, span) : strikesAs(texture, span);
          return { start, beats, strikes };
        }),
      ),
      tempoBpm: score.tempoBpm ?? DEFAULT_TEMPO_BPM,
      quartersPerBeat: quartersPerBeat(score.meter),
    },
    pins: ownGrips(score).flatMap((grip, index) => {
      if (!grip || !neck.ok || !checkFretting(neck.value, grip.fretting).ok) return [];
      const ways = rankFingers(neck.value, grip.fretting, { hand });
      if (ways.length === 0) return [];
      const isHeldSo = ways.some(({ fingers }) => fingers.join() === grip.fingers?.join());
      return [
        {
          index,
          fretting: grip.fretting,
          ...(isHeldSo && grip.fingers && { fingers: grip.fingers }),
        },
      ];
    }),
  };
}

function moved(name: string, semitones: number): string {
  const parts = parseChord(name);
  if (!parts) return name;
  const text = (note: Note) => noteText(spellPitchClass(pitchClassOf(note) + semitones));
  return `${text(parts.root)}${parts.quality.suffix}${parts.bass ? `/${text(parts.bass)}` : ""}`;
}

/** A score as it stands, where nothing is planned. */
export function asItStands(score: Score): GrippedScore {
  return gripped(
    score,
    ownGrips(score).map((grip) => grip && { ...grip, effort: null }),
  );
}

/** A score whose chords have the grips of a route through them; a grip of its own that no hand holds stays. */
export function alongRoute(score: Score, { stops }: RouteFacts): GrippedScore {
  const own = ownGrips(score);
  return gripped(
    score,
    own.map((before, index) => {
      const stop = stops[index] ?? null;
      const isOwn = before && before.fretting.join() !== stop?.fretting.join();
      return isOwn ? { ...before, effort: null } : stop;
    }),
  );
}

function gripped(
  score: Score,
  grips: readonly ((PlayedGrip & { readonly effort: number | null }) | null)[],
): GrippedScore {
  return {
    once: withGrips(score, grips),
    played: withGrips(writtenOut(score), grips),
    efforts: grips.map((grip) => grip?.effort ?? null),
  };
}
