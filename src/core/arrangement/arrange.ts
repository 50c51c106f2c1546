import { powerChordOf, parseChord, readChord, riffChord, type Chord } from "@/core/chart";
import {
  DEFAULT_TEMPO_BPM,
  quartersPerBeat,
  needsGrip,
  noteStrike,
  strikesAs,
  struckNotes,
  type Chart,
  type ChartBar,
  type ChartChord,
  type ChartNote,
  type Strike,
  type TextPlace,
} from "@/core/song";
import { thinChord } from "./requestedNotes";
import { marksAt } from "./marks";
import { sectionKeys } from "./sectionKeys";
import { type Help, type Mark, type PlayLimits, type SongSettings } from "./settings";

/** A chord, or riff notes struck together, in the order of playing, before it has a grip; times in quarters. */
export interface ArrangedChord {
  /** The name to display: the chart's own, or the power chord's if all chords are reduced to power chords. */
  readonly name: string;
  /** The chart's own name. Marks are stored under it. */
  readonly writtenName: string;
  readonly reducedTo: string;
  /** What the chord that is played lacks; empty where it is played whole. */
  readonly leftOut: readonly string[];
  /** The chord to look for on the neck; a placeholder where notes are played. */
  readonly chord: Chord;
  /** The notes of a riff that are struck together here; null for a chord. */
  readonly notes: readonly ChartNote[] | null;
  readonly limits: PlayLimits;
  /** What the player decided about it. */
  readonly marks: readonly Mark[];
  /** From 0: the section, its bar in it, and the chord in that bar; notes come after its chords. */
  readonly section: number;
  readonly bar: number;
  readonly inBar: number;
  /** The bar as played, from 0. */
  readonly playedBar: number;
  /** From the beginning of the song. */
  readonly start: number;
  readonly beats: number;
  /** From its start to the next chord's; its own length for the last. */
  readonly untilNext: number;
  readonly strikes: readonly Strike[];
  readonly texture: string | null;
  readonly place: TextPlace | null;
}

/** A bar as it is played; times in quarters. */
export interface ArrangedBar {
  readonly section: number;
  readonly bar: number;
  readonly start: number;
  readonly beats: number;
  readonly meter: string;
  /** Line number in the chart, from 1. */
  readonly line: number;
  /** Tempo of this bar divided by the song's tempo; 1 unless the chart changes tempo. */
  readonly tempoShare: number;
}

/** A song from its beginning to its end, repeats written out. */
export interface Arrangement {
  readonly chords: readonly ArrangedChord[];
  readonly bars: readonly ArrangedBar[];
  readonly sectionKeys: readonly string[];
  /** In the beat of the song's meter. */
  readonly tempoBpm: number;
  readonly quartersPerBeat: number;
  /** In quarters. */
  readonly length: number;
  /** There are more chords than are planned; the first are. */
  readonly isCut: boolean;
}

/** More chords than any song plays; planning through more would block everything else. */
export const MAX_SONG_CHORDS = 1024;

