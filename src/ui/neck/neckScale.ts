import { fingertipMm, wireMm, type Neck } from "@/core/neck";
import { type Spacing } from "@/state";

/** Where things of a neck lie in a drawing: the core's millimetres mapped to px, nothing more. */
export interface NeckScale {
  readonly width: number;
  readonly height: number;
  /** 1 where x grows from the nut, -1 where the neck points the other way. */
  readonly direction: 1 | -1;
  /** The string at the bottom of the picture, and the one at the top. */
  readonly bottomString: number;
  readonly topString: number;
  /** Middle of the column of open notes' names. */
  readonly labelX: number;
  /** Where the strings are drawn from and to. */
  readonly stringsX: readonly [from: number, to: number];
  /** Middle of the column of crosses on silent strings. */
  readonly silentX: number;
  /** Middle of the column of open strings, beside the nut. */
  readonly openX: number;
  /** Middle of the line of fret numbers, and of the track of the range's handles. */
  readonly numbersY: number;
  readonly trackY: number;
  readonly stringY: (string: number) => number;
  readonly wireX: (string: number, fret: number) => number;
  /** Middle of a mark: on the string's open column for 0, else just behind the wire. */
  readonly markX: (string: number, fret: number) => number;
  /** Half height of a mark on the map, in px: as large as the fret and the strings leave room for. */
  readonly markSize: (fret: number) => number;
  /** The same for the grip in front. */
  readonly gripSize: (fret: number) => number;
}

export interface NeckScaleOptions {
  /** The neck points to the left, as on a left-handed guitar. */
  readonly leftHanded?: boolean | undefined;
  /** The player's own view: the thick string on top. */
  readonly thickOnTop?: boolean | undefined;
  readonly spacing?: Spacing | undefined;
  /** Larger in every way, to be read from afar. */
  readonly stage?: boolean | undefined;
  /** Px for the column of open notes' names. */
  readonly labelWidth?: number | undefined;
}

/** Measures in px on a page and on stage. */
const PAGE = { label: 44, silent: 22, open: 36, mark: 13, grip: 17, pitches: [40, 35, 30] };
const STAGE = { label: 56, silent: 32, open: 52, mark: 19, grip: 27, pitches: [56, 46, 38] };
const RIGHT_PAD = 14;
const TOP_PAD = 26;
const BOTTOM_PAD = 62;
const NUMBERS_FROM_BOTTOM = 27;
const TRACK_FROM_BOTTOM = 11;
const SMALLEST_MARK = 7;
const GRIP_RATIO = 1.5;
/** Px that the narrowest fret needs so that marks on neighbouring frets do not touch. */
const NARROWEST_ROOM = 18;
/** Of a fret's room, for half the height of its mark: the widest forms are 1.22 times as wide. */
const ROOM_SHARE = 0.41;
/** Px that a fret needs on average before the neck scrolls sideways instead of shrinking. */
const AVERAGE_ROOM: Readonly<Record<Spacing, number>> = { true: 42, even: 28 };

/** The width in px under which marks would overlap; a narrower window scrolls. */
export function narrowestWidth(neck: Neck, { spacing = "true" }: NeckScaleOptions = {}): number {
  const { wire } = placesOf(neck, spacing);
  const last = wire(0, neck.frets) - wire(0, neck.frets - 1);
  const board = ((wire(0, neck.frets) - wire(0, 0)) / last) * NARROWEST_ROOM;
  return Math.ceil(
    Math.max(
      board + PAGE.label + PAGE.silent + PAGE.open + RIGHT_PAD,
      neck.frets * AVERAGE_ROOM[spacing],
    ),
  );
}

/** A scale for a drawing of this width in px. */
export function makeNeckScale(
  neck: Neck,
  width: number,
  options: NeckScaleOptions = {},
): NeckScale {
  const { leftHanded = false, thickOnTop = false, spacing = "true", stage = false } = options;
  const measures = stage ? STAGE : PAGE;
  const { labelWidth = measures.label } = options;
  const { wire, mark } = placesOf(neck, spacing);
  const strings = neck.midi.length;
  const pitch = measures.pitches[strings <= 6 ? 0 : strings <= 8 ? 1 : 2] ?? 0;
  const last = strings - 1;
  const outer = [0, last];
  const start = Math.min(...outer.map((string) => wire(string, 0)));
  const end = Math.max(...outer.map((string) => wire(string, neck.frets)));
  const openStartX = labelWidth + measures.silent;
  const startX = openStartX + measures.open;
  const pxPerUnit = (width - startX - RIGHT_PAD) / (end - start);
  const toX = (place: number) => startX + (place - start) * pxPerUnit;
  const roomAt = (fret: number) =>
    fret > 0
      ? pxPerUnit * Math.min(...outer.map((string) => wire(string, fret) - wire(string, fret - 1)))
      : Infinity;
  const silentX = labelWidth + measures.silent / 2;
  const openX = openStartX + measures.open / 2;
  const turn = (x: number) => (leftHanded ? width - x : x);
  const height = TOP_PAD + last * pitch + BOTTOM_PAD;
  const markSize = (fret: number) =>
    Math.max(SMALLEST_MARK, Math.min(measures.mark, roomAt(fret) * ROOM_SHARE, pitch * 0.36));
  return {
    width,
    height,
    direction: leftHanded ? -1 : 1,
    bottomString: thickOnTop ? last : 0,
    topString: thickOnTop ? 0 : last,
    labelX: turn(labelWidth / 2),
    stringsX: [turn(silentX + 12), turn(width - 8)],
    silentX: turn(silentX),
    openX: turn(openX),
    numbersY: height - NUMBERS_FROM_BOTTOM,
    trackY: height - TRACK_FROM_BOTTOM,
    stringY: (string) => TOP_PAD + (thickOnTop ? string : last - string) * pitch,
    wireX: (string, fret) => turn(toX(wire(string, fret))),
    markX: (string, fret) => turn(fret === 0 ? openX : toX(mark(string, fret))),
    markSize,
    gripSize: (fret) => Math.min(measures.grip, markSize(fret) * GRIP_RATIO),
  };
}

interface Places {
  readonly wire: (string: number, fret: number) => number;
  readonly mark: (string: number, fret: number) => number;
}

/** Where wires and marks lie along the neck: in mm, or counted in frets. */
function placesOf(neck: Neck, spacing: Spacing): Places {
  if (spacing === "even") return { wire: (_, fret) => fret, mark: (_, fret) => fret - 0.4 };
  return {
    wire: (string, fret) => wireMm(neck, string, fret),
    mark: (string, fret) =>
      (fingertipMm(neck, string, fret) +
        (wireMm(neck, string, fret) + wireMm(neck, string, fret - 1)) / 2) /
      2,
  };
}
