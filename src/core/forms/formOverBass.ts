import { type Fretting } from "@/core/fretting";
import { pitchClass, type Midi, type PitchClass } from "@/core/pitch";
import { FORMS, type Form, type FormNode } from "./formTree";

/** The note of a form's root string, before any other. */
const ROOT_NOTE = FORMS.notes.get(0) ?? FORMS;
/** Strings of a form, from that of its root, that may be missing under the bass. */
const MAX_MISSING = 2;
const OCTAVE = 12;

/**
 * Whether a form that players know lies above the bass of a grip: the whole form above one more note (C/E is
 * 0 3 2 0 1 0), the form with its root moved to the bass (G/F# is 2 x 0 0 0 3), or a form whose thicker
 * strings are silent (G/D is x x 0 0 0 3). Shapes of open chords count only where a string rings open.
 *
 * @param midi sounding pitches, thickest string first; the first of them is the bass
 * @param root of the chord without its bass
 */
export function isFormOverBass(
  fretting: Fretting,
  midi: readonly Midi[],
  root: PitchClass,
): boolean {
  const [bass, second] = midi;
  if (bass === undefined || second === undefined) return false;
  const bassString = fretting.findIndex((fret) => fret !== null);
  const nextString = fretting.findIndex((fret, string) => string > bassString && fret !== null);
  const rest = fretting.slice(bassString + 1);
  const above = midi.slice(1);
  const isKnown = ({ isMovable }: Form) => isMovable || fretting.includes(0);
  const ends = (node: FormNode, strings: Fretting, pitches: readonly Midi[], rootMidi: Midi) =>
    mayEndInForm(node, strings, pitches, rootMidi, isKnown);
  if (
    pitchClass(second) === root &&
    ends(ROOT_NOTE, fretting.slice(nextString + 1), midi.slice(2), second)
  ) {
    return true;
  }
  const aboveRoot = pitchClass(bass - root);
  const nearestRoot = bass - aboveRoot + (aboveRoot > OCTAVE / 2 ? OCTAVE : 0);
  if (ends(ROOT_NOTE, rest, above, nearestRoot)) return true;
  let missing: readonly FormNode[] = [ROOT_NOTE];
  for (let strings = 0; strings <= MAX_MISSING; strings++) {
    const tails = missing.flatMap((node) => node.notes.get(aboveRoot) ?? []);
    if (tails.some((tail) => ends(tail, rest, above, bass - aboveRoot))) return true;
    missing = missing.flatMap(followersOf);
  }
  return false;
}

/** Whether the strings that are left end a form; a silent one may stand for any note of it. */
function mayEndInForm(
  node: FormNode,
  strings: Fretting,
  midi: readonly Midi[],
  rootMidi: Midi,
  isKnown: (form: Form) => boolean,
): boolean {
  if (midi.length === 0) return node.forms.some(isKnown);
  const [fret = null, ...rest] = strings;
  if (fret === null) {
    return followersOf(node).some((next) => mayEndInForm(next, rest, midi, rootMidi, isKnown));
  }
  const [pitch = rootMidi, ...above] = midi;
  const next = node.notes.get(pitch - rootMidi);
  return next !== undefined && mayEndInForm(next, rest, above, rootMidi, isKnown);
}

/** The node one string on, whatever it sounds. */
function followersOf({ notes, silent }: FormNode): readonly FormNode[] {
  return silent ? [...notes.values(), silent] : [...notes.values()];
}
