/** The first tempo as a share of the tempo to which the change holds (a judgement). */
const START_SHARE = 0.8;
const SLOWEST_BPM = 40;

/**
 * The first tempo of a drill on a song's change: below the tempo that should hold, and never above the song's.
 *
 * @param cleanBpm the tempo to which the change holds; null where nothing has to move
 */
export function startTempo(cleanBpm: number | null, songBpm: number): number {
  const under = Math.floor((cleanBpm ?? Infinity) * START_SHARE);
  return Math.max(SLOWEST_BPM, Math.min(under, Math.round(songBpm)));
}
