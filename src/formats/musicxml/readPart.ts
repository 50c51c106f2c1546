import { type Fretting } from "@/core/fretting";
import { type Finger } from "@/core/hand";
import { type Midi } from "@/core/pitch";
import { meterBeats } from "@/formats/chartText";
import { readJumps } from "./jumps";
import { type MeasureSigns } from "./order";
import { readFrame } from "./readFrame";
import { readHarmony } from "./harmony";
import { readLyrics, type Syllable } from "./lyrics";
import { at, child, childrenOf, numberIn, textOf, type XmlNode } from "./tree";

/** A note of a part, as far as a guitar needs it; times in quarters. */
export interface PartNote {
  readonly start: number;
  beats: number;
  /** What sounds; null where it has no pitch. */
  readonly midi: Midi | null;
  /** From 1, the thinnest; null without tablature. */
  readonly string: number | null;
  readonly fret: number | null;
  readonly finger: Finger | 0;
  readonly marks: readonly string[];
  /** A slide comes to it, up or down as its frets say. */
  readonly isSlidTo: boolean;
  readonly staff: number;
}

export interface PartHarmony {
  readonly start: number;
  readonly name: string;
  readonly isKnown: boolean;
  readonly line: number;
  readonly frame: { readonly fretting: Fretting; readonly fingers: readonly (Finger | 0)[] } | null;
}

/** A measure of a part; times from its own beginning. */
export interface PartMeasure extends MeasureSigns {
  readonly line: number;
  readonly meter: string;
  readonly beats: number;
  readonly quartersPerMinute: number | null;
  /** A section that begins here. */
  readonly rehearsal: string | null;
  readonly notes: readonly PartNote[];
  readonly harmonies: readonly PartHarmony[];
  readonly syllables: readonly Syllable[];
}

/** A part as it is read from its measures. */
export interface Part {
  readonly measures: readonly PartMeasure[];
  /** As the first staff with strings says: pitches from the thickest, without the capo; null for a string that is not said. */
  readonly tuning: readonly (Midi | null)[] | null;
  readonly capo: number;
  readonly fifths: number | null;
  readonly isMinor: boolean;
  /** What was met and is not read. */
  readonly unread: ReadonlySet<string>;
}

const STEPS: Readonly<Record<string, number>> = { C: 0, D: 2, E: 4, F: 5, G: 7, A: 9, B: 11 };
const ROUNDING = 1e-6;
const LONGEST_NAME = 60;
const UNREAD = new Set(["grace", "bend"]);

