import { type StruckChord } from "./changeGaps";
import { type Chart, type ChartNote } from "../chart";
import { noteStrike } from "./noteStrike";
import { strikesAs } from "./strikes";
import { struckNotes } from "./struckNotes";

/** A chord, or notes struck together, as they are played, repeats written out. */
interface PlayedChord extends StruckChord {
  /** Of notes as a chart writes them: "6:3". */
  readonly name: string;
  /** Null for a chord. */
  readonly notes: readonly ChartNote[] | null;
}

/** Every chord and note that sounds, in the order of the song; "N.C." and what is no chord are silence. */
export function playedChords({ sections, order }: Chart): readonly PlayedChord[] {
  let barStart = 0;
  const spans = order.flatMap(([section, index]) => {
    const bar = sections[section]?.bars[index];
    const from = barStart;
    barStart += bar?.beats ?? 0;
    if (!bar) return [];
    const chords = bar.chords.flatMap(({ reducedTo, ...chord }) =>
      reducedTo === null ? [] : [{ ...chord, notes: null }],
    );
    const riff = struckNotes(bar).map((struck) => ({ ...struck, texture: null }));
    return [...chords, ...riff]
      .toSorted((a, b) => a.startBeat - b.startBeat)
      .map((each) => ({ ...each, meter: bar.meter, start: from + each.startBeat }));
  });
  return spans.map(({ name, notes, meter, texture, startBeat, start, beats }, index) => {
    const next = spans[index + 1]?.start ?? start + beats;
    const sounding = Math.min(beats, Math.max(0, next - start));
    const span = { meter, startBeat, beats: sounding };
    const strikes = notes ? noteStrike(notes, span) : strikesAs(texture, span);
    return { name, notes, start, beats: sounding, strikes };
  });
}
