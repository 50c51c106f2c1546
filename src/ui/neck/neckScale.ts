import { fingertipMm, wireMm, type Neck } from "@/core/neck";

/** Where things of a neck lie in a drawing: the core's millimetres mapped to px, nothing more. */
export interface NeckScale {
  readonly width: number;
  readonly height: number;
  /** 1 where x grows from the nut, -1 where the neck points the other way. */
  readonly direction: 1 | -1;
  /** Middle of the column of open notes' names. */
  readonly labelX: number;
  /** Where the strings are drawn from and to. */
  readonly stringsX: readonly [from: number, to: number];
  /** Middle of the column of crosses on silent strings. */
  readonly silentX: number;
  /** Middle of the column of open strings, beside the nut. */
  readonly openX: number;
  readonly stringY: (string: number) => number;
  readonly wireX: (string: number, fret: number) => number;
  /** Middle of a mark: on the string's open column for 0, else just behind the wire. */
  readonly markX: (string: number, fret: number) => number;
  /** Half height of a mark on the map, in px: as large as the fret and the strings leave room for. */
  readonly markSize: (fret: number) => number;
}

const LABEL_WIDTH = 44;
const SILENT_WIDTH = 22;
const OPEN_WIDTH = 36;
const RIGHT_PAD = 14;
const TOP_PAD = 26;
const BOTTOM_PAD = 44;
const LARGEST_MARK = 13;
const SMALLEST_MARK = 7;

interface NeckScaleOptions {
  /** The neck points to the left, as on a left-handed guitar. */
  readonly leftHanded?: boolean | undefined;
  /** Px for the column of open notes' names. */
  readonly labelWidth?: number | undefined;
}

/** A scale for a drawing of so many px width; the thick string is at the bottom. */
export function makeNeckScale(
  neck: Neck,
  width: number,
  { leftHanded = false, labelWidth = LABEL_WIDTH }: NeckScaleOptions = {},
): NeckScale {
  const strings = neck.midi.length;
  const pitch = stringPitch(strings);
  const last = strings - 1;
  const outer = [0, last];
  const startMm = Math.min(...outer.map((string) => wireMm(neck, string, 0)));
  const endMm = Math.max(...outer.map((string) => wireMm(neck, string, neck.frets)));
  const openStartX = labelWidth + SILENT_WIDTH;
  const startX = openStartX + OPEN_WIDTH;
  const pxPerMm = (width - startX - RIGHT_PAD) / (endMm - startMm);
  const toX = (mm: number) => startX + (mm - startMm) * pxPerMm;
  const roomAt = (fret: number) =>
    Math.min(
      ...outer.map(
        (string) => toX(wireMm(neck, string, fret)) - toX(wireMm(neck, string, fret - 1)),
      ),
    );
  const silentX = labelWidth + SILENT_WIDTH / 2;
  const openX = openStartX + OPEN_WIDTH / 2;
  const turn = (x: number) => (leftHanded ? width - x : x);
  return {
    width,
    height: TOP_PAD + last * pitch + BOTTOM_PAD,
    direction: leftHanded ? -1 : 1,
    labelX: turn(labelWidth / 2),
    stringsX: [turn(silentX + 12), turn(width - 8)],
    silentX: turn(silentX),
    openX: turn(openX),
    stringY: (string) => TOP_PAD + (last - string) * pitch,
    wireX: (string, fret) => turn(toX(wireMm(neck, string, fret))),
    markX: (string, fret) =>
      turn(
        fret === 0
          ? openX
          : toX((fingertipMm(neck, string, fret) + middleMm(neck, string, fret)) / 2),
      ),
    markSize: (fret) =>
      Math.max(
        SMALLEST_MARK,
        Math.min(LARGEST_MARK, fret > 0 ? roomAt(fret) * 0.47 : Infinity, pitch * 0.36),
      ),
  };
}

/** Px between two strings: fewer where there are many, so that the neck stays on one screen. */
function stringPitch(strings: number): number {
  return strings <= 6 ? 40 : strings <= 8 ? 35 : 30;
}

function middleMm(neck: Neck, string: number, fret: number): number {
  return (wireMm(neck, string, fret) + wireMm(neck, string, fret - 1)) / 2;
}
