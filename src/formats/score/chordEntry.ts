import { type Fretting } from "@/core/fretting";
import { type Midi } from "@/core/pitch";
import { readChordName } from "@/core/song";
import { nameChord } from "@/core/voicing";
import { type ScoreChord } from "./score";

/** A chord as charts call it. */
export type NamedChord = Pick<ScoreChord, "name" | "reducedTo" | "leftOut">;

const known = new Map<string, NamedChord>();
const MAX_KNOWN = 5_000;

/** What a chart makes of a chord's name; `reducedTo` is null where it knows none of it. */
export function namedChord(name: string): NamedChord {
  const before = known.get(name);
  if (before) return before;
  const chord = readChordName(name);
  if (known.size < MAX_KNOWN) known.set(name, chord);
  return chord;
}

/** The chord that a grip sounds, over open strings as they sound; null where charts have no name for it. */
export function chordOfFretting(open: readonly Midi[], fretting: Fretting): NamedChord | null {
  const sounding = fretting.flatMap((fret, string) =>
    fret === null ? [] : [(open[string] ?? 0) + fret],
  );
  if (sounding.length < 2) return null;
  // Charts know an octave as the power chord whose root it is, and a tritone as a power chord with a flat fifth.
  const name = nameChord(sounding)
    .name.replace(/ octave$/, "5")
    .replace(/ tritone$/, "5(b5)");
  const chord = namedChord(name);
  return chord?.reducedTo ? chord : null;
}
