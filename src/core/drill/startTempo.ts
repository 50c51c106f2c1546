/** A drill begins at this share of the tempo to which its change holds (a judgement). */
const START_SHARE = 0.8;
const SLOWEST_BPM = 40;

/**
 * Where a drill of a song's change begins: under what should hold, and never faster than the song.
 *
 * @param cleanBpm the tempo to which the change holds; null where nothing has to move
 */
export function startTempo(cleanBpm: number | null, songBpm: number): number {
  const under = Math.floor((cleanBpm ?? Infinity) * START_SHARE);
  return Math.max(SLOWEST_BPM, Math.min(under, Math.round(songBpm)));
}
