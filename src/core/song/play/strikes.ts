import { quartersPerBeat } from "../chart";
import { PLAIN_TEXTURE, readTexture, type Texture, type Touch } from "./texture";

/** One attack of the picking hand. */
export interface Strike {
  /** In quarters from the beginning of the chord. */
  readonly at: number;
  readonly touch: Touch;
  readonly isAccented: boolean;
  readonly stroke: "down" | "up";
  /** One of the chord's notes, where they are picked one by one; null for all. */
  readonly picked: "low" | "mid" | "high" | null;
  /** Hammered on, pulled off or slid to: it sounds without the pick. */
  readonly isSlurred?: boolean;
}

/** A chord as its bar sees it, in quarters. */
export interface StruckSpan {
  readonly meter: string;
  /** From the beginning of its bar; negative where it comes early. */
  readonly startBeat: number;
  readonly beats: number;
}

/** Which of so many strings is picked, from the thickest: the upper of the two in the middle. */
export function pickedAt(picked: NonNullable<Strike["picked"]>, strings: number): number {
  return { low: 0, mid: Math.floor(strings / 2), high: strings - 1 }[picked];
}

const [EIGHTH, SIXTEENTH] = [0.5, 0.25];
/** The off-beat of a shuffle comes at two thirds of its beat (common practice). */
const SHUFFLED = 2 / 3;
/** Three and three and two, twice a bar's half (common practice); picked low, middle, high. */
const PICKED = {
  picked: ["low", "mid", "high", "low", "mid", "high", "low", "high"],
  "picked-mid": ["low", "mid", "high", "low", "mid", "high", "low", "mid"],
} as const;
const ROUNDING = 1e-9;

/**
 * Every attack of a chord. It is struck when it comes, and from then on where its texture has strums in the bar;
 * without a texture, on every beat.
 */
export function strikesOf(texture: Texture | null, span: StruckSpan): readonly Strike[] {
  const { motion, feel, stroke, accent, touch, pattern } = texture ?? PLAIN_TEXTURE;
  const { meter, startBeat, beats } = span;
  const beat = quartersPerBeat(meter);
  const end = startBeat + beats;
  const isBetween = touch === "choked";
  const make = (at: number, more: Partial<Strike> = {}): Strike => ({
    at: Math.max(0, at - startBeat),
    touch: isBetween ? "ringing" : touch,
    isAccented: isAccentedAt(at, beat, accent),
    stroke: stroke === "down" || isOnBeat(at, beat) ? "down" : "up",
    picked: null,
    ...more,
  });
  // Whatever its texture leaves of it, a chord is struck once.
  const atLeast = (all: readonly Strike[]) => (all.length > 0 ? all : [make(startBeat)]);
  if (pattern !== null) return atLeast(patternStrikes(pattern, span, make));
  if (motion === "once") return [make(startBeat)];
  const step = motion === "quarters" ? beat : EIGHTH;
  const first = Math.floor((startBeat + ROUNDING) / step);
  const strumAt = (index: number) =>
    feel === "shuffle" ? shuffled(index * step, beat) : index * step;
  const strikes: Strike[] = [];
  for (let index = first; index * step < end - ROUNDING; index++) {
    const at = Math.max(startBeat, strumAt(index));
    if (at >= end - ROUNDING) continue;
    const group = motion === "picked" || motion === "picked-mid" ? PICKED[motion] : null;
    const picked = group ? (group[(index - first) % group.length] ?? null) : null;
    strikes.push(make(at, { picked }));
    const hit = (at + strumAt(index + 1)) / 2;
    // Choked hits fill the room between two strums.
    if (isBetween && !group && hit < end - ROUNDING) {
      strikes.push(make(hit, { touch: "choked", isAccented: false, stroke: "up" }));
    }
  }
  return atLeast(strikes);
}

/** The strums of a chord, given its texture as text; unreadable text counts as no texture. */
export function strikesAs(texture: string | null, span: StruckSpan): readonly Strike[] {
  const read = texture === null ? null : readTexture(texture);
  return strikesOf(read?.ok ? read.value : null, span);
}

const TOUCH_OF: Readonly<Record<string, Touch>> = { m: "muted", c: "choked" };

/** The signs of a pattern are those of its bar, over again where the bar is longer. */
function patternStrikes(
  pattern: string,
  { startBeat, beats }: StruckSpan,
  make: (at: number, more?: Partial<Strike>) => Strike,
): readonly Strike[] {
  const first = Math.ceil((startBeat - ROUNDING) / SIXTEENTH);
  const strikes: Strike[] = [];
  for (let index = first; index * SIXTEENTH < startBeat + beats - ROUNDING; index++) {
    const sign = pattern[((index % pattern.length) + pattern.length) % pattern.length];
    if (sign === "-" || sign === undefined) continue;
    strikes.push(
      make(index * SIXTEENTH, {
        isAccented: sign === "X",
        ...(TOUCH_OF[sign] && { touch: TOUCH_OF[sign] }),
      }),
    );
  }
  return strikes;
}

function shuffled(at: number, beat: number): number {
  const within = at - Math.floor(at / beat + ROUNDING) * beat;
  return Math.abs(within - beat / 2) < ROUNDING ? at - within + SHUFFLED * beat : at;
}

function isOnBeat(at: number, beat: number): boolean {
  return Math.abs(at / beat - Math.round(at / beat)) < ROUNDING;
}

function isAccentedAt(at: number, beat: number, accent: Texture["accent"]): boolean {
  if (accent === "even" || !isOnBeat(at, beat)) return false;
  const count = Math.round(at / beat);
  return accent === "downbeat" ? count === 0 : count % 2 === 1;
}
