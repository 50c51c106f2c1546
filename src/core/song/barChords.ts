import { readChordWord } from "./chordWord";
import { type ChartChord } from "./chart";
import { plainWord, type Word } from "./lines";
import { divides, type Meter } from "./meter";
import { type Key } from "./roman";
import { readTexture, textureText } from "./texture";

const EIGHTH = 0.5;
const HOLDS = new Set([".", "/", "-"]);
const [REST, AGAIN] = ["r", "%"];
/** Before the chords it is said of: "~muted". */
const TEXTURE = "~";

/** A chord while its bar is being read; what comes early still takes from it. */
export type OpenChord = { -readonly [Field in keyof ChartChord]: ChartChord[Field] };

/** What a bar's words say. */
export interface BarChords {
  readonly chords: readonly OpenChord[];
  /** Which of the words are chords, to be written anew where the song moves to another key. */
  readonly chordWords: readonly Word[];
  readonly problems: readonly { readonly word: Word; readonly message: string }[];
}

/** What a bar goes on from, and where its words stand. */
export interface BarPlace {
  readonly key: Key | null;
  /** The last chord before it, which a hold at its beginning goes on with and an early chord takes its eighth from. */
  readonly before: OpenChord | undefined;
  /** The bar that % repeats. */
  readonly previous: readonly ChartChord[] | null;
  /** How chords are played where neither they nor their bar say. */
  readonly texture: string | null;
  /** Of the line, in the text. */
  readonly offset: number;
}

/** Shares a bar evenly between its words; one that says a texture takes no time. */
export function readBarChords(
  all: readonly Word[],
  meter: Meter,
  beats: number,
  { key, before, previous, texture, offset }: BarPlace,
): BarChords {
  const words = all.filter(({ text }) => !text.startsWith(TEXTURE));
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
  const saidAt = texturesIn(all, problems);
  let isSilent = false;
  for (const [index, word] of words.entries()) {
    const startBeat = index * slot;
    const text = plainWord(word.text);
    const last = chords.at(-1);
    if (HOLDS.has(text)) {
      if (last) last.beats += isSilent ? 0 : slot;
      else if (before && !isSilent) chords.push({ ...before, startBeat, beats: slot, place: null });
      continue;
    }
    if (text.toLowerCase() === REST) {
      isSilent = true;
      continue;
    }
    const read = readChordWord(word.text, key);
    const { isEarly, isCut, problem, name, reducedTo, leftOut } = read;
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
      texture: read.texture ?? saidAt(word.column) ?? texture,
      place: { offset: offset + word.column, length: word.text.length },
    });
    isSilent = isCut;
  }
  return { chords, chordWords, problems };
}

/** What a bar says of how its chords are played, by the column of a chord. */
function texturesIn(
  words: readonly Word[],
  problems: { word: Word; message: string }[],
): (column: number) => string | null {
  const said: { readonly column: number; readonly texture: string }[] = [];
  for (const word of words) {
    if (!word.text.startsWith(TEXTURE)) continue;
    const read = readTexture(plainWord(word.text).slice(1));
    if (read.ok) said.push({ column: word.column, texture: textureText(read.value) });
    else problems.push({ word, message: read.problem.message });
  }
  return (column) => said.findLast((each) => each.column < column)?.texture ?? null;
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
