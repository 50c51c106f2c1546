import { DEFAULT_LADDER, startTempo } from "@/core/drill";
import { DEFAULT_TEMPO_BPM } from "@/core/song";
import { dampingLines } from "@/formats/dampingWords";
import { gripItems } from "./gripItems";
import {
  fitted,
  makePageFlow,
  MARGIN,
  noteItem,
  textItem,
  signedName,
  type PageFlow,
  type Page,
} from "./page";
import { type Paper } from "@/formats/paper";
import { head, sectionHead } from "./parts";
import { type SheetChange, type SheetGrip, type SheetSong } from "./sheetSong";

const MAX_DRILLS = 8;
/** Room to tick off five rounds. */
const DASHES = "____  ____  ____  ____  ____";
const CAUTION =
  "Stop where it hurts or a hand goes numb, and ask a doctor if it stays. Protect your ears.";

/** Grips with fingers and what silences each string, and the hardest changes as drills. */
export function lessonPages(song: SheetSong, paper: Paper): readonly Page[] {
  const flow = makePageFlow(paper);
  head(flow, song, 24);
  sectionHead(flow, "Grips", 1);
  for (const grip of song.grips) lessonGrip(flow, grip);
  if (song.changes.length > 0) {
    sectionHead(flow, "Drills: the hardest changes first", 1);
    for (const change of song.changes.slice(0, MAX_DRILLS)) drillLine(flow, change, song);
  }
  const top = flow.take(24);
  flow.put(textItem(MARGIN, top + 16, CAUTION, { size: 9.5, shade: "grey" }));
  return flow.pages();
}

function lessonGrip(flow: PageFlow, grip: SheetGrip): void {
  const strings = grip.fretting.length;
  const lines = grip.damping ? dampingLines(grip.damping, strings) : [];
  const height = Math.max(13 * strings + 50, 34 + 14 * (lines.length + 2));
  const top = flow.take(height);
  const right = MARGIN + 190;
  const frets = grip.fretting.map((fret) => fret ?? "x").join(" ");
  const where = grip.sections.filter(Boolean).join(", ");
  flow.put(
    noteItem(MARGIN, top + 18, fitted(grip.name, 18, 110), { size: 18, weight: "semibold" }),
    textItem(MARGIN + 170, top + 18, `bar ${grip.bar}`, { size: 9, align: "right", shade: "grey" }),
    ...gripItems(MARGIN, top + 28, 170, 13 * strings + 14, grip),
    textItem(right, top + 34, fitted(`${frets}   ${where}`, 12, flow.width - 200), { size: 12 }),
  );
  const strum =
    grip.damping?.strumSafe === false
      ? "Do not strum all strings:"
      : "All strings may be strummed.";
  if (grip.damping) flow.put(textItem(right, top + 50, strum, { size: 12, weight: "semibold" }));
  for (const [index, { strings: numbers, text }] of lines.entries()) {
    const said = `${numbers.length > 1 ? "strings" : "string"} ${numbers.join(" ")}: ${text}`;
    flow.put(
      textItem(right, top + 65 + 14 * index, fitted(said, 11, flow.width - 200), { size: 11 }),
    );
  }
}

function drillLine(flow: PageFlow, change: SheetChange, { score }: SheetSong): void {
  const top = flow.take(32);
  const { from, to, bar, cleanTempoBpm } = change;
  const tempo = score.tempoBpm ?? DEFAULT_TEMPO_BPM;
  const start = startTempo(cleanTempoBpm, tempo);
  const { stepBpm } = DEFAULT_LADDER;
  flow.put(
    textItem(MARGIN, top + 14, signedName(`${from.name} to ${to.name}`), {
      size: 13,
      weight: "semibold",
    }),
    textItem(MARGIN + 120, top + 14, `bar ${bar}`, { size: 11 }),
    textItem(
      MARGIN + 120,
      top + 27,
      `From ${start} bpm, +${stepBpm} bpm after two clean rounds, up to ${Math.round(tempo)}.   ${DASHES}`,
      { size: 10, shade: "grey" },
    ),
  );
}
