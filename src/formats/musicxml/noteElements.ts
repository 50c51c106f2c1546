import { octaveOf, spellPitchClass, type Midi } from "@/core/pitch";
import { type Tuning } from "@/core/tuning";
import { type InSong, type ScoreChord, type ScoreNote } from "@/formats/score";
import { type NoteValue } from "./durations";
import { DIVISIONS, type GroupedNote } from "./voices";
import { element, type XmlElement } from "./xml";

/** How far a bend goes where nothing is said: a whole step (common practice). */
const BEND_SEMITONES = 2;

/** What stands before and after each note on its string. */
export interface Links {
  readonly next: ReadonlyMap<InSong<ScoreNote>, InSong<ScoreNote>>;
  readonly tuning: Tuning;
  readonly capo: number;
}

export function noteElement(
  { note, isTiedFrom, isTiedTo }: GroupedNote,
  isChord: boolean,
  value: NoteValue,
  piece: { readonly isFirst: boolean; readonly isLast: boolean },
  voice: number,
  chord: InSong<ScoreChord> | undefined,
  links: Links,
): XmlElement {
  const { tuning, capo } = links;
  const midi = (tuning.midi[note.string] ?? 0) + capo + note.fret;
  const stops = isTiedFrom || !piece.isFirst;
  const starts = isTiedTo || !piece.isLast;
  const marks = note.mark?.split(" ") ?? [];
  const isBegun = !stops;
  const isEnded = !starts;
  const next = links.next.get(note)?.mark?.split(" ") ?? [];
  const own = isBegun ? marks : [];
  const coming = isEnded ? next : [];
  const finger = chord?.fretting?.[note.string] === note.fret ? chord.fingers?.[note.string] : 0;
  const link = (mark: string, name: string, text: string) => [
    own.includes(mark) ? element(name, "", { type: "stop", number: 1 }) : null,
    coming.includes(mark) ? element(name, text, { type: "start", number: 1 }) : null,
  ];
  const slides = (marked: readonly string[]) => marked.includes("/") || marked.includes("\\");
  const slide = (type: "start" | "stop") =>
    element("slide", "", { type, number: 1, "line-type": "solid" });
  return element("note", [
    isChord ? element("chord") : null,
    element("pitch", pitch(midi, "step", "alter", "octave")),
    element("duration", divisions(value.quarters)),
    stops ? element("tie", [], { type: "stop" }) : null,
    starts ? element("tie", [], { type: "start" }) : null,
    element("voice", voice),
    ...typeElements(value),
    marks.includes("x") ? element("notehead", "x") : null,
    element("notations", [
      stops ? element("tied", [], { type: "stop" }) : null,
      starts ? element("tied", [], { type: "start" }) : null,
      slides(own) ? slide("stop") : null,
      slides(coming) ? slide("start") : null,
      element("technical", [
        ...link("h", "hammer-on", "H"),
        ...link("p", "pull-off", "P"),
        element("string", tuning.midi.length - note.string),
        element("fret", note.fret),
        finger ? element("fingering", finger) : null,
        marks.includes("b") ? element("bend", [element("bend-alter", BEND_SEMITONES)]) : null,
      ]),
    ]),
    marks.includes("pm") ? element("play", [element("mute", "palm")]) : null,
  ]);
}

export function rest(
  quarters: number,
  voice: number,
  isWhole: boolean,
  value?: NoteValue,
): XmlElement {
  return element("note", [
    element("rest", [], isWhole ? { measure: "yes" } : {}),
    element("duration", divisions(quarters)),
    element("voice", voice),
    ...(value ? typeElements(value) : []),
  ]);
}

function typeElements({ type, isDotted, isTriplet }: NoteValue): readonly (XmlElement | null)[] {
  if (type === null) return [];
  return [
    element("type", type),
    isDotted ? element("dot") : null,
    isTriplet
      ? element("time-modification", [element("actual-notes", 3), element("normal-notes", 2)])
      : null,
  ];
}

export function pitch(
  midi: Midi,
  step: string,
  alter: string,
  octave: string,
): readonly (XmlElement | null)[] {
  const note = spellPitchClass(midi);
  return [
    element(step, note.letter),
    note.accidental === 0 ? null : element(alter, note.accidental),
    element(octave, Math.max(0, octaveOf(note, midi))),
  ];
}

export function divisions(quarters: number): number {
  return Math.max(1, Math.round(quarters * DIVISIONS));
}
