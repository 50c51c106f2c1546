import { readChordWord } from "./chordWord";
import { type ChartChord } from "./chart";
import { plainWord, type Word } from "./lines";
import { divides, type Meter } from "./meter";
import { type Key } from "./roman";

const EIGHTH = 0.5;
const HOLDS = new Set([".", "/", "-"]);
const [REST, AGAIN] = ["r", "%"];

/** A chord while its bar is being read; what comes early still takes from it. */
export type OpenChord = { -readonly [Field in keyof ChartChord]: ChartChord[Field] };

/** What a bar's words say. */
export interface BarChords {
  readonly chords: readonly OpenChord[];
  /** Which of the words are chords, to be written anew where the song moves to another key. */
  readonly chordWords: readonly Word[];
  readonly problems: readonly { readonly word: Word; readonly message: string }[];
}

/**
 * Shares a bar evenly between its words. `before` is the last chord before it, which a hold at its beginning goes on with and
 * an early chord takes its eighth from; `previous` is the bar that % repeats.
 */
export function readBarChords(
  words: readonly Word[],
  meter: Meter,
  beats: number,
  key: Key | null,
  before: OpenChord | undefined,
  previous: readonly ChartChord[] | null,
): BarChords {
  const problems: { word: Word; message: string }[] = [];
  const [first] = words;
  if (first && plainWord(first.text) === AGAIN && words.every(isAgainOrHold)) {
    const chords = (previous ?? []).map((chord) => ({ ...chord }));
    if (!previous)
      problems.push({ word: first, message: "'%' plays the bar before again; there is none" });
    return { chords, chordWords: [], problems };
  }
  const slot = beats / words.length;
  if (first && beats === meter.beats && !divides(meter, words.length)) {
    problems.push({
      word: spanOf(words),
      message: `${words.length} do not divide a bar of ${meter.text}; they share it evenly`,
    });
  }
  const chords: OpenChord[] = [];
  const chordWords: Word[] = [];
  let isSilent = false;
  for (const [index, word] of words.entries()) {
    const startBeat = index * slot;
    const text = plainWord(word.text);
    const last = chords.at(-1);
    if (HOLDS.has(text)) {
      if (last) last.beats += isSilent ? 0 : slot;
      else if (before && !isSilent) chords.push({ ...before, startBeat, beats: slot });
      continue;
    }
    if (text.toLowerCase() === REST) {
      isSilent = true;
      continue;
    }
    const { isEarly, isCut, problem, name, reducedTo, leftOut } = readChordWord(word.text, key);
    if (problem) problems.push({ word, message: problem });
    chordWords.push(word);
    const early = isEarly ? EIGHTH : 0;
    const robbed = last ?? before;
    if (early > 0 && robbed) robbed.beats = Math.max(0, robbed.beats - early);
    chords.push({
      name,
      reducedTo,
      leftOut,
      startBeat: startBeat - early,
      beats: isCut ? EIGHTH : slot + early,
      texture: null,
    });
    isSilent = isCut;
  }
  return { chords, chordWords, problems };
}

function isAgainOrHold({ text }: Word): boolean {
  return plainWord(text) === AGAIN || HOLDS.has(plainWord(text));
}

/** All of some words, with the spaces between them. */
function spanOf(words: readonly Word[]): Word {
  const column = words[0]?.column ?? 0;
  const text = words.reduce((span, word) => span.padEnd(word.column - column) + word.text, "");
  return { text, column };
}
