import { type TextPlace } from "../chart";
import {
  type Fact,
  isNoteWord,
  kindOfLine,
  type Line,
  linesIn,
  NOTATION,
  textureMark,
} from "../text";
import { readChart } from "../read";

/** What a chart says once, in a line of its own: "Tempo: 96". */
export type Said = "Title" | "Key" | "Tempo" | "Time" | "Tuning";
const NAMES: Readonly<Record<Said, readonly string[]>> = {
  Title: ["title", "t", "song"],
  Key: ["key"],
  Tempo: ["tempo"],
  Time: ["time", "meter"],
  Tuning: ["tuning", "x_tuning"],
};
const TEXTURE_NAMES = ["texture", "x_texture"];
/** The order in which they stand where Tenon writes them. */
const ORDER: readonly Said[] = ["Title", "Key", "Tempo", "Time", "Tuning"];

/** The text with something said anew: where it is said first, or else in a line at the top. */
export function say(text: string, said: Said, value: string): string {
  for (const line of linesIn(text)) {
    const fact = factIn(line, NAMES[said]);
    if (!fact) continue;
    const place = { offset: line.offset + fact.column, length: fact.value.length };
    return replace(text, place, value);
  }
  const before = ORDER.slice(0, ORDER.indexOf(said)).flatMap((each) => NAMES[each]);
  const last = linesIn(text).findLast((line) => factIn(line, before));
  return insertAfter(text, last, `${said}: ${value}`);
}

/** What a line says under one of some names. */
function factIn({ text }: Line, names: readonly string[]): Fact | undefined {
  const kind = kindOfLine(text, null);
  return kind.kind === "directive"
    ? kind.facts.find(({ name }) => names.includes(name))
    : undefined;
}

/** The text with a section played in a texture, or in none of its own; its bars and chords keep theirs. */
export function sayTexture(text: string, section: number, texture: string | null): string {
  const heading = readChart(text).sections[section];
  if (!heading) return text;
  const lines = linesIn(text);
  // What is said of a section stands between its heading and its first bar; without a heading, anywhere above that.
  const firstBar = heading.bars[0]?.line ?? heading.line;
  const firstLine = heading.name === "" && section === 0 ? 1 : heading.line;
  const said = lines.findLast(
    (line) => line.number >= firstLine && line.number < firstBar && factIn(line, TEXTURE_NAMES),
  );
  if (said) {
    if (texture !== null) {
      return replace(text, { offset: said.offset, length: said.text.length }, written(texture));
    }
    const next = lines[said.number]?.offset ?? text.length;
    return replace(text, { offset: said.offset, length: next - said.offset }, "");
  }
  const isHeadingAlone = firstBar > heading.line;
  if (!isHeadingAlone && heading.name !== "") {
    // A heading on the line of its bars leaves no room between them.
    const places = heading.bars.flatMap(({ chords, notes }) =>
      [...chords, ...notes].flatMap(({ place }) => place ?? []),
    );
    return sayChordTexture(text, places, texture);
  }
  if (texture === null) return text;
  const above = lines[heading.line - (isHeadingAlone ? 1 : 2)];
  return insertAfter(text, above, written(texture));
}

/** The text with chords in a texture, or in none of their own. */
export function sayChordTexture(
  text: string,
  places: readonly TextPlace[],
  texture: string | null,
): string {
  const last = unique(places).toSorted((a, b) => b.offset - a.offset);
  return last.reduce((written, place) => {
    const word = written.slice(place.offset, place.offset + place.length);
    if (isNoteWord(word)) {
      const after = /^\s+~\S+/.exec(written.slice(place.offset + word.length))?.[0] ?? "";
      const said = texture === null ? "" : ` ${textureMark(texture)}`;
      return replace(written, { ...place, length: word.length + after.length }, word + said);
    }
    const [plain = word] = word.split(NOTATION.texture);
    const said = texture === null ? "" : textureMark(texture);
    return replace(written, place, plain + said);
  }, text);
}

/** A bar that is played again with % has its chords in the same places. */
function unique(places: readonly TextPlace[]): readonly TextPlace[] {
  return places.filter(
    ({ offset }, index) => places.findIndex((other) => other.offset === offset) === index,
  );
}

function written(texture: string): string {
  return `Texture: ${texture}`;
}

function replace(text: string, { offset, length }: TextPlace, by: string): string {
  return text.slice(0, offset) + by + text.slice(offset + length);
}

/** A line more after one, or at the top; ended as the others are. */
function insertAfter(text: string, line: Line | undefined, added: string): string {
  const end = /\r\n|\n|\r/.exec(text)?.[0] ?? "\n";
  if (!line) return `${added}${end}${text}`;
  const at = line.offset + line.text.length;
  return `${text.slice(0, at)}${end}${added}${text.slice(at)}`;
}
