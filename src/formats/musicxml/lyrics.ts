import { oneLine } from "@/formats/chartText";
import { childrenOf, textOf, type XmlNode } from "./tree";

/** A syllable under a note. */
export interface Syllable {
  /** From the beginning of its measure, in quarters. */
  readonly start: number;
  /** Which of the lines under the notes it stands in. */
  readonly verse: string;
  readonly text: string;
  /** Whether its word goes on with the next syllable. */
  readonly goesOn: boolean;
}

/** Verses are numbered, or called by name. */
const BY_VERSE = new Intl.Collator("en", { numeric: true });

/** The syllables under a note. */
export function readLyrics(note: XmlNode, start: number): readonly Syllable[] {
  return childrenOf(note, "lyric").flatMap((lyric) => {
    // Two words sung on one note are joined by an elision, which is a space where it says nothing else.
    const parts = lyric.children.filter(({ name }) => name === "text" || name === "elision");
    const text = parts.map(({ name, text: said }) => said || (name === "elision" ? " " : ""));
    const syllabic = textOf(childrenOf(lyric, "syllabic").at(-1));
    const syllable = {
      start,
      verse: lyric.attributes.number ?? lyric.attributes.name ?? "1",
      text: oneLine(text.join("")),
      goesOn: syllabic === "begin" || syllabic === "middle",
    };
    return syllable.text === "" ? [] : [syllable];
  });
}

/** The words of some measures, a line for each verse, in the order in which verses come. */
export function wordsOf(measures: readonly (readonly Syllable[])[]): readonly string[] {
  const verses = new Map<string, { words: string; goesOn: boolean }>();
  for (const { verse, text, goesOn } of measures.flatMap((syllables) =>
    syllables.toSorted((a, b) => a.start - b.start),
  )) {
    const before = verses.get(verse);
    const join = !before ? "" : before.goesOn ? "" : " ";
    verses.set(verse, { words: `${before?.words ?? ""}${join}${text}`, goesOn });
  }
  return [...verses]
    .toSorted(([a], [b]) => BY_VERSE.compare(a, b))
    .map(([, { words, goesOn }]) => (goesOn ? `${words}-` : words));
}