/** Reads the measures of one part, each with what holds from the ones before it. */
export function readPart(nodes: readonly XmlNode[]): Part {
  let divisions = 1;
  let meter = "4/4";
  let transposed = 0;
  let tuning: readonly (Midi | null)[] | null = null;
  let capo = 0;
  let fifths: number | null = null;
  let isMinor = false;
  /** Notes that a tie goes on from, by string or pitch. */
  const tied = new Map<string, PartNote & { readonly measure: number }>();
  const unread = new Set<string>();
  const measures: PartMeasure[] = [];

  const readAttributes = (node: XmlNode) => {
    divisions = numberIn(node, "divisions") ?? divisions;
    if (!(divisions > 0)) divisions = 1;
    const time = child(node, "time");
    const said = `${textOf(child(time, "beats"))}/${textOf(child(time, "beat-type"))}`;
    if (/^\d{1,2}\/(?:2|4|8|16)$/.test(said) && meterBeats(said) > 0) meter = said;
    const transpose = child(node, "transpose");
    if (transpose) {
      const octaves = numberIn(transpose, "octave-change") ?? 0;
      transposed = Math.round((numberIn(transpose, "chromatic") ?? 0) + 12 * octaves);
    }
    const key = child(node, "key");
    if (key && fifths === null) {
      fifths = numberIn(key, "fifths");
      isMinor = textOf(child(key, "mode")) === "minor";
    }
    for (const details of childrenOf(node, "staff-details")) {
      tuning ??= readTuning(details);
      capo = Math.max(0, Math.min(24, Math.round(numberIn(details, "capo") ?? capo)));
    }
  };

  for (const [index, measure] of nodes.entries()) {
    let cursor = 0;
    let previousStart = 0;
    let longest = 0;
    let quartersPerMinute: number | null = null;
    let rehearsal: string | null = null;
    const signs = {
      opens: false,
      closes: null as number | null,
      ending: null as number[] | null,
      endsEnding: false,
    };
    const notes: PartNote[] = [];
    const harmonies: PartHarmony[] = [];
    const syllables: Syllable[] = [];
    const quarters = (node: XmlNode, name: string) => (numberIn(node, name) ?? 0) / divisions;
    for (const node of measure.children) {
      if (node.name === "attributes") readAttributes(node);
      else if (node.name === "backup") cursor = Math.max(0, cursor - quarters(node, "duration"));
      else if (node.name === "forward") {
        cursor += Math.max(0, quarters(node, "duration"));
        longest = Math.max(longest, cursor);
      } else if (node.name === "note") {
        const isChord = child(node, "chord") !== undefined;
        syllables.push(...readLyrics(node, isChord ? previousStart : cursor));
        if (child(node, "grace") ?? child(node, "cue")) {
          if (child(node, "grace")) unread.add("grace");
          continue;
        }
        const beats = Math.max(0, quarters(node, "duration"));
        const start = isChord ? previousStart : cursor;
        if (!isChord) {
          previousStart = cursor;
          cursor += beats;
          longest = Math.max(longest, cursor);
        }
        const note = readNote(node, start, beats, transposed);
        if (!note) continue;
        const key = `${note.staff} ${note.string ?? ""} ${note.fret ?? ""} ${note.midi ?? ""}`;
        const ties = childrenOf(node, "tie").map(({ attributes }) => attributes.type);
        const before = tied.get(key);
        if (ties.includes("stop") && before) before.beats += beats;
        else notes.push(note);
        if (!ties.includes("start")) tied.delete(key);
        else if (!(ties.includes("stop") && before))
          tied.set(key, Object.assign(note, { measure: index }));
      } else if (node.name === "harmony") {
        const offset = quarters(node, "offset");
        const read = readHarmony(node, transposed);
        if (!read) unread.add("harmony");
        else {
          const start = Math.max(0, cursor + offset);
          harmonies.push({
            start,
            line: node.line,
            frame: readFrame(child(node, "frame")),
            ...read,
          });
        }
      } else if (node.name === "direction" || node.name === "sound") {
        const sound = node.name === "sound" ? node : child(node, "sound");
        const tempo = Number(sound?.attributes.tempo ?? NaN);
        if (tempo > 0) quartersPerMinute ??= tempo;
        for (const type of childrenOf(node, "direction-type")) {
          const name = textOf(child(type, "rehearsal"));
          if (name !== "") rehearsal ??= name.slice(0, LONGEST_NAME);
          quartersPerMinute ??= metronomeOf(child(type, "metronome"));
          for (const sign of type.children) if (UNREAD.has(sign.name)) unread.add(sign.name);
        }
        if (sound?.attributes["forward-repeat"] === "yes") signs.opens = true;
      } else if (node.name === "barline") readBarline(node, signs);
    }
    const whole = meterBeats(meter);
    const isOwnLength =
      longest > whole + ROUNDING ||
      (longest > 0 && (index === 0 || measure.attributes.implicit === "yes"));
    measures.push({
      line: measure.line,
      meter,
      beats: isOwnLength ? longest : whole,
      quartersPerMinute,
      rehearsal,
      notes,
      harmonies,
      syllables,
      ...signs,
      ...readJumps(measure),
    });
  }
  return { measures, tuning, capo, fifths, isMinor, unread };
}

