import { type Midi } from "@/core/pitch";
import { type ChartNote } from "./note";
import { type TextPlace } from "./place";

/** A chord in a bar. */
export interface ChartChord {
  /** As typed, with # and b and a capital root; a Roman numeral as the chord it is in the key; "N.C." for none. */
  readonly name: string;
  /** The power chord that it becomes, "C5/E"; null where nothing is known of it, or nothing sounds. */
  readonly reducedTo: string | null;
  /** What that power chord lacks: degrees, and a bass that is not played ("/E"). */
  readonly leftOut: readonly string[];
  /** In quarters from the beginning of the bar; negative where it comes before it. */
  readonly startBeat: number;
  readonly beats: number;
  /** How it is played, in words that `readTexture` reads; null where nothing is said. */
  readonly texture: string | null;
  /** Where its name stands in the text; null where it goes on from the bar before. */
  readonly place: TextPlace | null;
}

export interface ChartBar {
  /** "6/8". */
  readonly meter: string;
  /** Its length in quarters. */
  readonly beats: number;
  /** Quarter notes per minute; null if the chart gives no tempo up to here. */
  readonly quarterBpm: number | null;
  readonly chords: readonly ChartChord[];
  /** In order of their start; those of one slot share its start. */
  readonly notes: readonly ChartNote[];
  /** From 1. */
  readonly line: number;
}

export interface ChartSection {
  readonly name: string;
  /** From 1: its heading, or where there is none, its first bar. */
  readonly line: number;
  readonly bars: readonly ChartBar[];
  /** The tuning named under the heading, thickest string first; null where the song's tuning holds. */
  readonly tuningMidi: readonly Midi[] | null;
}

/** A line that is no chords: kept, shown small, never needed. */
export interface KeptLine {
  /** From 1. */
  readonly line: number;
  readonly text: string;
  readonly kind: "lyric" | "comment" | "directive";
}

/** Something in the text that could not be taken as it stands. */
export interface ChartProblem {
  /** From 1. */
  readonly line: number;
  /** From 1, in UTF-16 units. */
  readonly column: number;
  readonly length: number;
  readonly text: string;
  readonly message: string;
}

/** What the text of a chart says. */
export interface Chart {
  readonly title: string | null;
  readonly key: string | null;
  /** In the meter's own beat: the dotted quarter in 6/8, 9/8 and 12/8. */
  readonly tempoBpm: number | null;
  readonly meter: string;
  /** The song's tuning, named above the first section, thickest string first; null if there is none. */
  readonly tuningMidi: readonly Midi[] | null;
  readonly sections: readonly ChartSection[];
  /** What is played, in order, with every repeat written out: section and bar, from 0. */
  readonly order: readonly (readonly [section: number, bar: number])[];
  readonly kept: readonly KeptLine[];
  readonly problems: readonly ChartProblem[];
  /** Where chords and the key stand, so that they can be written anew and all else left alone. */
  readonly chordPlaces: readonly TextPlace[];
  /** Where slots of notes stand. */
  readonly notePlaces: readonly TextPlace[];
  readonly keyPlaces: readonly TextPlace[];
}
