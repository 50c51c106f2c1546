import { type Drill, type PlayedDrill } from "@/core/drill";
import { type RoundResult } from "@/core/recall";
import {
  choosePlayed,
  LONGEST_MIN,
  type Candidate,
  type Chosen,
  type PracticeDay,
} from "./choosePlayed";
import { type Estimate } from "./estimate";

/** How long a sitting may be, in minutes. */
export const SITTINGS = [5, 10, 20, 40] as const;
export type SittingMinutes = (typeof SITTINGS)[number];

/** Why a drill is in the sitting. "weak" stands in sittings that an earlier version saved. */
export const WHYS = [
  "warm-up",
  "due",
  "new",
  "song",
  "learning",
  "check",
  "listen",
  "weak",
  "own",
] as const;
export type Why = (typeof WHYS)[number];

/** The figures behind the choice of a drill. */
export type Evidence =
  /** The held tempo and the goal. */
  | { readonly kind: "tempo"; readonly heldBpm: number; readonly goalBpm: number }
  | {
      readonly kind: "missed";
      readonly day: number;
      readonly missed: number;
      readonly rounds: number;
    }
  | { readonly kind: "held"; readonly day: number; readonly bpm: number }
  | { readonly kind: "never played" }
  | { readonly kind: "cards"; readonly due: number; readonly fresh: number }
  | { readonly kind: "answers"; readonly right: number; readonly asked: number };

export type PlannedBlock =
  | {
      readonly kind: "drill";
      readonly drill: string;
      readonly minutes: number;
      readonly why: Why;
      readonly evidence?: Evidence | undefined;
    }
  | { readonly kind: "break"; readonly minutes: number };

/** How a drill has gone before today. */
export interface Standing {
  /** Days it was played on, oldest first; only the last ones. */
  readonly days: readonly PracticeDay[];
  /** Null where nothing was played to a tempo. */
  readonly estimate: Estimate | null;
  /** The last results of a drill that asks, oldest first. */
  readonly answers: readonly RoundResult[];
}

export interface DayInput {
  /** Days since 1970, by the local calendar. */
  readonly today: number;
  readonly minutes: SittingMinutes;
  /** All drills of the neck. */
  readonly drills: readonly Drill[];
  /** The tightest changes of the chosen song, the tightest first. */
  readonly songDrills: readonly PlayedDrill[];
  readonly standings: ReadonlyMap<string, Standing>;
  /** The day by which the song shall hold; null for no goal. */
  readonly songBy: number | null;
  readonly dueCards: number;
  readonly newCards: number;
}

/** A break after so many minutes (a judgement), so long. */
const BREAK_AFTER_MIN = 15;
const BREAK_MIN = 1;
/** Slow, and one for each part of a clean sound; they take turns. */
const WARM_UPS = [
  "sound:string-by-string",
  "sound:strum-all",
  "sound:three-three-two",
  "sound:muted-to-open",
];
const WARM_UP_MIN: Readonly<Record<SittingMinutes, number>> = { 5: 1, 10: 1, 20: 2, 40: 3 };
/** Shares of the remaining time for notes and for the ear; the rest is played (judgements). */
const [CARDS_SHARE, EAR_SHARE] = [0.22, 0.12];
/** The song's share of the played time until all of it holds, and afterwards (judgements). */
const [SONG_SHARE, HELD_SONG_SHARE] = [0.75, 0.3];
/** The song's share of the played time in the last days before its goal. */
const URGENT_SHARE = 1;
const URGENT_DAYS = 10;
/** A short sitting has its ear drill after so many days without one. */
const EAR_EVERY_DAYS = 3;

/**
 * The plan of a day: a warm-up, the song's changes, other drills being learnt, notes that are due, and the ear, with
 * breaks. It follows from the log up to the day before, so that it stays the same all day. The minutes add up to those of
 * the sitting, breaks included.
 */
