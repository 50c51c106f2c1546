import { type Drill, type PlayedDrill } from "@/core/drill";

/** How long a sitting may be, in minutes. */
export const SITTINGS = [5, 10, 20, 40] as const;
export type SittingMinutes = (typeof SITTINGS)[number];

/** Why a drill is in the sitting. */
export const WHYS = ["warm-up", "due", "new", "song", "weak", "listen", "own"] as const;
export type Why = (typeof WHYS)[number];

export type PlannedBlock =
  | { readonly kind: "drill"; readonly drill: string; readonly minutes: number; readonly why: Why }
  | { readonly kind: "break"; readonly minutes: number };

/** How a drill has gone so far. */
export interface Standing {
  readonly lastMs: number;
  /** The share of clean ones among the last ten rounds. */
  readonly cleanShare: number;
}

export interface TodayInput {
  readonly minutes: SittingMinutes;
  /** All drills of the neck. */
  readonly drills: readonly Drill[];
  /** The tightest changes of the chosen song, the tightest first. */
  readonly songDrills: readonly PlayedDrill[];
  readonly standings: ReadonlyMap<string, Standing>;
  readonly dueCards: number;
  readonly newCards: number;
}

/** A break after so many minutes (a judgement), so long. */
const BREAK_AFTER_MIN = 15;
const BREAK_MIN = 1;
/** Shorter blocks teach nothing, longer ones tire (judgements). */
const SHORTEST_MIN = 1;
const LONGEST_MIN = 4;
const WARM_UP = "sound:string-by-string";
const WARM_UP_MIN: Readonly<Record<SittingMinutes, number>> = { 5: 1, 10: 1, 20: 2, 40: 3 };
/** What each part gets of the time that is left (judgements). */
const SHARES = [
  ["song", 0.35],
  ["cards", 0.25],
  ["weak", 0.25],
  ["listen", 0.15],
] as const;

/**
 * What to do today: warm-up first, then what the chosen song needs, what is due, what is weak and what the ear needs, with
 * breaks. The minutes add up to those of the sitting, breaks included.
 */
export function planToday(input: TodayInput): readonly PlannedBlock[] {
  const { minutes, drills, songDrills } = input;
  const warmUp = drills.find(({ key }) => key === WARM_UP) ?? drills.find(isPlayed);
  const warmUpMin = warmUp ? WARM_UP_MIN[minutes] : 0;
  const breaks = Math.floor((minutes - 1) / BREAK_AFTER_MIN);
  const left = minutes - warmUpMin - breaks * BREAK_MIN;
  const wishes = {
    song: songDrills.map((drill) => ({ drill: drill.key, why: "song" as const })),
    cards: cardBlocks(input),
    weak: weakest(
      drills.filter((drill) => isPlayed(drill) && drill.key !== warmUp?.key),
      input,
    ).map(({ key }) => ({ drill: key, why: "weak" as const })),
    listen: weakest(
      drills.filter(({ kind }) => kind === "hear"),
      input,
    ).map(({ key }) => ({ drill: key, why: "listen" as const })),
  };
  const wanted = SHARES.filter(([part]) => wishes[part].length > 0);
  const whole = wanted.reduce((sum, [, share]) => sum + share, 0);
  const work: PlannedBlock[] = [];
  let given = 0;
  let shareSoFar = 0;
  for (const [part, share] of wanted) {
    shareSoFar += share;
    const until = Math.round((left * shareSoFar) / whole);
    work.push(...split(wishes[part], until - given));
    given = until;
  }
  const first: readonly PlannedBlock[] = warmUp
    ? [{ kind: "drill", drill: warmUp.key, minutes: warmUpMin, why: "warm-up" }]
    : [];
  return withBreaks([...first, ...work], breaks);
}

/** Shares minutes among drills, in their order and round again; each turn gets between one and four. */
function split(
  wishes: readonly { readonly drill: string; readonly why: Why }[],
  minutes: number,
): readonly PlannedBlock[] {
  if (minutes < SHORTEST_MIN) return [];
  const count = Math.ceil(minutes / LONGEST_MIN);
  return Array.from({ length: count }, (_, index) => {
    const wish = wishes[index % wishes.length];
    const from = Math.round((minutes * index) / count);
    const to = Math.round((minutes * (index + 1)) / count);
    return {
      kind: "drill",
      drill: wish?.drill ?? "",
      minutes: to - from,
      why: wish?.why ?? "weak",
    };
  });
}

function cardBlocks({ dueCards, newCards, drills, standings }: TodayInput) {
  if (dueCards + newCards === 0) return [];
  const know = drills.filter(({ kind }) => kind === "know");
  const [first, ...others] = know;
  const why: Why = dueCards > 0 ? "due" : "new";
  // Notes come first; the other questions of the neck follow by turns, the one that waited longest first.
  const byAge = others.toSorted(
    (a, b) => (standings.get(a.key)?.lastMs ?? 0) - (standings.get(b.key)?.lastMs ?? 0),
  );
  return [first, ...byAge].flatMap((drill) => (drill ? [{ drill: drill.key, why }] : []));
}

/** What was never tried or goes least well comes first; among equals what waited longest. */
function weakest(drills: readonly Drill[], { standings }: TodayInput): readonly Drill[] {
  const weight = ({ key }: Drill) => standings.get(key)?.cleanShare ?? UNTRIED;
  return drills.toSorted(
    (a, b) =>
      weight(a) - weight(b) ||
      (standings.get(a.key)?.lastMs ?? 0) - (standings.get(b.key)?.lastMs ?? 0),
  );
}

/** Something new comes before what goes well, and after what does not (a judgement). */
const UNTRIED = 0.5;

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

function isPlayed(drill: Drill): drill is PlayedDrill {
  return drill.how === "played";
}