function readBarline(
  node: XmlNode,
  signs: { opens: boolean; closes: number | null; ending: number[] | null; endsEnding: boolean },
): void {
  const repeat = child(node, "repeat")?.attributes;
  if (repeat?.direction === "forward") signs.opens = true;
  if (repeat?.direction === "backward") {
    signs.closes = Math.min(50, Math.max(2, Math.round(Number(repeat.times ?? 2)) || 2));
  }
  const ending = child(node, "ending")?.attributes;
  if (ending?.type === "start") {
    const numbers = (ending.number ?? "")
      .match(/\d+/g)
      ?.map(Number)
      .filter((each) => each > 0);
    signs.ending = numbers && numbers.length > 0 ? numbers : [1];
  } else if (ending) signs.endsEnding = true;
}

function metronomeOf(node: XmlNode | undefined): number | null {
  const perMinute = Number(/\d+(?:\.\d+)?/.exec(textOf(child(node, "per-minute")))?.[0] ?? NaN);
  const unit = { half: 2, quarter: 1, eighth: 0.5 }[textOf(child(node, "beat-unit"))];
  if (!(perMinute > 0) || unit === undefined) return null;
  return perMinute * unit * (child(node, "beat-unit-dot") ? 1.5 : 1);
}

function readTuning(details: XmlNode): readonly (Midi | null)[] | null {
  const said = childrenOf(details, "staff-tuning");
  if (said.length === 0) return null;
  const lines = Math.max(
    numberIn(details, "staff-lines") ?? 0,
    ...said.map(({ attributes }) => Number(attributes.line) || 0),
  );
  if (lines < 1 || lines > 12) return null;
  return Array.from({ length: lines }, (_, line) => {
    const node = said.find(({ attributes }) => Number(attributes.line) === line + 1);
    return node ? pitchOf(node, "tuning-step", "tuning-alter", "tuning-octave") : null;
  });
}

function pitchOf(node: XmlNode, step: string, alter: string, octave: string): Midi | null {
  const semitone = STEPS[textOf(child(node, step))];
  const height = numberIn(node, octave);
  if (semitone === undefined || height === null) return null;
  return Math.round(12 * (height + 1) + semitone + (numberIn(node, alter) ?? 0));
}

function readNote(
  node: XmlNode,
  start: number,
  beats: number,
  transposed: number,
): PartNote | null {
  if (child(node, "rest")) return null;
  const pitch = child(node, "pitch");
  const written = pitch ? pitchOf(pitch, "step", "alter", "octave") : null;
  const notations = childrenOf(node, "notations");
  const technical = notations.flatMap((each) => childrenOf(each, "technical"));
  const all = technical.flatMap(({ children }) => children);
  const find = (name: string) => all.find((each) => each.name === name);
  const stops = (name: string) =>
    all.some((each) => each.name === name && each.attributes.type === "stop");
  const head = textOf(child(node, "notehead"));
  const isMuted = childrenOf(node, "play").some((play) => textOf(child(play, "mute")) === "palm");
  const marks = [
    ...(isMuted ? ["pm"] : []),
    ...(head === "x" || head === "cross" ? ["x"] : []),
    ...(stops("hammer-on") ? ["h"] : []),
    ...(stops("pull-off") ? ["p"] : []),
    ...(find("bend") ? ["b"] : []),
  ];
  const isSlidTo = notations.some((each) =>
    each.children.some(
      ({ name, attributes }) =>
        (name === "slide" || name === "glissando") && attributes.type === "stop",
    ),
  );
  const string = whole(textOf(find("string")), 1, 12);
  const fret = whole(textOf(find("fret")), 0, 36);
  const finger = textOf(find("fingering"));
  return {
    start,
    beats,
    midi: written === null ? null : written + transposed,
    string,
    fret: string === null ? null : fret,
    finger: /^[1-4]$/.test(finger) ? (Number(finger) as Finger) : /^t$/i.test(finger) ? "T" : 0,
    marks,
    isSlidTo,
    staff: Number(textOf(at(node, "staff"))) || 1,
  };
}

function whole(text: string, min: number, max: number): number | null {
  const number = Number(text);
  return text !== "" && Number.isInteger(number) && number >= min && number <= max ? number : null;
}
