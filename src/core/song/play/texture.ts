import { failure, success, type Result } from "@/core/result";

/** How the strings sound. Choked hits fall between the strums of a chord. */
export const TOUCHES = ["ringing", "muted", "choked"] as const;
export type Touch = (typeof TOUCHES)[number];
/** What the picking hand does: strums, or picks three strings one by one in groups of three. */
export const MOTIONS = ["once", "quarters", "eighths", "picked", "picked-mid"] as const;
type Motion = (typeof MOTIONS)[number];
export const FEELS = ["straight", "shuffle"] as const;
export type Feel = (typeof FEELS)[number];
export const STROKES = ["alternating", "down"] as const;
type Stroke = (typeof STROKES)[number];
export const ACCENTS = ["even", "downbeat", "backbeat"] as const;
export type Accent = (typeof ACCENTS)[number];

/** How chords are played, beside which notes: what a section, a bar or a chord may say. */
export interface Texture {
  readonly touch: Touch;
  readonly motion: Motion;
  readonly feel: Feel;
  readonly stroke: Stroke;
  readonly accent: Accent;
  /** The player's own, a sign for each sixteenth: x, X with an accent, m muted, c choked, - nothing. */
  readonly pattern: string | null;
}

/** What is not said. */
export const PLAIN_TEXTURE: Texture = {
  touch: "ringing",
  motion: "quarters",
  feel: "straight",
  stroke: "alternating",
  accent: "even",
  pattern: null,
};

/** What players write instead of Tenon's own words. */
const ALSO: Readonly<Record<string, string>> = {
  open: "ringing",
  "palm-muted": "muted",
  pm: "muted",
  hits: "choked",
  "down-strokes": "down",
  downstrokes: "down",
  swing: "shuffle",
  fours: "quarters",
  eights: "eighths",
};
const PATTERN = /^[xXmc.-]{4,24}$/;

/**
 * Reads the words of a texture, between spaces, commas or plus signs.
 *
 * @example readTexture("muted eighths down") // palm-muted down strokes in eighths
 */
export function readTexture(text: string): Result<Texture> {
  let texture = PLAIN_TEXTURE;
  const words = text.split(/[\s,+]+/).filter((word) => word !== "");
  for (const word of words) {
    const plain = ALSO[word.toLowerCase()] ?? word.toLowerCase();
    const part = partOf(plain);
    if (part) texture = { ...texture, ...part };
    else if (PATTERN.test(word)) texture = { ...texture, pattern: word.replaceAll(".", "-") };
    else return failure("texture", `'${word}' is no texture; ${RIGHT}`);
  }
  return words.length > 0 ? success(texture) : failure("texture", RIGHT);
}

const RIGHT =
  "write ringing, muted or choked; once, quarters, eighths or picked; shuffle; down; or a pattern like x--x--x-";

function partOf(word: string): Partial<Texture> | null {
  if (isOneOf(TOUCHES, word)) return { touch: word };
  if (isOneOf(MOTIONS, word)) return { motion: word, pattern: null };
  if (isOneOf(FEELS, word)) return { feel: word };
  if (isOneOf(STROKES, word)) return { stroke: word };
  if (isOneOf(ACCENTS, word)) return { accent: word };
  return null;
}

function isOneOf<T extends string>(words: readonly T[], word: string): word is T {
  return (words as readonly string[]).includes(word);
}

/** A texture as it is written; what goes without saying is left out, but for how the strings sound. */
export function textureText(texture: Texture, between = " "): string {
  const { touch, motion, feel, stroke, accent, pattern } = texture;
  return [
    touch,
    pattern ?? (motion === PLAIN_TEXTURE.motion ? null : motion),
    feel === PLAIN_TEXTURE.feel ? null : feel,
    stroke === PLAIN_TEXTURE.stroke ? null : stroke,
    accent === PLAIN_TEXTURE.accent ? null : accent,
  ]
    .filter((word) => word !== null)
    .join(between);
}
