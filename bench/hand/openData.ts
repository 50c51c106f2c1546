import data from "@tombatossals/chords-db/lib/guitar.json";
import { type Fretting } from "@/core/fretting";
import { type Finger } from "@/core/hand";

/** One fretting of the open data with every fingering given for it. */
export interface GivenFretting {
  readonly fretting: Fretting;
  /** As `fingersKey` writes them. */
  readonly given: ReadonlySet<string>;
  /** The fretting without its place: moved copies share it, and fall on the same side of a split. */
  readonly shape: string;
}

export interface OpenData {
  readonly positions: number;
  /** Positions that give no finger for a fretted string, or a finger for a string not played. */
  readonly skipped: number;
  readonly frettings: readonly GivenFretting[];
}

/**
 * Human-fingered positions in standard tuning from the npm package @tombatossals/chords-db (MIT),
 * lib/guitar.json: frets are relative to baseFret, 0 open, -1 not played; a finger given for an
 * open string is ignored.
 */
export function readOpenData(): OpenData {
  const positions = Object.values(data.chords).flatMap((chords) =>
    chords.flatMap((chord) => chord.positions),
  );
  const found = new Map<string, { fretting: Fretting; given: Set<string>; shape: string }>();
  let skipped = 0;
  for (const { frets, fingers, baseFret } of positions) {
    const fretting = frets.map((fret) => (fret < 0 ? null : fret && fret + baseFret - 1));
    const isWhole = fretting.every(
      (fret, string) => fret === 0 || (fret === null) === (fingers[string] === 0),
    );
    if (!isWhole) {
      skipped += 1;
      continue;
    }
    const key = fretting.join();
    const entry = found.get(key) ?? { fretting, given: new Set(), shape: shapeOf(fretting) };
    entry.given.add(
      fingersKey(fretting.map((fret, string) => (fret ? (fingers[string] ?? 0) : 0))),
    );
    found.set(key, entry);
  }
  return { positions: positions.length, skipped, frettings: [...found.values()] };
}

/** Fingers per string, thickest first, 0 where none presses: "0,1,3,3,3,0". */
export function fingersKey(fingers: readonly (Finger | number)[]): string {
  return fingers.join();
}

function shapeOf(fretting: Fretting): string {
  const lowest = Math.min(...fretting.flatMap((fret) => fret || []));
  return fretting.map((fret) => (fret ? fret - lowest + 1 : (fret ?? "x"))).join(" ");
}
