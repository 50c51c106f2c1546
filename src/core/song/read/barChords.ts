import { barWordKind, isAgainBar, plainWord, readChordWord, type Word } from "../text";
import { type ChartChord, divides, type Key, type Meter } from "../chart";
import { readTexture, textureText } from "../play";

const EIGHTH = 0.5;

/** A chord while its bar is being read: holds still lengthen it. */
type OpenChord = ChartChord & { beats: number };

/** What a bar's words say. */
interface BarChords {
  readonly chords: readonly ChartChord[];
  /** Which of the words are chords, to be written anew where the song moves to another key. */
  readonly chordWords: readonly Word[];
  readonly problems: readonly { readonly word: Word; readonly message: string }[];
}

/** What a bar goes on from, and where its words stand. */
interface BarPlace {
  readonly key: Key | null;
  /** The last chord before it, which a hold at its beginning goes on with. */
  readonly before: ChartChord | undefined;
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
  const words = all.filter((word) => !isTexture(word));
  const problems: { word: Word; message: string }[] = [];
  const [first] = words;
  if (first && isAgainBar(words)) {
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
    const kind = barWordKind(word.text, key);
    const last = chords.at(-1);
    if (kind === "hold") {
      if (last) last.beats += isSilent ? 0 : slot;
      else if (before && !isSilent) chords.push({ ...before, startBeat, beats: slot, place: null });
      continue;
    }
    if (kind === "rest") {
      isSilent = true;
      continue;
    }
    if (kind === "again") {
      problems.push({
        word,
        message: "'%' plays a whole bar again; write it alone between its bar lines",
      });
      isSilent = true;
      continue;
    }
    const read = readChordWord(word.text, key);
    const { isEarly, isCut, problem, name, reducedTo, leftOut } = read;
    if (problem) problems.push({ word, message: problem });
    chordWords.push(word);
    const early = isEarly ? EIGHTH : 0;
    // Which chord is played before a bar depends on repeats and endings; the arrangement takes it from that one.
    if (last) last.beats = Math.max(0, last.beats - early);
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
    if (!isTexture(word)) continue;
    const read = readTexture(plainWord(word.text).slice(1));
    if (read.ok) said.push({ column: word.column, texture: textureText(read.value) });
    else problems.push({ word, message: read.problem.message });
  }
  return (column) => said.findLast((each) => each.column < column)?.texture ?? null;
}

function isTexture({ text }: Word): boolean {
  return barWordKind(text, null) === "texture";
}

/** All of some words, with the spaces between them. */
function spanOf(words: readonly Word[]): Word {
  const column = words[0]?.column ?? 0;
  const text = words.reduce((span, word) => span.padEnd(word.column - column) + word.text, "");
  return { text, column };
}
