import { describe, expect, test } from "@jest/globals";
import { Chord } from "tonal";
// eslint-disable-next-line @typescript-eslint/ban-ts-comment -- the package types another path
// @ts-expect-error
import { chordParserFactory } from "chord-symbol/lib/chord-symbol.js";
import { parseChord } from "@/core/chart";
import { parseNote, pitchClass, pitchClassOf } from "@/core/pitch";
import { readChart, sayTexture, transposeChart } from ".";

/** Pitch classes over the root of every name: two libraries that know nothing of Tenon must agree on them. */
const NAMES = [
  ...["", "m", "7", "m7", "maj7", "m(maj7)", "6", "m6", "9", "m9", "maj9", "sus2", "sus4", "7sus4"],
  ...["dim", "dim7", "m7b5", "aug", "add9", "5", "7b9", "7#9", "7#5", "6/9", "11", "13", "7#11"],
  ...["maj7#11", "9#11", "7b13", "13sus4", "m6/9", "maj7#5", "9#5", "9b5", "m9b5", "m11", "maj13"],
];
const ROOTS = ["C", "F#", "Bb", "E"];

const parseSymbol = (chordParserFactory as () => (name: string) => ParsedSymbol)();
type ParsedSymbol = { readonly normalized: { readonly semitones: readonly number[] } } | object;

const own = (name: string) => {
  const parts = parseChord(name);
  return parts && new Set(parts.quality.semitones.map(pitchClass));
};

describe("chord names by their pitch classes", () => {
  /** Names that tonal writes otherwise. */
  const TONAL: Readonly<Record<string, string>> = {
    "m(maj7)": "mMaj7",
    "6/9": "6add9",
    "7sus4": "7sus4",
  };

  test.each(NAMES.flatMap((kind) => ROOTS.map((root) => [root, kind] as const)))(
    "%s%s, against tonal",
    (root, kind) => {
      const { empty, tonic, notes } = Chord.get(`${root}${TONAL[kind] ?? kind}`);
      const pitches = own(`${root}${kind}`);
      expect(pitches).not.toBeNull();
      // tonal does not know every name.
      if (empty || tonic === null) return;
      const chromas = notes.map((note) => pitchClassOf(noteOf(note)));
      const over = new Set(
        chromas.map((chroma) => pitchClass(chroma - pitchClassOf(noteOf(root)))),
      );
      const [more, less] = [[...over], [...(pitches ?? [])]];
      // An eleventh chord is played with or without its third, a thirteenth with or without its eleventh.
      const loose = kind === "11" || kind === "13" ? new Set([4, 5, 7]) : new Set<number>();
      expect(less.filter((tone) => !loose.has(tone)).sort()).toEqual(
        more.filter((tone) => !loose.has(tone)).sort(),
      );
    },
  );

  test.each(NAMES)("C%s, against chord-symbol", (kind) => {
    const symbol = parseSymbol(`C${kind}`);
    if (!("normalized" in symbol)) return;
    const { semitones } = symbol.normalized;
    // It drops the ninth of some added notes, and reads the eleventh with its third.
    if (["11", "13", "add9"].includes(kind)) return;
    expect([...(own(`C${kind}`) ?? [])].sort()).toEqual(
      [...new Set(semitones.map(pitchClass))].sort(),
    );
  });
});

describe("text to song to text", () => {
  const CHARTS = [
    "Title: X\r\nKey: Em\r\n\tVerse\r\n| Em\u00a0. G♯5 . |\r\n\u201cwords\u201d\r\n",
    "[Am]Paper [C/E]lantern\n{chorus}\n| % | N.C. |",
    "E5 two counts of eight, D5*4\nchorus x2:\n|: A5~muted+down :|x3",
  ];

  test.each(CHARTS)("%j moved up and down again is what it was", (text) => {
    const up = transposeChart(text, { semitones: 12 }, 0);
    expect(up.ok && up.value.text).toBe(text);
  });

  test.each(CHARTS)("%j keeps its words when a texture is said and taken back", (text) => {
    const { sections } = readChart(text);
    const said = sections.length > 0 ? sayTexture(text, 0, "muted eighths") : text;
    expect(readChart(said).problems.length).toBe(readChart(text).problems.length);
    expect(readChart(said).order).toEqual(readChart(text).order);
  });
});

/** tonal spells with letters and signs as Tenon does. */
function noteOf(text: string) {
  const note = parseNote(text);
  if (!note.ok) throw new Error(note.problem.message);
  return note.value;
}
