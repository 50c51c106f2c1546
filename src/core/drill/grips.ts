import { checkFretting, type Fretting } from "@/core/fretting";
import { rankFingers, type Player } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { noteText, pitchClass, spellPitchClass, type Accidentals, type Midi } from "@/core/pitch";

/** A neck in a player's hands, and how they name notes. */
export interface DrillRig {
  readonly neck: Neck;
  readonly player: Player;
  readonly accidentals: Accidentals;
}

/** A grip of a drill, under its chord's name. */
export interface DrillGrip {
  readonly name: string;
  readonly fretting: Fretting;
}

const [FIFTH, OCTAVE] = [7, 12];

/** Root and fifth on a string and the next thinner one; null where the hand cannot hold them. */
export function powerChordAt(rig: DrillRig, string: number, fret: number): DrillGrip | null {
  return voicingAt(rig, string, fret, [0, FIFTH]);
}

/** Root, fifth and octave on three strings. */
export function threeAt(rig: DrillRig, string: number, fret: number): DrillGrip | null {
  return voicingAt(rig, string, fret, [0, FIFTH, OCTAVE]);
}

/** The fifth in the bass and the root above it; `fret` is the root's, on the thinner of the two strings. */
export function invertedAt(rig: DrillRig, string: number, fret: number): DrillGrip | null {
  return invertedWith(rig, string, fret, []);
}

/** Fifth, root and fifth on three strings; `fret` is the root's, on the middle one. */
export function invertedThreeAt(rig: DrillRig, string: number, fret: number): DrillGrip | null {
  return invertedWith(rig, string, fret, [FIFTH]);
}

/** The fifth below a root, the root, and what lies above it on the next strings, in semitones over the root. */
function invertedWith(
  rig: DrillRig,
  string: number,
  fret: number,
  above: readonly number[],
): DrillGrip | null {
  const root = (rig.neck.midi[string + 1] ?? NaN) + fret;
  const notes = [FIFTH - OCTAVE, 0, ...above];
  const placed = notes.map((semitones, index): [number, number] => {
    const on = string + index;
    return [on, root + semitones - (rig.neck.midi[on] ?? NaN)];
  });
  const grip = gripOf(rig, new Map(placed), root);
  return grip && { ...grip, name: `${grip.name}/${nameOf(rig, root + FIFTH)}` };
}

function voicingAt(
  rig: DrillRig,
  string: number,
  fret: number,
  voicing: readonly number[],
): DrillGrip | null {
  const root = (rig.neck.midi[string] ?? NaN) + fret;
  const placed = voicing.map((semitones, index): [number, number] => {
    const on = string + index;
    return [on, root + semitones - (rig.neck.midi[on] ?? NaN)];
  });
  return gripOf(rig, new Map(placed), root);
}

/** A grip with these frets by string, all other strings silent. */
function gripOf(rig: DrillRig, frets: ReadonlyMap<number, number>, root: Midi): DrillGrip | null {
  const { neck, player } = rig;
  if ([...frets.values()].some((fret) => !(fret >= 0 && fret <= neck.frets))) return null;
  const fretting = neck.midi.map((_, string) => frets.get(string) ?? null);
  if (!checkFretting(neck, fretting).ok) return null;
  if (rankFingers(neck, fretting, player).length === 0) return null;
  return { name: `${nameOf(rig, root)}5`, fretting };
}

export function nameOf({ accidentals }: DrillRig, midi: Midi): string {
  return noteText(spellPitchClass(pitchClass(midi), accidentals));
}

/** "6-5" for the thickest pair of six strings: players count from the thinnest. */
export function pairName({ neck }: DrillRig, string: number): string {
  return `${neck.midi.length - string}-${neck.midi.length - string - 1}`;
}

/** The thickest string of the six that most players know. */
export function firstString({ neck }: DrillRig): number {
  return Math.max(0, neck.midi.length - 6);
}
