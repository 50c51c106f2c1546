import { type Arrangement, type SongRoute } from "@/core/arrangement";
import { fingertipMm, wireMm, type Neck } from "@/core/neck";

/** Positions of the hand's path in its picture. */
export interface PathScale {
  readonly width: number;
  readonly height: number;
  readonly top: number;
  readonly bottom: number;
  /** Frets up to the highest that is shown. */
  readonly frets: number;
  /** From the beginning of the song, in quarters. */
  readonly x: (quarters: number) => number;
  /** Of a wire; 0 is the nut. */
  readonly wireY: (fret: number) => number;
  /** Where a fret is pressed. */
  readonly fretY: (fret: number) => number;
}

const [LEFT, RIGHT, TOP, BOTTOM, BOARD] = [58, 40, 30, 30, 128];
const FEWEST_FRETS = 7;
/** Px of a quarter; the chords of a bar must have room for their names. */
const [NARROWEST, WIDEST, PER_CHORD] = [26, 44, 46];

export function makePathScale(
  { chords, length }: Arrangement,
  neck: Neck,
  route: SongRoute | null,
  roomPx: number,
): PathScale {
  const highest = Math.max(
    FEWEST_FRETS,
    ...(route?.timed.stops ?? []).map(({ fingering }) =>
      Math.max(0, ...fingering.fretting.map((fret) => fret ?? 0)),
    ),
  );
  const frets = Math.min(neck.frets, highest + 1);
  const startMm = wireMm(neck, 0, 0);
  const pxPerMm = BOARD / (wireMm(neck, 0, frets) - startMm);
  const perQuarter = (chords.length * PER_CHORD) / Math.max(1, length);
  const needed = Math.min(WIDEST, Math.max(NARROWEST, perQuarter));
  // A short song fills its room.
  const pxPerQuarter = Math.min(
    WIDEST * 2,
    Math.max(needed, (roomPx - LEFT - RIGHT) / Math.max(1, length)),
  );
  const bottom = TOP + BOARD;
  return {
    width: Math.max(roomPx, LEFT + length * pxPerQuarter + RIGHT),
    height: bottom + BOTTOM,
    top: TOP,
    bottom,
    frets,
    x: (quarters) => LEFT + quarters * pxPerQuarter,
    wireY: (fret) => bottom - (wireMm(neck, 0, fret) - startMm) * pxPerMm,
    fretY: (fret) =>
      fret === 0 ? bottom : bottom - (fingertipMm(neck, 0, fret) - startMm) * pxPerMm,
  };
}
