import { type Fretting } from "@/core/fretting";
import { type Finger } from "@/core/hand";
import { MAX_STRINGS } from "@/core/tuning";
import { child, childrenOf, numberIn, textOf, type XmlNode } from "./tree";

/** The grip of a `<frame>`: its frets count from the nut, wherever the picture begins. Null where it shows none. */
export function readFrame(
  node: XmlNode | undefined,
): { readonly fretting: Fretting; readonly fingers: readonly (Finger | 0)[] } | null {
  const strings = numberIn(node, "frame-strings") ?? 0;
  if (!Number.isInteger(strings) || strings < 1 || strings > MAX_STRINGS) return null;
  const fretting: (number | null)[] = Array.from({ length: strings }, () => null);
  const fingers: (Finger | 0)[] = Array.from({ length: strings }, () => 0);
  for (const note of childrenOf(node, "frame-note")) {
    const string = numberIn(note, "string") ?? 0;
    const fret = numberIn(note, "fret");
    if (string < 1 || string > strings || fret === null || fret < 0 || fret > 36) continue;
    fretting[strings - string] = Math.round(fret);
    const finger = textOf(child(note, "fingering"));
    if (/^[1-4]$/.test(finger)) fingers[strings - string] = Number(finger) as Finger;
    else if (/^t$/i.test(finger)) fingers[strings - string] = "T";
  }
  return fretting.some((fret) => fret !== null) ? { fretting, fingers } : null;
}