export function planDay(input: DayInput): readonly PlannedBlock[] {
  const { minutes } = input;
  const warmUp = chooseWarmUp(input);
  const warmUpMin = warmUp ? WARM_UP_MIN[minutes] : 0;
  const breaks = Math.floor((minutes - 1) / BREAK_AFTER_MIN);
  const left = minutes - warmUpMin - breaks * BREAK_MIN;
  const ear = chooseEar(input);
  const hasCards = input.dueCards + input.newCards > 0;
  const cardsMin = hasCards ? Math.max(1, Math.round(CARDS_SHARE * left)) : 0;
  const earMin = ear ? Math.max(isEarDue(input) ? 1 : 0, Math.round(EAR_SHARE * left)) : 0;
  const playedMin = left - cardsMin - earMin;
  const blocks: readonly PlannedBlock[] = [
    ...(warmUp
      ? [{ kind: "drill", drill: warmUp, minutes: warmUpMin, why: "warm-up" } as const]
      : []),
    ...playedBlocks(input, playedMin, warmUp),
    ...cardBlocks(input, cardsMin),
    ...(ear && earMin > 0 ? [{ ...ear, minutes: earMin }] : []),
  ];
  return filled(withBreaks(blocks, breaks), minutes);
}

/** Where nothing was found for some minutes, the last block has them. */
function filled(blocks: readonly PlannedBlock[], minutes: number): readonly PlannedBlock[] {
  const missing = minutes - blocks.reduce((sum, block) => sum + block.minutes, 0);
  return blocks.map((block, index) =>
    index === blocks.length - 1 ? { ...block, minutes: block.minutes + missing } : block,
  );
}

/** The song's changes and the other drills of movement and sound. */
function playedBlocks(
  input: DayInput,
  minutes: number,
  warmUp: string | undefined,
): readonly PlannedBlock[] {
  const { drills, songDrills, songBy, today } = input;
  const moves = drills.filter(
    (drill): drill is PlayedDrill =>
      drill.how === "played" && drill.key !== warmUp && !WARM_UPS.includes(drill.key),
  );
  const candidates = (some: readonly PlayedDrill[]) =>
    some.map((drill) => candidateOf(drill, input.standings.get(drill.key)));
  const ofSong = candidates(songDrills);
  const isSongHeld = ofSong.every(({ estimate, goalBpm }) => (estimate?.heldBpm ?? 0) >= goalBpm);
  const isUrgent =
    songBy !== null && songBy >= today && songBy - today <= URGENT_DAYS && !isSongHeld;
  const share = isUrgent ? URGENT_SHARE : isSongHeld ? HELD_SONG_SHARE : SONG_SHARE;
  // One change that is left does not take all of the song's time.
  const left = ofSong.filter(({ estimate, goalBpm }) => (estimate?.heldBpm ?? 0) < goalBpm).length;
  const most = LONGEST_MIN * Math.max(1, left);
  const songMin =
    ofSong.length === 0 ? 0 : Math.min(most, Math.max(1, Math.round(share * minutes)));
  const song = choosePlayed(ofSong, Math.min(songMin, minutes), today);
  const others = choosePlayed(candidates(moves), minutes - songMin, today);
  return [
    ...song.map((chosen) => blockOf(chosen, "song", songDrills)),
    ...others.map((chosen) => blockOf(chosen, "learning", moves)),
  ];
}

function candidateOf({ key, goalBpm }: PlayedDrill, standing: Standing | undefined): Candidate {
  return {
    drill: key,
    goalBpm,
    estimate: standing?.estimate ?? null,
    days: standing?.days ?? [],
  };
}

function blockOf(
  { drill, minutes, reason }: Chosen,
  part: "song" | "learning",
  drills: readonly PlayedDrill[],
): PlannedBlock {
  const goalBpm = drills.find(({ key }) => key === drill)?.goalBpm ?? 0;
  const block = { kind: "drill", drill, minutes } as const;
  if (reason.why === "new") {
    return { ...block, why: part === "song" ? "song" : "new", evidence: { kind: "never played" } };
  }
  const { last } = reason;
  if (reason.why === "kept") {
    const bpm = last.bestCleanBpm ?? goalBpm;
    return { ...block, why: "check", evidence: { kind: "held", day: last.day, bpm } };
  }
  const { day, missed, rounds } = last;
  const evidence: Evidence =
    missed * 3 > rounds
      ? { kind: "missed", day, missed, rounds }
      : { kind: "tempo", heldBpm: reason.heldBpm, goalBpm };
  return { ...block, why: part, evidence };
}

