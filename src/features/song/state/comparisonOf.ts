import { gripLimitsOf, type Arrangement } from "@/core/arrangement";
import { MAX_CHORDS } from "@/core/chart";
import { suggestTuning } from "@/core/compare";
import { DEFAULT_COMPARISON, type Comparison, type Guitar, type SongContent } from "@/state";

/**
 * The song's own chords for Compare and its search, each as often as it is played, in the song's tuning beside another;
 * a song of more chords than Compare takes is told by each chord once, with how often it is played as far as they fit.
 */
export function comparisonOf(
  { tuningMidi, settings }: SongContent,
  { chords }: Arrangement,
  guitar: Guitar,
): Comparison {
  const { allAsPowerChords, minNotes, limits } = settings;
  const other = suggestTuning(tuningMidi, guitar.usualMidi);
  return {
    ...DEFAULT_COMPARISON,
    columns: [tuningMidi, other.midi].map((midi) => ({ guitarId: guitar.id, midi })),
    chords: shortened(chords.flatMap(({ name, notes }) => (notes ? [] : name))),
    powerChordVoicing: limits.powerChordVoicing,
    allAsPowerChords,
    minNotes,
    limits: gripLimitsOf(limits),
  };
}

const LONGEST_TEXT = 2000;

/** "D5 x4 F5": the same chord in a row once; then, where that is too long, each chord once with its share. */
function shortened(names: readonly string[]): string {
  const whole = runs(names);
  if (names.length <= MAX_CHORDS && whole.length <= LONGEST_TEXT) return whole;
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  const scale = Math.min(1, (MAX_CHORDS - counts.size) / names.length);
  const kept = [...counts]
    .slice(0, MAX_CHORDS)
    .map(([name, count]) => times(name, Math.max(1, Math.floor(count * scale))));
  return kept.join(" ").slice(0, LONGEST_TEXT);
}

function runs(names: readonly string[]): string {
  const parts: string[] = [];
  let count = 0;
  for (const [index, name] of names.entries()) {
    count += 1;
    if (names[index + 1] === name) continue;
    parts.push(times(name, count));
    count = 0;
  }
  return parts.join(" ");
}

function times(name: string, count: number): string {
  return count > 1 ? `${name} x${count}` : name;
}