/** Lays out every chord of a chart that sounds, in the order of the song, as the player wants it played. */
export function arrange(chart: Chart, settings: SongSettings, help: Help = "full"): Arrangement {
  const keys = sectionKeys(chart);
  const songBeat = quartersPerBeat(chart.meter);
  const songBpm = chart.tempoBpm ?? DEFAULT_TEMPO_BPM;
  const songQuarterBpm = songBpm * songBeat;
  const bars: ArrangedBar[] = [];
  let barStart = 0;
  const spans: Span[] = [];
  for (const [section, index] of chart.order) {
    const bar = chart.sections[section]?.bars[index];
    if (!bar) continue;
    const { meter, beats, line, quarterBpm } = bar;
    const tempoShare = (quarterBpm ?? songQuarterBpm) / songQuarterBpm;
    bars.push({ section, bar: index, start: barStart, beats, meter, line, tempoShare });
    const key = keys[section] ?? "";
    const limits = settings.sectionLimits[key] ?? settings.limits;
    const place = { section, bar: index, playedBar: bars.length - 1 };
    const chords = bar.chords.flatMap((written, inBar): readonly Span[] => {
      const chord = chordOf(written, settings, limits);
      if (!chord) return [];
      const marks = marksAt(settings.marks, written.name, key, index, inBar);
      return [
        {
          ...place,
          name: settings.allAsPowerChords ? chord.name : written.name,
          writtenName: written.name,
          reducedTo: written.reducedTo ?? written.name,
          leftOut: chord.tones.kind === "voicing" ? written.leftOut : [],
          chord: thinChord(chord, marks, help),
          notes: null,
          limits,
          marks,
          inBar,
          start: barStart + written.startBeat,
          beats: written.beats,
          texture: written.texture,
          place: written.place,
        },
      ];
    });
    const riff = riffSpans(bar, barStart, { ...place, limits });
    spans.push(...[...chords, ...riff].toSorted((a, b) => a.start - b.start));
    barStart += beats;
  }
  return {
    chords: spans
      .slice(0, MAX_SONG_CHORDS)
      .map((span, index) => finish(span, spans[index + 1]?.start, bars)),
    bars,
    sectionKeys: keys,
    tempoBpm: songBpm,
    quartersPerBeat: songBeat,
    length: barStart,
    isCut: spans.length > MAX_SONG_CHORDS,
  };
}

/** An arranged chord before the next one is known. */
type Span = Omit<ArrangedChord, "untilNext" | "strikes">;

function riffSpans(
  bar: ChartBar,
  barStart: number,
  place: Pick<ArrangedChord, "section" | "bar" | "playedBar" | "limits">,
): readonly Span[] {
  return struckNotes(bar).map(({ notes, name, startBeat, beats }, at) => ({
    ...place,
    name,
    writtenName: name,
    reducedTo: name,
    leftOut: [],
    chord: riffChord(name),
    notes,
    marks: [],
    inBar: bar.chords.length + at,
    start: barStart + startBeat,
    beats,
    texture: notes[0].texture,
    place: notes[0].place,
  }));
}

/** The chord as the player wants such chords: whole, or as its power chord. */
function chordOf(
  { name, reducedTo }: ChartChord,
  { allAsPowerChords, minNotes }: SongSettings,
  { powerChordVoicing }: PlayLimits,
): Chord | null {
  const parts = reducedTo === null ? null : parseChord(name);
  if (!parts) return null;
  if (allAsPowerChords) return powerChordOf(parts, powerChordVoicing);
  const read = readChord(name, { powerChordVoicing, allAsPowerChords: false, minNotes });
  return read.ok ? read.value : null;
}

function finish(
  span: Span,
  nextStart: number | undefined,
  bars: readonly ArrangedBar[],
): ArrangedChord {
  const { start, beats, playedBar, marks } = span;
  const bar = bars[playedBar];
  const sounding = Math.max(0, Math.min(beats, (nextStart ?? Infinity) - start));
  const struck = {
    meter: bar?.meter ?? "4/4",
    startBeat: start - (bar?.start ?? 0),
    beats: sounding,
  };
  const strikes = span.notes ? noteStrike(span.notes, struck) : strikesAs(span.texture, struck);
  return {
    ...span,
    beats: sounding,
    untilNext: (nextStart ?? start + sounding) - start,
    strikes: loosened(strikes, marks),
  };
}

/** Drops or chokes the last strums before a change, as the chord's marks say; the first strum always stays. */
function loosened(strikes: readonly Strike[], marks: readonly Mark[]): readonly Strike[] {
  const mark = marks.find(({ act }) => act === "leave" || act === "scratch");
  if (mark?.act !== "leave" && mark?.act !== "scratch") return strikes;
  const held = strikes.filter(needsGrip).slice(1);
  const last = new Set(held.slice(-mark.strums));
  return mark.act === "leave"
    ? strikes.filter((strike) => !last.has(strike))
    : strikes.map((strike) => (last.has(strike) ? { ...strike, touch: "choked" } : strike));
}
