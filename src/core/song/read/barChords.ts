import {
  barWordKind,
  isAgainBar,
  plainWord,
  readChordWord,
  readNoteWord,
  type Word,
} from "../text";
import {
  type ChartBar,
  type ChartChord,
  type ChartNote,
  divides,
  type Key,
  type Meter,
} from "../chart";
import { readTexture, textureText } from "../play";

const EIGHTH = 0.5;

/** A chord while its bar is being read: holds still lengthen it. */
type OpenChord = ChartChord & { beats: number };
type OpenNote = ChartNote & { beats: number };

/** What a bar's words say. */
interface BarChords {
  readonly chords: readonly ChartChord[];
  readonly notes: readonly ChartNote[];
  /** How long the notes of the bar before go on into this one, in quarters. */
  readonly heldBeats: number;
  /** Which of the words are chords, to be written anew where the song moves to another key. */
  readonly chordWords: readonly Word[];
  readonly noteWords: readonly Word[];
  readonly problems: readonly { readonly word: Word; readonly message: string }[];
}

/** What a bar goes on from, and where its words stand. */
interface BarPlace {
  readonly key: Key | null;
  /** What sounds before it, and goes on where the bar begins with a hold. */
  readonly before: ChartChord | "notes" | null;
  /** The bar that % repeats. */
  readonly previous: Pick<ChartBar, "chords" | "notes"> | null;
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
    const { chords = [], notes = [] } = previous ?? {};
    if (!previous)
      problems.push({ word: first, message: "'%' plays the bar before again; there is none" });
    return { chords, notes, heldBeats: 0, chordWords: [], noteWords: [], problems };
  }
  const slot = beats / words.length;
  if (first && beats === meter.beats && !divides(meter, words.length)) {
    problems.push({
      word: spanOf(words),
      message: `${words.length} do not divide a bar of ${meter.text}; they share it evenly`,
    });
  }
  const chords: OpenChord[] = [];
  const notes: OpenNote[] = [];
  const chordWords: Word[] = [];
  const noteWords: Word[] = [];
  const saidAt = texturesIn(all, problems);
  /** The chord or the notes that a hold makes longer. */
  let sounding: readonly { beats: number }[] = [];
  let heldBeats = 0;
  let isSilent = false;
  for (const [index, word] of words.entries()) {
    const startBeat = index * slot;
    const kind = barWordKind(word.text, key);
    if (kind === "hold") {
      if (isSilent) continue;
      if (sounding.length > 0) for (const each of sounding) each.beats += slot;
      else if (before === "notes") heldBeats += slot;
      else if (before) {
        const goesOn = { ...before, startBeat, beats: slot, place: null };
        chords.push(goesOn);
        sounding = [goesOn];
      }
      continue;
    }
    if (kind === "notes") {
      const read = readNoteWord(word.text);
      if (read.problem) problems.push({ word, message: read.problem });
      noteWords.push(word);
      const said = saidAt.note(word.column) ?? texture;
      const place = { offset: offset + word.column, length: word.text.length };
      const added = read.strings.map((steps) =>
        steps.map((step, at): OpenNote => {
          const beats = slot / steps.length;
          return { ...step, startBeat: startBeat + at * beats, beats, texture: said, place };
        }),
      );
      notes.push(...added.flat());
      sounding = added.flatMap((steps) => steps.at(-1) ?? []);
      isSilent = sounding.length === 0;
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
    for (const each of sounding) each.beats = Math.max(0, each.beats - early);
    const chord = {
      name,
      reducedTo,
      leftOut,
      startBeat: startBeat - early,
      beats: isCut ? EIGHTH : slot + early,
      texture: read.texture ?? saidAt.chord(word.column) ?? texture,
      place: { offset: offset + word.column, length: word.text.length },
    };
    chords.push(chord);
    sounding = [chord];
    isSilent = isCut;
  }
  const inOrder = notes.toSorted((a, b) => a.startBeat - b.startBeat);
  return { chords, notes: inOrder, heldBeats, chordWords, noteWords, problems };
}

/** Textures written in a bar, by the column of the chord or slot they apply to. */
interface SaidTextures {
  readonly chord: (column: number) => string | null;
  readonly note: (column: number) => string | null;
}

/** A texture applies to what follows it; directly after a slot of notes, to that slot only. */
function texturesIn(
  words: readonly Word[],
  problems: { word: Word; message: string }[],
): SaidTextures {
  const said: { readonly column: number; readonly texture: string }[] = [];
  const ofSlot = new Map<number, string>();
  for (const [at, word] of words.entries()) {
    if (!isTexture(word)) continue;
    const read = readTexture(plainWord(word.text).slice(1));
    const before = words[at - 1];
    if (!read.ok) problems.push({ word, message: read.problem.message });
    else if (before && barWordKind(before.text, null) === "notes") {
      ofSlot.set(before.column, textureText(read.value));
    } else said.push({ column: word.column, texture: textureText(read.value) });
  }
  const chord = (column: number) => said.findLast((each) => each.column < column)?.texture ?? null;
  return { chord, note: (column) => ofSlot.get(column) ?? chord(column) };
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
