import { type Fretting } from "@/core/fretting";
import { pitchClass, type Midi } from "@/core/pitch";
import { usualMidi } from "@/core/tuning";
import { MOVABLE_FORMS, OPEN_FORMS, type FormLetter } from "./formTable";

/** A shape that players know, whatever fret it is moved to. */
export interface Form {
  readonly letter: FormLetter;
  /** "major", "minor", "m7"... */
  readonly kind: string;
  /** As usual on any fret as with open strings. */
  readonly isMovable: boolean;
  /** By string from that of the root: frets from the root's in standard tuning; null for a silent string. */
  readonly steps: readonly (number | null)[];
}

/** All forms that begin with the same strings, thickest first. */
export interface FormNode {
  /** The forms whose thinnest note this is; of one sound, laid out over different strings. */
  readonly forms: readonly Form[];
  /** By semitones of the next string over the root. */
  readonly notes: ReadonlyMap<number, FormNode>;
  /** The next string is silent, and a thinner one sounds. */
  readonly silent: FormNode | null;
}

interface Branch {
  readonly forms: Form[];
  readonly notes: Map<number, Branch>;
  silent: Branch | null;
}

const STANDARD = usualMidi(6);

/** Before the first note, which is the root. */
export const FORMS: FormNode = plantForms();

function plantForms(): FormNode {
  const tree = newBranch();
  for (const table of [MOVABLE_FORMS, OPEN_FORMS]) {
    for (const line of table.trim().split("\n")) {
      const [name = "", shapes = ""] = line.split(": ");
      const [letter = "", kind = ""] = name.split(" ");
      for (const shape of shapes.split(", ")) {
        plant(tree, shape.split(" "), {
          letter: letter as FormLetter,
          kind,
          isMovable: table === MOVABLE_FORMS,
        });
      }
    }
  }
  return tree;
}

function newBranch(): Branch {
  return { forms: [], notes: new Map(), silent: null };
}

function plant(tree: Branch, shape: readonly string[], form: Omit<Form, "steps">): void {
  const rootString = shape.findIndex((step) => step !== "x");
  const thinnest = shape.findLastIndex((step) => step !== "x");
  const steps = shape
    .slice(rootString, thinnest + 1)
    .map((step) => (step === "x" ? null : Number(step)));
  let branch = tree;
  for (const [index, step] of steps.entries()) {
    if (step === null) {
      branch = branch.silent ??= newBranch();
      continue;
    }
    const semitones = (STANDARD[rootString + index] ?? 0) + step - (STANDARD[rootString] ?? 0);
    const next = branch.notes.get(semitones) ?? newBranch();
    branch.notes.set(semitones, next);
    branch = next;
  }
  branch.forms.push({ ...form, steps });
}

/**
 * The forms that a grip may still become once one more string sounds.
 *
 * @param silent silent strings since the last that sounded
 * @param semitones of the new note over the root; 0 for the first note, which must be the root
 */
export function soundNext(node: FormNode, silent: number, semitones: number): FormNode | null {
  return skipSilent(node, silent)?.notes.get(semitones) ?? null;
}

/** Whether a grip that ends in so many silent strings is a form, or may become one. */
export function mayBeForm(node: FormNode, silent: number, isWhole: boolean): boolean {
  return node.forms.length > 0 || (!isWhole && skipSilent(node, silent) !== null);
}

/** Whether any form sounds just these strings; the same for each string that is silent on the outside. */
export function hasFormOn(playing: readonly boolean[]): boolean {
  const inside = playing.slice(playing.indexOf(true), playing.lastIndexOf(true) + 1);
  const isReached = (node: FormNode | null, at: number): boolean => {
    if (!node) return false;
    if (at === inside.length) return node.forms.length > 0;
    if (!inside[at]) return isReached(node.silent, at + 1);
    return [...node.notes.values()].some((next) => isReached(next, at + 1));
  };
  return isReached(FORMS, 0);
}

function skipSilent(node: FormNode, silent: number): FormNode | null {
  let skipped: FormNode | null = node;
  for (let string = 0; string < silent; string++) skipped = skipped?.silent ?? null;
  return skipped;
}

/**
 * The form of a fretting, known in any tuning by how its notes lie to each other: its root is its thickest
 * note, and each string sounds the form's distance above it or is silent. Of several the one that has its usual
 * frets; null for none.
 *
 * @param midi sounding pitches, thickest string first
 */
export function formOf(fretting: Fretting, midi: readonly Midi[]): Form | null {
  const root = midi[0] ?? 0;
  let node: FormNode | null = FORMS;
  let silent = 0;
  let note = 0;
  for (const fret of fretting) {
    if (fret === null) {
      if (note > 0) silent++;
      continue;
    }
    node = soundNext(node, silent, (midi[note] ?? 0) - root);
    if (!node) return null;
    silent = 0;
    note++;
  }
  const { forms } = node;
  return forms.find((form) => isOnUsualFrets(form, fretting)) ?? forms[0] ?? null;
}

/**
 * Whether a grip is a power chord or an octave, in any tuning: its root is its thickest note, and only fifths and
 * octaves of it sound above.
 *
 * @param tones semitones over the root by string, null where silent
 */
export function powerChordFormOf(
  tones: readonly (number | null)[],
): "power chord" | "octave" | null {
  const sounding = tones.filter((tone) => tone !== null);
  if (sounding.length < 2 || sounding[0] !== 0) return null;
  const degrees = new Set(sounding.map(pitchClass));
  if (degrees.size === 1) return "octave";
  return degrees.size === 2 && degrees.has(7) ? "power chord" : null;
}

/** Whether a form lies on the frets that it has in standard tuning, as in every tuning with the same gaps there. */
export function isOnUsualFrets({ steps }: Form, fretting: Fretting): boolean {
  const rootString = fretting.findIndex((fret) => fret !== null);
  const rootFret = fretting[rootString] ?? 0;
  return steps.every((step, index) => {
    const fret = fretting[rootString + index] ?? null;
    return step === null ? fret === null : fret === rootFret + step;
  });
}
