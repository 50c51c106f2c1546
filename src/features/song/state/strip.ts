import { type Arrangement, type SongRoute } from "@/core/arrangement";

/** More grips than anyone reads along one strip. */
const MOST = 48;

/** The first time that a section is played: each chord with its stop, without riffs and immediate repeats. */
export function stripOf(
  { chords, bars }: Arrangement,
  { played, timed }: SongRoute,
  section: number,
): readonly { readonly chord: number; readonly stop: number }[] {
  const first = bars.findIndex((bar) => bar.section === section);
  const length = bars.slice(first).findIndex((bar) => bar.section !== section);
  const end = length < 0 ? bars.length : first + length;
  const seen = new Set<string>();
  const all = played.flatMap((chord, stop) => {
    const at = chords[chord];
    if (!at || at.notes || at.playedBar < first || at.playedBar >= end) return [];
    const key = `${at.bar} ${at.inBar}`;
    // A repeat plays the same bars.
    if (seen.has(key)) return [];
    seen.add(key);
    return [{ chord, stop }];
  });
  const isAgain = ({ chord, stop }: { chord: number; stop: number }, index: number) => {
    const before = all[index - 1];
    return (
      before !== undefined &&
      chords[before.chord]?.name === chords[chord]?.name &&
      timed.stops[before.stop]?.place === timed.stops[stop]?.place
    );
  };
  return all.filter((each, index) => !isAgain(each, index)).slice(0, MOST);
}
