import { DEFAULT_TEMPO_BPM, noteOnString, slurOfMark, type NoteMark } from "@/core/song";
import { type ScoreBar, type ScoreChord } from "@/formats/score";
import {
  fitted,
  lineItem,
  MARGIN,
  noteItem,
  textItem,
  signedName,
  textWidth,
  type Item,
  type PageFlow,
} from "./page";
import { type SheetSong } from "./sheetSong";

export const BARS_A_ROW = 4;

/** Tuning, meter and tempo. */
export function factsOf({ tuning, score }: SheetSong): string {
  const capo = score.capo > 0 ? `, capo ${score.capo}` : "";
  const bpm = Math.round(score.tempoBpm ?? DEFAULT_TEMPO_BPM);
  return signedName(`${tuning.name}${capo} · ${score.meter} · ${bpm}`);
}

/** The title, and below it what there is to know. */
export function head(flow: PageFlow, song: SheetSong, size: number): void {
  const top = flow.take(size * 2.1);
  flow.put(
    textItem(MARGIN, top + size, fitted(song.title, size, flow.width), {
      size,
      weight: "semibold",
    }),
    textItem(MARGIN, top + size + 18, factsOf(song), { size: 12, shade: "grey" }),
  );
}

/** The name of a section, and how often it is played. */
export function sectionHead(flow: PageFlow, name: string, times: number): void {
  if (name === "") return;
  const top = flow.take(26);
  const often = times > 1 ? ` ×${times}` : "";
  flow.put(
    textItem(MARGIN, top + 19, `${fitted(name, 14, flow.width - 40)}${often}`, {
      size: 14,
      weight: "semibold",
    }),
  );
}

/** Bars of equal width with their chords where they begin; riffs stand below them on their strings. */
export function barRow(
  flow: PageFlow,
  bars: readonly ScoreBar[],
  size: number,
  height: number,
  inRow = BARS_A_ROW,
): void {
  const staff = staffOf(bars, size);
  const top = flow.take(height + staff.height);
  const width = flow.width / inRow;
  const [high, low] = [top + height * 0.14, top + height * 0.92 + staff.height];
  for (const [index, bar] of bars.entries()) {
    const left = MARGIN + index * width;
    flow.put(lineItem([left, high], [left, low], 1, "black"));
    const room = width - 6;
    const longest = bar.chords.length > 0 ? Math.max(1, longestName(bar)) : 1;
    const fit = Math.min(size, room / (longest * 0.56));
    const xOf = (startBeat: number) =>
      left + 5 + (Math.max(0, startBeat) / Math.max(bar.beats, 1e-6)) * room;
    for (const { name, startBeat, riff } of bar.chords) {
      if (riff) continue;
      flow.put(
        noteItem(xOf(startBeat), top + height * 0.72, name, { size: fit, weight: "semibold" }),
      );
    }
    if (bar.chords.some(({ riff }) => riff)) {
      const [from, to] = [left, left + width];
      flow.put(...staffItems(bar, { ...staff, top: top + height, from, to, xOf }));
    }
  }
  const end = MARGIN + bars.length * width;
  flow.put(lineItem([end, high], [end, low], 1, "black"));
}

/** The strings below a row of bars. */
interface Staff {
  readonly strings: number;
  /** Between two strings. */
  readonly gap: number;
  /** 0 where no bar has a riff. */
  readonly height: number;
}

/** Letters of a fret beside the gap between two strings, so that they do not touch. */
const FRET_SHARE = 1.15;
const [SMALLEST_GAP, GAP_SHARE] = [7, 0.22];

/** Strings of a staff whose tuning is unknown. */
const USUAL_STRINGS = 6;

function staffOf(bars: readonly ScoreBar[], size: number): Staff {
  const riffs = bars.flatMap(({ chords }) => chords.filter(({ riff }) => riff));
  const gap = Math.max(SMALLEST_GAP, size * GAP_SHARE);
  if (riffs.length === 0) return { strings: 0, gap, height: 0 };
  const known = riffs.find(({ fretting }) => fretting)?.fretting?.length ?? USUAL_STRINGS;
  const written = riffs.flatMap(({ riff = [] }) => riff.flatMap(({ string }) => string ?? []));
  const strings = Math.max(known, ...written);
  return { strings, gap, height: (strings + 0.5) * gap };
}

/** Where the notes of a riff are played; before a route is planned, those whose strings are written. */
function placesOf({ riff = [], fretting }: ScoreChord, strings: number) {
  if (fretting) {
    return fretting.flatMap((fret, string) => (fret === null ? [] : [{ string, fret }]));
  }
  return riff.flatMap(({ string, fret }) =>
    string === null ? [] : [{ string: strings - string, fret: fret ?? 0 }],
  );
}

/** The notes of a bar's riff on their strings, the thinnest on top. */
function staffItems(
  { chords }: ScoreBar,
  at: Staff & {
    readonly top: number;
    readonly from: number;
    readonly to: number;
    readonly xOf: (startBeat: number) => number;
  },
): readonly Item[] {
  const { strings, gap, top, from, to, xOf } = at;
  const yOf = (string: number) => top + (strings - 1 - string + 0.2) * gap;
  const lines = Array.from({ length: strings }, (_, string) =>
    lineItem([from, yOf(string)], [to, yOf(string)], 0.5, "grey"),
  );
  const size = gap * FRET_SHARE;
  const frets = chords.flatMap((chord) => {
    const { riff, startBeat } = chord;
    if (!riff) return [];
    return placesOf(chord, strings).flatMap(({ string, fret }) => {
      const text = fretText(fret, noteOnString(riff, string, strings)?.mark ?? null);
      const [x, y] = [xOf(startBeat), yOf(string)];
      const width = textWidth(text, size) + 2;
      return [
        // The string does not run through its fret.
        { kind: "box", x: x - 1, y: y - gap / 2, width, height: gap, fill: "white", stroke: null },
        textItem(x, y + size * 0.35, text, { size, weight: "semibold" }),
      ] satisfies readonly Item[];
    });
  });
  return [...lines, ...frets];
}

function fretText(fret: number, mark: NoteMark | null): string {
  if (mark === "x") return "x";
  if (mark === null || mark === "m") return String(fret);
  return slurOfMark(mark) === null ? `${fret}${mark}` : `${mark}${fret}`;
}

/** Letters that a note of a riff takes beside those of a chord's name. */
const NOTE_LETTERS = 0.55;

/** Letters that a bar needs, as if what it plays shared it evenly. */
export function longestName({ chords, beats }: ScoreBar): number {
  const needs = chords.map(({ name, startBeat, riff }, at) => {
    const next = chords[at + 1]?.startBeat ?? beats;
    const share = Math.max(0.05, (next - Math.max(0, startBeat)) / Math.max(beats, 1e-6));
    return (riff ? NOTE_LETTERS : name.length + 0.6) / share;
  });
  return Math.max(0, ...needs);
}
