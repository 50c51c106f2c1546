import { type Fretting } from "@/core/fretting";
import { type Finger } from "@/core/hand";
import { lineItem, textItem, type Item } from "./page";

const FEWEST_FRETS = 4;
/** Parts of a grip's width for what stands left of its frets. */
const LEFT_SHARE = 0.16;
const AT_NUT = 4;

/** A grip to be drawn. */
export interface DrawnGrip {
  readonly fretting: Fretting;
  readonly fingers: readonly (Finger | 0)[] | null;
  /** Strings, from 0, on which its root lies. */
  readonly roots: readonly number[];
}

/**
 * A grip as the neck lies before the player, the thick string at the bottom: roots are blocks, other notes discs, each with
 * its finger; open strings are hollow at the nut, silent ones crossed.
 */
export function gripItems(
  x: number,
  y: number,
  width: number,
  height: number,
  { fretting, fingers, roots }: DrawnGrip,
): readonly Item[] {
  const strings = fretting.length;
  const pressed = fretting.filter((fret) => fret !== null && fret > 0) as number[];
  const highest = Math.max(0, ...pressed);
  const first = highest <= AT_NUT ? 1 : Math.min(...pressed);
  const frets = Math.max(FEWEST_FRETS, highest - first + 1);
  const left = x + width * LEFT_SHARE;
  const board = height - 18;
  const gap = board / Math.max(1, strings - 1);
  const step = (x + width - left) / frets;
  const stringY = (string: number) => y + (strings - 1 - string) * gap;
  const size = Math.min(gap * 0.46, step * 0.4);
  const items: Item[] = [];
  for (let string = 0; string < strings; string++) {
    const thick = 0.5 + (1.3 * (strings - 1 - string)) / strings;
    items.push(lineItem([left, stringY(string)], [x + width, stringY(string)], thick, "grey"));
  }
  for (let fret = 0; fret <= frets; fret++) {
    const isNut = first === 1 && fret === 0;
    const at = left + fret * step;
    items.push(lineItem([at, y], [at, y + board], isNut ? 3 : 0.7, isNut ? "black" : "grey"));
  }
  for (let fret = first; fret < first + frets; fret++) {
    const at = left + (fret - first + 0.5) * step;
    items.push(textItem(at, y + height, String(fret), { size: 8, align: "middle" }));
  }
  for (const [string, fret] of fretting.entries()) {
    const at = stringY(string);
    const beside = left - size * 1.9;
    const isRoot = roots.includes(string);
    if (fret === null) {
      const half = size * 0.6;
      items.push(
        lineItem([beside - half, at - half], [beside + half, at + half], 1.1, "black"),
        lineItem([beside - half, at + half], [beside + half, at - half], 1.1, "black"),
      );
      continue;
    }
    const center = fret === 0 ? beside : left + (fret - first + 0.5) * step;
    const fill = fret === 0 ? "white" : "black";
    items.push(
      isRoot
        ? {
            kind: "box",
            x: center - size,
            y: at - size,
            width: 2 * size,
            height: 2 * size,
            fill,
            stroke: "black",
          }
        : { kind: "disc", x: center, y: at, radius: size, fill, stroke: "black" },
    );
    const finger = fingers?.[string] ?? 0;
    if (fret > 0 && finger !== 0) {
      const look = {
        size: size * 1.7,
        align: "middle",
        shade: "white",
        weight: "semibold",
      } as const;
      items.push(textItem(center, at + size * 0.6, String(finger), look));
    }
  }
  return items;
}
