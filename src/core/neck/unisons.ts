import { type Neck } from "./neck";
import { type Position } from "./positions";

/** Where else the very same pitch sounds, at most once a string, thickest string first. */
export function findUnisons(neck: Neck, { string, fret }: Position): readonly Position[] {
  const midi = (neck.midi[string] ?? 0) + fret;
  return neck.midi.flatMap((open, other) => {
    const there = midi - open;
    return other !== string && there >= 0 && there <= neck.frets
      ? [{ string: other, fret: there }]
      : [];
  });
}
