import { type StruckChord } from "./changeGaps";
import { type Chart } from "../chart";
import { strikesAs } from "./strikes";

/** A chord as it is played, repeats written out. */
interface PlayedChord extends StruckChord {
  readonly name: string;
}

/** Every chord that sounds, in the order of the song; "N.C." and what is no chord are silence. */
export function playedChords({ sections, order }: Chart): readonly PlayedChord[] {
  let barStart = 0;
  const spans = order.flatMap(([section, index]) => {
    const bar = sections[section]?.bars[index];
    const from = barStart;
    barStart += bar?.beats ?? 0;
    return (bar?.chords ?? [])
      .filter(({ reducedTo }) => reducedTo !== null)
      .map((chord) => ({ ...chord, meter: bar?.meter ?? "4/4", start: from + chord.startBeat }));
  });
  return spans.map(({ name, meter, texture, startBeat, start, beats }, index) => {
    const next = spans[index + 1]?.start ?? start + beats;
    const sounding = Math.min(beats, Math.max(0, next - start));
    const strikes = strikesAs(texture, { meter, startBeat, beats: sounding });
    return { name, start, beats: sounding, strikes };
  });
}
