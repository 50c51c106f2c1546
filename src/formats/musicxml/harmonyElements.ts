import { parseChord } from "@/core/chart";
import { noteText, pitchClassOf, spellPitchClass, type Note } from "@/core/pitch";
import { type Tuning } from "@/core/tuning";
import { type InSong, type Score, type ScoreChord } from "@/formats/score";
import { kindOf } from "./harmony";
import { divisions } from "./noteElements";
import { element, type XmlElement } from "./xml";

const AT_NUT = 4;
const FEWEST_FRAME_FRETS = 4;
const ROUNDING = 1e-6;

/** A chord's name and its grip; none of it where it has no name that is known. */
export function harmony(
  chord: InSong<ScoreChord>,
  offset: number,
  { names, capo }: Score,
  tuning: Tuning,
): readonly XmlElement[] {
  const placed = offset > ROUNDING ? element("offset", divisions(offset)) : null;
  if (chord.name === "N.C.") {
    const none = [root(spellPitchClass(0)), element("kind", "none", { text: "N.C." }), placed];
    return [element("harmony", none)];
  }
  const parts = parseChord(chord.name);
  if (!parts) return [];
  const shift = names === "shape" ? capo : 0;
  const sounding = (note: Note) =>
    shift === 0 ? note : spellPitchClass(pitchClassOf(note) + shift);
  const { kind, degrees } = kindOf(parts.quality);
  const bass = parts.bass && sounding(parts.bass);
  const isOwnBass = bass && noteText(bass) !== noteText(parts.root);
  return [
    element("harmony", [
      root(sounding(parts.root)),
      element("kind", kind, { text: parts.quality.suffix }),
      bass && isOwnBass ? element("bass", alterable("bass", bass)) : null,
      ...degrees.map(({ value, alter, type }) =>
        element("degree", [
          element("degree-value", value),
          element("degree-alter", alter),
          element("degree-type", type),
        ]),
      ),
      chord.fretting ? frame(chord, tuning.midi.length) : null,
      placed,
    ]),
  ];
}

function root(note: Note): XmlElement {
  return element("root", alterable("root", note));
}

function alterable(name: string, { letter, accidental }: Note): readonly (XmlElement | null)[] {
  return [
    element(`${name}-step`, letter),
    accidental === 0 ? null : element(`${name}-alter`, accidental),
  ];
}

function frame({ fretting, fingers }: ScoreChord, strings: number): XmlElement {
  const all = fretting ?? [];
  const pressed = all.filter((fret) => fret !== null && fret > 0) as number[];
  const highest = Math.max(0, ...pressed);
  const first = highest <= AT_NUT ? 1 : Math.min(...pressed);
  return element("frame", [
    element("frame-strings", strings),
    element("frame-frets", Math.max(FEWEST_FRAME_FRETS, highest - first + 1)),
    first > 1 ? element("first-fret", first) : null,
    ...all.flatMap((fret, string) =>
      fret === null
        ? []
        : [
            element("frame-note", [
              element("string", strings - string),
              element("fret", fret),
              fingers?.[string] ? element("fingering", fingers[string] ?? 0) : null,
            ]),
          ],
    ),
  ]);
}
