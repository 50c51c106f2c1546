import { type Arrangement, type SongRoute, type SongSettings } from "@/core/arrangement";
import { type PlayedDrill } from "./drill";
import { startTempo } from "./startTempo";

/** A song, as drills are taken from it. */
interface DrilledSong {
  readonly id: number;
  readonly name: string;
  readonly text: string;
  readonly settings: SongSettings;
  readonly arrangement: Arrangement;
  readonly route: SongRoute;
}

const MAX_CHANGES = 5;

/** The tightest changes of a song's route, each with the bars around it, the tightest first. */
export function songDrills(song: DrilledSong): readonly PlayedDrill[] {
  const { arrangement, route } = song;
  const { changes } = route.timed;
  const seen = new Set<string>();
  const tightest = changes
    .map((change, index) => ({ index, bpm: change.cleanTempoBpm ?? Infinity }))
    .filter(({ bpm }) => bpm < Infinity)
    .sort((a, b) => a.bpm - b.bpm || a.index - b.index);
  const drills: PlayedDrill[] = [];
  for (const { index, bpm } of tightest) {
    const [from, to] = [index, index + 1].map((at) => arrangement.chords[route.played[at] ?? -1]);
    const grips = [index, index + 1].map((at) => route.timed.stops[at]?.fingering.fretting.join());
    if (!from || !to) continue;
    // The same change elsewhere in the song is the same drill; a riff is one drill a bar.
    const isRiff = Boolean(from.notes && to.notes) && from.playedBar === to.playedBar;
    const change = isRiff
      ? `riff ${from.section} ${from.bar}`
      : `${from.name} ${grips[0]} > ${to.name} ${grips[1]}`;
    if (seen.has(change)) continue;
    seen.add(change);
    drills.push({
      key: isRiff
        ? `song:${song.id}:${change}`
        : `song:${song.id}:${from.name}>${to.name}:${grips.join(">")}`,
      kind: "song",
      name: isRiff
        ? `The riff of bar ${from.playedBar + 1} in ${song.name}`
        : `${from.notes ? "The riff" : from.name} to ${to.notes ? "the riff" : to.name} in ${song.name}`,
      say: `${barsText(from.playedBar + 1, to.playedBar + 1)}, written at ${Math.round(arrangement.tempoBpm)} bpm.`,
      how: "played",
      text: song.text,
      settings: song.settings,
      bars: [from.playedBar, to.playedBar + 1],
      startBpm: startTempo(bpm, arrangement.tempoBpm),
      goalBpm: arrangement.tempoBpm,
      showsSilence: false,
    });
    if (drills.length === MAX_CHANGES) break;
  }
  return drills;
}

function barsText(first: number, last: number): string {
  return first === last ? `Bar ${first}` : `Bars ${first} to ${last}`;
}
