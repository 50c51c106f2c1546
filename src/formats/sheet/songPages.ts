import { gripItems } from "./gripItems";
import { fitted, makePageFlow, MARGIN, noteItem, textItem, type PageFlow, type Page } from "./page";
import { type Paper } from "@/formats/paper";
import { barRow, BARS_A_ROW, head, sectionHead } from "./parts";
import { sectionLines } from "./sectionLines";
import { type SheetGrip, type SheetSong } from "./sheetSong";

const GRIPS_A_ROW = 4;

/** Chart, grips and figures, on as many pages as it takes. */
export function songPages(song: SheetSong, paper: Paper): readonly Page[] {
  const flow = makePageFlow(paper);
  head(flow, song, 26);
  for (const { name, bars, times } of sectionLines(song.score)) {
    sectionHead(flow, name, times);
    for (let at = 0; at < bars.length; at += BARS_A_ROW) {
      barRow(flow, bars.slice(at, at + BARS_A_ROW), 17, 30);
    }
    flow.take(6);
  }
  if (song.grips.length > 0) {
    sectionHead(flow, "Grips", 1);
    gripRows(flow, song.grips);
  }
  return flow.pages();
}

function gripRows(flow: PageFlow, grips: readonly SheetGrip[]): void {
  const width = flow.width / GRIPS_A_ROW;
  for (let at = 0; at < grips.length; at += GRIPS_A_ROW) {
    const row = grips.slice(at, at + GRIPS_A_ROW);
    const strings = Math.max(...row.map(({ fretting }) => fretting.length));
    const height = 13 * strings + 20;
    const top = flow.take(height + 30);
    for (const [index, grip] of row.entries()) {
      const x = MARGIN + index * width;
      flow.put(
        noteItem(x + 4, top + 16, fitted(grip.name, 15, width - 60), {
          size: 15,
          weight: "semibold",
        }),
        textItem(x + width - 14, top + 16, `bar ${grip.bar}`, {
          size: 9,
          align: "right",
          shade: "grey",
        }),
        ...gripItems(x + 4, top + 26, width - 20, height, grip),
      );
    }
  }
}
