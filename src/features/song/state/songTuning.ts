import { pitchTexts, type Midi } from "@/core/pitch";
import { readChart, say } from "@/core/song";
import { nameTuning, readTuning, samePitches } from "@/core/tuning";
import { guitarFor, type Rig, type SongContent } from "@/state";

/** The fields that put a song in another tuning. A `Tuning:` line in its chart is rewritten. */
export function inTuning(
  { chart }: Pick<SongContent, "chart">,
  guitarId: number,
  tuningMidi: readonly Midi[],
): Pick<SongContent, "guitarId" | "tuningMidi" | "chart"> {
  const isSaid = tuningSaid(chart) !== null;
  return {
    guitarId,
    tuningMidi,
    chart: isSaid ? say(chart, "Tuning", tuningText(tuningMidi)) : chart,
  };
}

/** The tuning's name if it reads back to the same pitches; otherwise the pitches. */
function tuningText(midi: readonly Midi[]): string {
  const { name } = nameTuning(midi, "mixed");
  const read = readTuning(name, { strings: midi.length });
  return read.ok && samePitches(read.value.tuning.midi, midi) ? name : pitchTexts(midi).join(" ");
}

/** The guitar and tuning that a song takes from newly typed text; empty unless its `Tuning:` line changed. */
export function tuningTyped(
  { chart, guitarId, tuningMidi }: SongContent,
  next: string,
  guitars: Rig["guitars"],
): Partial<Pick<SongContent, "guitarId" | "tuningMidi">> {
  const said = tuningSaid(next);
  const before = tuningSaid(chart);
  if (!said || (before && samePitches(before, said)) || samePitches(said, tuningMidi)) return {};
  const named = guitars.find(({ id }) => id === guitarId) ?? guitars[0];
  const guitar = guitarFor(guitars, named, said.length);
  return guitar ? { guitarId: guitar.id, tuningMidi: said } : {};
}

/** Only the top of a chart is searched, so that typing in a long one stays fast. */
const LONGEST_TOP = 1000;

function tuningSaid(chart: string): readonly Midi[] | null {
  const top = chart.slice(0, LONGEST_TOP);
  return /tun/i.test(top) ? readChart(top).tuningMidi : null;
}
