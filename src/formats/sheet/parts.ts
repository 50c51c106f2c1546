import { DEFAULT_TEMPO_BPM } from "@/core/song";
import { type ScoreBar } from "@/formats/score";
import { fitted, lineItem, MARGIN, noteItem, textItem, signedName, type PageFlow } from "./page";
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

/** Bars of equal width with their chords where they begin. */
export function barRow(
  flow: PageFlow,
  bars: readonly ScoreBar[],
  size: number,
  height: number,
  inRow = BARS_A_ROW,
): void {
  const top = flow.take(height);
  const width = flow.width / inRow;
  const [high, low] = [top + height * 0.14, top + height * 0.92];
  for (const [index, bar] of bars.entries()) {
    const left = MARGIN + index * width;
    flow.put(lineItem([left, high], [left, low], 1, "black"));
    const room = width - 6;
    const longest = bar.chords.length > 0 ? Math.max(1, longestName(bar)) : 1;
    const fit = Math.min(size, room / (longest * 0.56));
    for (const { name, startBeat } of bar.chords) {
      const x = left + 5 + (Math.max(0, startBeat) / Math.max(bar.beats, 1e-6)) * room;
      flow.put(noteItem(x, top + height * 0.72, name, { size: fit, weight: "semibold" }));
    }
  }
  const end = MARGIN + bars.length * width;
  flow.put(lineItem([end, high], [end, low], 1, "black"));
}

/** Letters that a bar needs, as if its chords shared it evenly. */
export function longestName({ chords, beats }: ScoreBar): number {
  const needs = chords.map(({ name, startBeat }, at) => {
    const next = chords[at + 1]?.startBeat ?? beats;
    const share = Math.max(0.05, (next - Math.max(0, startBeat)) / Math.max(beats, 1e-6));
    return (name.length + 0.6) / share;
  });
  return Math.max(0, ...needs);
}
