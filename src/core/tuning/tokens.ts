import { parseNote, plainSigns, type Note } from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";

/** One string as it was written: a note, with an octave if the writer gave one. */
export interface Token {
  readonly note: Note;
  readonly octave: number | null;
}

/** One way to cut a text into strings. */
export interface Cut {
  readonly tokens: readonly Token[];
  /** How often the cut contradicts the writer's capitals or habits; 0 is the natural reading. */
  readonly oddities: number;
}

const SEPARATORS = /[\s,;.|/\-–()[\]]+/;
const TOKEN = /^([A-Ga-g])(#{0,2}|b{0,2})(\d?)$/;
const LONGEST_TOKEN = 4;

/**
 * Every way to cut a text into strings. Only the letter b is ambiguous (a note, or a flat):
 * "eadgbe" can be five strings with a G flat, or six. Words that are single notes stay whole.
 *
 * The error names the first piece that is no note, and its place counted from the left.
 */
export function cutTokens(text: string): Result<readonly Cut[]> {
  const words = plainSigns(text)
    .split(SEPARATORS)
    .filter((word) => word !== "");
  let cuts: readonly Cut[] = [{ tokens: [], oddities: 0 }];
  for (const [place, word] of words.entries()) {
    const whole = words.length > 1 ? readToken(word) : null;
    const pieces = whole ? [{ tokens: [whole], oddities: 0 }] : cutWord(word);
    if (pieces.length === 0) return failure("tuning", wrongWord(word, place, words.length));
    cuts = cuts.flatMap((cut) => pieces.map((piece) => joinCuts(cut, piece)));
  }
  return success(cuts);
}

function readToken(text: string): Token | null {
  const match = TOKEN.exec(text);
  if (!match) return null;
  const [, letter = "", sign = "", octave = ""] = match;
  const note = parseNote(letter + sign);
  return note.ok ? { note: note.value, octave: octave === "" ? null : Number(octave) } : null;
}

function cutWord(word: string): readonly Cut[] {
  const capitals = /[A-G]/.test(word);
  const memo = new Map<number, readonly Cut[]>();
  const from = (start: number): readonly Cut[] => {
    if (start === word.length) return [{ tokens: [], oddities: 0 }];
    const known = memo.get(start);
    if (known) return known;
    const cuts: Cut[] = [];
    for (let length = 1; length <= LONGEST_TOKEN && start + length <= word.length; length++) {
      const piece = word.slice(start, start + length);
      const token = readToken(piece);
      if (!token || /[A-G]/.test(piece.slice(1))) continue;
      // Next to capitals, a lower-case b is meant as a flat; double accidentals are rarely meant at all.
      const smallB = capitals && piece.startsWith("b");
      const oddities = (smallB ? 1 : 0) + (Math.abs(token.note.accidental) > 1 ? 1 : 0);
      const head: Cut = { tokens: [token], oddities };
      cuts.push(...from(start + length).map((rest) => joinCuts(head, rest)));
    }
    memo.set(start, cuts);
    return cuts;
  };
  return from(0);
}

function joinCuts(head: Cut, rest: Cut): Cut {
  return {
    tokens: [...head.tokens, ...rest.tokens],
    oddities: head.oddities + rest.oddities,
  };
}

function wrongWord(word: string, place: number, words: number): string {
  const wrong = [...word].find((sign) => !/[A-Ga-g#\d]/.test(sign)) ?? word;
  const where = words > 1 ? `note ${place + 1} of ${words}` : `place ${word.indexOf(wrong) + 1}`;
  return `${where}: '${words > 1 ? word : wrong}' is not a note; write A to G, with # or b, and an octave if you like`;
}
