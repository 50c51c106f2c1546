import { NOTATION, noteName, slurOfMark, type ChartNote } from "@/core/song";
import { type ScoreBar, type ScoreChord } from "@/formats/score";

/** More parts than a bar of any chart is written in. */
const MAX_SLOTS = 96;
const EARLY = 0.5;
const ROUNDING = 1e-6;

/** A bar as charts write it, without its lines; and whether every chord begins and ends where it is written. */
interface BarText {
  readonly text: string;
  readonly isExact: boolean;
}

/**
 * Writes a bar in as few even parts as its chords need: "A5 . D5 r".
 *
 * @param isNextEarly whether the next bar's first chord comes an eighth before it and may have been taken from this bar
 * @param textureOf what a chord is followed by, to say how it is played: "~muted"
 */
export function barText(
  { beats, meter, chords }: Pick<ScoreBar, "beats" | "meter" | "chords">,
  isNextEarly: boolean,
  textureOf: (chord: ScoreChord) => string,
): BarText {
  if (chords.length === 0) return { text: NOTATION.rest, isExact: true };
  const spans = chords.map((chord, index) => {
    const isLast = index === chords.length - 1;
    const isEarly = index === 0 && Math.abs(chord.startBeat + EARLY) < ROUNDING;
    const start = isEarly ? 0 : Math.max(0, chord.startBeat);
    const end = chord.startBeat + chord.beats + (isLast && isNextEarly ? EARLY : 0);
    return { chord, isEarly, start, end: Math.min(beats, Math.max(start, end)) };
  });
  const edges = spans.flatMap(({ start, end }) => [start, end]);
  const counts = Number(meter.split("/")[0]) || 4;
  const slots =
    exactSlots(edges, beats, counts) ??
    nearSlots(
      spans.map(({ start }) => start / beats),
      counts,
    );
  const slot = beats / slots;
  const words: string[] = Array.from({ length: slots }, () => NOTATION.rest);
  for (const { chord, isEarly, start, end } of spans) {
    const first = Math.min(slots - 1, Math.round(start / slot));
    words[first] = chord.riff
      ? `${slotText(chord.riff)}${textureOf(chord)}`
      : `${isEarly ? NOTATION.early : ""}${wordOf(chord.name)}${textureOf(chord)}`;
    for (let at = first + 1; at < Math.round(end / slot); at++) words[at] = NOTATION.hold;
  }
  const isExact = edges.every((edge) => isWhole(edge / slot));
  return { text: restsJoined(words).join(" "), isExact };
}

/** A rest lasts until the next chord, so one is enough; the others hold it. */
function restsJoined(words: readonly string[]): readonly string[] {
  return words.map((word, at) =>
    word === NOTATION.rest && words[at - 1] === NOTATION.rest ? NOTATION.hold : word,
  );
}

/** The fewest even parts in which chords begin and end where they should; null where charts have none. */
function exactSlots(edges: readonly number[], beats: number, counts: number): number | null {
  for (let slots = 1; slots <= MAX_SLOTS; slots++) {
    const isEven = counts % slots === 0 || slots % counts === 0;
    if (isEven && edges.every((edge) => isWhole((edge * slots) / beats))) return slots;
  }
  return null;
}

/** As few parts of each count as keep chords apart that begin at these shares of the bar. */
function nearSlots(starts: readonly number[], counts: number): number {
  const finest = Math.max(1, Math.floor(MAX_SLOTS / counts));
  const isApart = (slots: number) =>
    new Set(starts.map((start) => Math.round(start * slots))).size === starts.length;
  const parts = [4, 8].find((each) => each < finest && isApart(each * counts)) ?? finest;
  return parts * counts;
}

function isWhole(number: number): boolean {
  return Math.abs(number - Math.round(number)) < ROUNDING;
}

/** Notes as a chart writes them: a slur before the fret, "6:h5", any other mark after it. */
function slotText(notes: readonly ChartNote[]): string {
  return notes
    .map((note) => {
      const { string, fret, mark } = note;
      if (slurOfMark(mark) !== null) return `${string}:${mark}${fret}`;
      return `${noteName(note)}${mark === "x" ? "" : (mark ?? "")}`;
    })
    .join("+");
}

/** A name without what would end its word or its bar. */
function wordOf(name: string): string {
  return name.replace(/[\s|[\]{}~!<]+/g, "") || NOTATION.noChord;
}
