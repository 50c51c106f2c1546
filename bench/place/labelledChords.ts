import { DEFAULT_CHORD_OPTIONS, readChord, type Chord } from "@/core/chart";
import { compareFrettings, type Fretting } from "@/core/fretting";
import { makeGripSearch, DEFAULT_WEIGHTS } from "@/core/gripSearch";
import { type Neck } from "@/core/neck";
import { noteText, pitchClass, pitchClassOf, spellPitchClass } from "@/core/pitch";
import { readTuning } from "@/core/tuning";
import { neckFor, readFrets } from "../hand/labelled";
import {
  ALSO_RIGHT,
  ALTERED_ALSO_RIGHT,
  ALTERED_CHORDS,
  MOVABLE_FORMS,
  OPEN_CHORDS,
  SLASH_CHORDS,
} from "./chordForms";

/** A whole chord in a tuning, with every place that counts as right for it. */
export interface LabelledChord {
  readonly tuning: string;
  readonly neck: Neck;
  readonly chord: Chord;
  readonly accepted: readonly Fretting[];
  readonly why: string;
  /** Excluded from every fit. */
  readonly isHeldOut: boolean;
}

const STANDARD = "standard";
/** Tunings with the gaps of standard tuning, where players keep its shapes; only majors and minors are labelled again. */
const SHIFTED = ["Eb standard", "D standard", "C standard"];
const SHIFTED_KINDS = ["", "m"];
const ROOTS = Array.from({ length: 12 }, (_, root) => root);

/** With the places that the second look added, or as first labelled. */
export function labelledChords(hasSecondLook = true): readonly LabelledChord[] {
  const movable = linesOf(hasSecondLook ? `${MOVABLE_FORMS.trim()}\n${ALSO_RIGHT}` : MOVABLE_FORMS);
  const standard = KINDS.flatMap((kind) => chordsOf(STANDARD, kind, movable));
  const shifted = SHIFTED.flatMap((tuning) =>
    SHIFTED_KINDS.flatMap((kind) => chordsOf(tuning, kind, movable)),
  );
  return [
    ...standard,
    ...shifted,
    ...writtenOut(ALTERED_CHORDS, hasSecondLook ? ALTERED_ALSO_RIGHT : ""),
  ];
}

const KINDS = [...new Set(linesOf(MOVABLE_FORMS).map(([kind = ""]) => kind))];

/** The share of chords whose first grip is accepted, and the share with an accepted one in the first three. */
export function chordAgreement(chords: readonly LabelledChord[]): {
  readonly first: number;
  readonly inThree: number;
  readonly rejected: readonly (readonly [LabelledChord, Fretting | undefined])[];
} {
  const firsts = chords.map(({ neck, chord }) =>
    makeGripSearch(neck, {}, DEFAULT_WEIGHTS)
      .cheapest(neck.midi, chord, 3)
      .map(({ fretting }) => fretting),
  );
  const isAccepted = (index: number, fretting: Fretting) =>
    chords[index]?.accepted.some((each) => compareFrettings(each, fretting) === 0) ?? false;
  const share = (max: number) =>
    firsts.filter((found, index) => found.slice(0, max).some((each) => isAccepted(index, each)))
      .length / chords.length;
  return {
    first: share(1),
    inThree: share(3),
    rejected: chords.flatMap((chord, index) => {
      const [first] = firsts[index] ?? [];
      return first && isAccepted(index, first) ? [] : [[chord, first] as const];
    }),
  };
}

/** The labels for one kind of chord at every root, in a tuning with the gaps of standard tuning. */
function chordsOf(
  tuning: string,
  kind: string,
  movable: readonly (readonly string[])[],
): readonly LabelledChord[] {
  const neck = neckOf(tuning);
  const open = linesOf(OPEN_CHORDS).filter(([each]) => each === kind);
  const forms = movable.filter(([each]) => each === kind);
  // The table names open chords as they sound in standard tuning.
  const lowered = (neck.midi[0] ?? 0) - (neckOf(STANDARD).midi[0] ?? 0);
  return ROOTS.flatMap((root, index) => {
    const name = `${noteText(spellPitchClass(root))}${kind}`;
    const shape = noteText(spellPitchClass(pitchClass(root - lowered)));
    const opens = open.flatMap(([, list = "", why = ""]) =>
      fretsFor(list, shape).map((fretting) => ({ fretting, why })),
    );
    const moved = forms.flatMap(([, string = "", steps = "", from = "", to = "", why = ""]) => {
      const above = pitchClass(root - (neck.midi[Number(string)] ?? 0));
      return above < Number(from) || above > Number(to)
        ? []
        : [{ fretting: movedBy(steps, above), why }];
    });
    const all = [...opens, ...moved];
    return all.length === 0
      ? []
      : [
          {
            tuning,
            neck,
            chord: chordNamed(name),
            accepted: all.map(({ fretting }) => fretting),
            why: all.map(({ why }) => why).join("; "),
            isHeldOut: (index + KINDS.indexOf(kind)) % 2 === 1,
          },
        ];
  });
}

/** Chords over another bass. */
export function labelledSlashChords(): readonly LabelledChord[] {
  return writtenOut(SLASH_CHORDS);
}

/** A table that names each chord of a tuning with its frets. */
function writtenOut(table: string, further = ""): readonly LabelledChord[] {
  const added = new Map(
    further
      .trim()
      .split("\n")
      .flatMap((line) => {
        const [tuning = "", rest = ""] = line.split("; ");
        const [list = ""] = rest.split(" | ");
        return list.split(" / ").map((each) => {
          const [name = "", frets = ""] = each.split(": ");
          return [`${tuning} ${name}`, frets] as const;
        });
      }),
  );
  return linesOf(table).flatMap(([tuning = "", list = "", why = ""]) =>
    list.split(" / ").map((each, index) => {
      const [name = "", frets = ""] = each.split(": ");
      const also = added.get(`${tuning} ${name}`);
      const accepted = [...frets.split(", "), ...(also ? [also] : [])].map(readFrets);
      const neck = neckOf(tuning);
      return { tuning, neck, chord: chordNamed(name), accepted, why, isHeldOut: index % 2 === 1 };
    }),
  );
}

/** Splits a table into lines of cells; the last cell of each line is its reason. */
function linesOf(table: string): readonly (readonly string[])[] {
  return table
    .trim()
    .split("\n")
    .map((line) => {
      const [cells = "", why = ""] = line.split(" | ");
      return [...cells.split(";").map((cell) => cell.trim()), why];
    });
}

function fretsFor(list: string, root: string): readonly Fretting[] {
  const found = list.split(" / ").find((each) => each.startsWith(`${root}: `));
  return found
    ? found
        .slice(root.length + 2)
        .split(", ")
        .map(readFrets)
    : [];
}

function movedBy(steps: string, fret: number): Fretting {
  return readFrets(steps).map((step) => (step === null ? null : step + fret));
}

function chordNamed(name: string): Chord {
  const read = readChord(name, DEFAULT_CHORD_OPTIONS);
  if (!read.ok) throw new RangeError(`${name}: ${read.problem.message}`);
  return read.value;
}

const necks = new Map<string, Neck>();

function neckOf(tuning: string): Neck {
  const known = necks.get(tuning);
  if (known) return known;
  const read = readTuning(tuning);
  if (!read.ok) throw new RangeError(`${tuning}: ${read.problem.message}`);
  const neck = neckFor(read.value.tuning.midi);
  necks.set(tuning, neck);
  return neck;
}

/** The pitch class of a labelled chord's root. */
export function rootOf({ chord }: LabelledChord): number {
  return pitchClassOf(chord.root);
}