/** The slow drill that rested longest. */
function chooseWarmUp({ drills, standings }: DayInput): string | undefined {
  const found = WARM_UPS.filter((key) => drills.some((drill) => drill.key === key));
  const lastDay = (key: string) => standings.get(key)?.days.at(-1)?.day ?? -1;
  return (
    found.toSorted((a, b) => lastDay(a) - lastDay(b))[0] ??
    drills.find(({ how }) => how === "played")?.key
  );
}

function cardBlocks(
  { drills, standings, dueCards, newCards }: DayInput,
  minutes: number,
): readonly PlannedBlock[] {
  if (minutes < 1) return [];
  const [first, ...others] = drills.filter(({ kind }) => kind === "know");
  const lastDay = ({ key }: Drill) => standings.get(key)?.days.at(-1)?.day ?? -1;
  const byRest = others.toSorted((a, b) => lastDay(a) - lastDay(b));
  const count = minutes > CARDS_BLOCK_MIN ? 2 : 1;
  const why: Why = dueCards > 0 ? "due" : "new";
  // Notes come first; the other questions of the neck take turns.
  return [first, ...byRest].slice(0, count).flatMap((drill, index): readonly PlannedBlock[] => {
    if (!drill) return [];
    const own = index === 0 ? Math.ceil(minutes / count) : Math.floor(minutes / count);
    const evidence: Evidence | undefined =
      index === 0
        ? { kind: "cards", due: dueCards, fresh: newCards }
        : answersOf(standings.get(drill.key));
    return [
      {
        kind: "drill",
        drill: drill.key,
        minutes: own,
        why: index === 0 ? why : whyAsked(standings.get(drill.key)),
        evidence,
      },
    ];
  });
}

/** Notes for longer than this get a second kind of question. */
const CARDS_BLOCK_MIN = 3;

function whyAsked(standing: Standing | undefined): Why {
  return standing && standing.answers.length > 0 ? "learning" : "new";
}

function answersOf(standing: Standing | undefined): Evidence {
  const answers = standing?.answers ?? [];
  if (answers.length === 0) return { kind: "never played" };
  const right = answers.filter((result) => result !== "missed").length;
  return { kind: "answers", right, asked: answers.length };
}

/** The drill for the ear that needs it most; none twice running while others wait. */
function chooseEar({ drills, standings, today }: DayInput) {
  const need = ({ key }: Drill) => {
    const standing = standings.get(key);
    const answers = standing?.answers ?? [];
    const missed = answers.filter((result) => result === "missed").length;
    const restDays = today - (standing?.days.at(-1)?.day ?? today - UNHEARD_DAYS);
    return (
      (restDays <= 1 ? -1 : 0) + missed / Math.max(1, answers.length) + restDays / UNHEARD_DAYS
    );
  };
  const [chosen] = drills
    .filter(({ kind }) => kind === "hear")
    .toSorted((a, b) => need(b) - need(a));
  return (
    chosen && {
      kind: "drill" as const,
      drill: chosen.key,
      why: "listen" as const,
      evidence: answersOf(standings.get(chosen.key)),
    }
  );
}

const UNHEARD_DAYS = 14;

function isEarDue({ drills, standings, today }: DayInput): boolean {
  return drills
    .filter(({ kind }) => kind === "hear")
    .every(({ key }) => today - (standings.get(key)?.days.at(-1)?.day ?? -1) >= EAR_EVERY_DAYS);
}

function withBreaks(blocks: readonly PlannedBlock[], breaks: number): readonly PlannedBlock[] {
  const all: PlannedBlock[] = [];
  const total = blocks.reduce((sum, { minutes }) => sum + minutes, 0);
  let played = 0;
  let made = 0;
  for (const block of blocks) {
    if (made < breaks && played >= ((made + 1) * total) / (breaks + 1)) {
      all.push({ kind: "break", minutes: BREAK_MIN });
      made++;
    }
    all.push(block);
    played += block.minutes;
  }
  return all;
}
