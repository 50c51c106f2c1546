import { fitted, makePageFlow, MARGIN, textItem, type Page } from "./page";
import { type Paper } from "@/formats/paper";
import { barRow, factsOf, longestName } from "./parts";
import { sectionLines } from "./sectionLines";
import { type SheetSong } from "./sheetSong";

/** From letters for an empty stage down to those that are still read on a stand. */
const STAGE_SIZES = [54, 48, 42, 38, 34, 30, 27, 24, 21, 18, 15, 13, 11, 9, 8, 7, 6, 5];
/** Smaller letters are not read from two metres (24 points are 6 mm high; common practice for signs). */
export const SMALLEST_STAGE_SIZE = 24;

/** One page in letters that are read from two metres, as large as the song allows; more where no letters are small enough. */
export function stagePages(song: SheetSong, paper: Paper): readonly Page[] {
  const sections = sectionLines(song.score);
  let pages: readonly Page[] = [];
  for (const size of STAGE_SIZES) {
    const flow = makePageFlow(paper);
    const wide = Math.max(...song.score.sections.flatMap(({ bars }) => bars.map(longestName)), 1);
    const each = wide * size * 0.52 + size * 0.5;
    const inRow = Math.max(1, Math.min(8, Math.floor(flow.width / each)));
    const top = flow.take(size * 0.9);
    const title = fitted(song.title, size * 0.7, flow.width * 0.62);
    flow.put(
      textItem(MARGIN, top + size * 0.62, title, { size: size * 0.7, weight: "semibold" }),
      textItem(MARGIN + flow.width, top + size * 0.62, factsOf(song), {
        size: Math.max(9, size * 0.36),
        align: "right",
      }),
    );
    for (const { name, bars, times } of sections) {
      const line = flow.take(size * 0.75);
      const often = times > 1 ? ` ×${times}` : "";
      flow.put(
        textItem(MARGIN, line + size * 0.6, `${name || "Song"}${often}`, {
          size: size * 0.5,
          shade: "grey",
          weight: "semibold",
        }),
      );
      for (let at = 0; at < bars.length; at += inRow) {
        barRow(flow, bars.slice(at, at + inRow), size, size * 1.25, inRow);
      }
    }
    pages = flow.pages();
    if (pages.length === 1) break;
  }
  return pages;
}

/** The size of the letters on a stage sheet, told from its pages. */
export function stageSize(pages: readonly Page[]): number {
  return Math.max(
    ...pages.flatMap(({ items }) =>
      items.flatMap((item) =>
        item.kind === "text" && item.weight === "semibold" ? [item.size] : [],
      ),
    ),
  );
}
