import { gripItems, type DrawnGrip } from "./gripItems";
import {
  fitted,
  lineItem,
  makePageFlow,
  MARGIN,
  noteItem,
  textItem,
  signedName,
  type PageFlow,
  type Item,
  type Page,
} from "./page";
import { type Paper } from "@/formats/paper";

/** A neck with marks on it, and grips, as a page shows them. */
export interface NeckPicture {
  readonly title: string;
  readonly subtitle: string;
  readonly strings: number;
  readonly frets: number;
  readonly marks: readonly {
    readonly string: number;
    readonly fret: number;
    readonly label: string;
    readonly isRoot: boolean;
  }[];
  readonly grips: readonly PictureGrip[];
}

interface PictureGrip extends DrawnGrip {
  readonly name: string;
  readonly note: string;
}

/** Tunings side by side, each with its best grip for every chord. */
export interface ComparePicture {
  readonly title: string;
  readonly columns: readonly {
    readonly name: string;
    readonly facts: readonly string[];
    /** By chord; null where it cannot be played. */
    readonly grips: readonly (PictureGrip | null)[];
  }[];
  readonly chords: readonly string[];
}

const GRIPS_A_ROW = 3;
const LABEL_SIZE = 7;

/** The neck over the width of the page at true fret spacing, and grips below it. */
export function neckPages(picture: NeckPicture, paper: Paper): readonly Page[] {
  const flow = makePageFlow(paper);
  titleLines(flow, picture.title, picture.subtitle);
  const gap = Math.min(16, 120 / picture.strings);
  const height = gap * (picture.strings - 1) + 34;
  flow.put(...neckItems(picture, MARGIN, flow.take(height) + 10, flow.width, gap));
  const width = flow.width / GRIPS_A_ROW;
  for (let at = 0; at < picture.grips.length; at += GRIPS_A_ROW) {
    const row = picture.grips.slice(at, at + GRIPS_A_ROW);
    const grip = 14 * picture.strings + 20;
    const top = flow.take(grip + 48);
    for (const [index, each] of row.entries()) {
      const x = MARGIN + index * width;
      flow.put(
        noteItem(x, top + 16, fitted(each.name, 15, width - 14), { size: 15, weight: "semibold" }),
        ...gripItems(x, top + 26, width - 18, grip, each),
        textItem(x, top + grip + 38, fitted(each.note, 10, width - 14), {
          size: 10,
          shade: "grey",
        }),
      );
    }
  }
  return flow.pages();
}

function neckItems(
  { strings, frets, marks }: NeckPicture,
  x: number,
  y: number,
  width: number,
  gap: number,
): readonly Item[] {
  const left = x + 26;
  const whole = 1 - 2 ** (-frets / 12);
  const wire = (fret: number) => left + ((1 - 2 ** (-fret / 12)) / whole) * (x + width - left);
  const stringY = (string: number) => y + (strings - 1 - string) * gap;
  const bottom = stringY(0);
  const items: Item[] = [];
  for (let string = 0; string < strings; string++) {
    const thick = 0.5 + (1.3 * (strings - 1 - string)) / strings;
    items.push(lineItem([left, stringY(string)], [x + width, stringY(string)], thick, "grey"));
  }
  for (let fret = 0; fret <= frets; fret++) {
    const isNut = fret === 0;
    items.push(
      lineItem([wire(fret), y], [wire(fret), bottom], isNut ? 3 : 0.7, isNut ? "black" : "light"),
    );
    const middle = fret === 0 ? 0 : (wire(fret) + wire(fret - 1)) / 2;
    if (fret > 0) {
      items.push(
        textItem(middle, bottom + 18, String(fret), { size: LABEL_SIZE, align: "middle" }),
      );
    }
  }
  for (const { string, fret, label, isRoot } of marks) {
    const room = fret === 0 ? 18 : wire(fret) - wire(fret - 1);
    const size = Math.min(gap * 0.46, room * 0.44);
    const cx = fret === 0 ? left - 13 : (wire(fret) + wire(fret - 1)) / 2;
    const cy = stringY(string);
    items.push(
      isRoot
        ? {
            kind: "box",
            x: cx - size,
            y: cy - size,
            width: 2 * size,
            height: 2 * size,
            fill: "black",
            stroke: "black",
          }
        : { kind: "disc", x: cx, y: cy, radius: size, fill: "white", stroke: "black" },
      textItem(cx, cy + size * 0.42, signedName(label), {
        size: size * 1.15,
        align: "middle",
        weight: "semibold",
        shade: isRoot ? "white" : "black",
      }),
    );
  }
  return items;
}

/** A row for each chord, a column for each tuning. */
export function comparePages(picture: ComparePicture, paper: Paper): readonly Page[] {
  const flow = makePageFlow(paper);
  titleLines(flow, picture.title, "");
  const first = 52;
  const width = (flow.width - first) / Math.max(1, picture.columns.length);
  const facts = Math.max(0, ...picture.columns.map((column) => column.facts.length));
  const head = flow.take(24 + 13 * facts);
  for (const [index, column] of picture.columns.entries()) {
    const x = MARGIN + first + index * width;
    flow.put(
      noteItem(x, head + 14, fitted(column.name, 13, width - 8), { size: 13, weight: "semibold" }),
      ...column.facts.map((fact, line) =>
        textItem(x, head + 29 + 13 * line, signedName(fitted(fact, 9, width - 6)), {
          size: 9,
          shade: "grey",
        }),
      ),
    );
  }
  for (const [row, chord] of picture.chords.entries()) {
    const grips = picture.columns.map(({ grips: all }) => all[row] ?? null);
    const strings = Math.max(4, ...grips.map((grip) => grip?.fretting.length ?? 0));
    const height = Math.min(110, 9 * strings + 26);
    const top = flow.take(height + 22);
    flow.put(
      lineItem([MARGIN, top], [MARGIN + flow.width, top], 0.5, "light"),
      noteItem(MARGIN, top + 22, fitted(chord, 15, first - 4), { size: 15, weight: "semibold" }),
    );
    for (const [index, grip] of grips.entries()) {
      const x = MARGIN + first + index * width;
      if (!grip) {
        flow.put(textItem(x, top + 22, "no grip", { size: 10, shade: "grey" }));
        continue;
      }
      flow.put(
        ...gripItems(x, top + 10, width - 12, height - 12, grip),
        textItem(x, top + height + 12, fitted(grip.note, 8.5, width - 6), {
          size: 8.5,
          shade: "grey",
        }),
      );
    }
  }
  return flow.pages();
}

function titleLines(flow: PageFlow, title: string, subtitle: string): void {
  const top = flow.take(subtitle === "" ? 40 : 54);
  flow.put(
    noteItem(MARGIN, top + 24, fitted(title, 24, flow.width), { size: 24, weight: "semibold" }),
    textItem(MARGIN, top + 42, signedName(fitted(subtitle, 12, flow.width)), {
      size: 12,
      shade: "grey",
    }),
  );
}
