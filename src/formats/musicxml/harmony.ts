import { findQuality, QUALITIES, type Quality } from "@/core/chart";
import {
  noteText,
  spellPitchClass,
  pitchClass,
  pitchClassOf,
  type Letter,
  type Note,
} from "@/core/pitch";
import { at, child, childrenOf, numberIn, textOf, type XmlNode } from "./tree";

/** Kinds of MusicXML, and the kind of chord that each is. */
const KINDS: Readonly<Record<string, string>> = {
  power: "5",
  major: "",
  minor: "m",
  dominant: "7",
  "major-seventh": "maj7",
  "minor-seventh": "m7",
  diminished: "dim",
  "diminished-seventh": "dim7",
  augmented: "aug",
  "half-diminished": "m7(b5)",
  "augmented-seventh": "7#5",
  "major-minor": "m(maj7)",
  "major-sixth": "6",
  "minor-sixth": "m6",
  "dominant-ninth": "9",
  "major-ninth": "maj9",
  "minor-ninth": "m9",
  "dominant-11th": "11",
  "minor-11th": "m11",
  "dominant-13th": "13",
  "major-13th": "maj13",
  "minor-13th": "m13",
  "suspended-second": "sus2",
  "suspended-fourth": "sus4",
};
const KIND_OF: ReadonlyMap<string, string> = new Map(
  Object.entries(KINDS).map(([kind, suffix]) => [suffix, kind]),
);

/** Semitones of a degree as MusicXML counts it: over a dominant chord, whose seventh is minor. */
const DEGREES: Readonly<Record<number, number>> = {
  1: 0,
  2: 2,
  3: 4,
  4: 5,
  5: 7,
  6: 9,
  7: 10,
  9: 14,
  11: 17,
  13: 21,
};

/** A degree that is added to a kind, altered in it or taken away. */
interface ChordDegree {
  readonly value: number;
  readonly alter: number;
  readonly type: "add" | "alter" | "subtract";
}

/** A kind of chord as MusicXML says it. */
interface HarmonyKind {
  readonly kind: string;
  readonly degrees: readonly ChordDegree[];
}

/** Says a kind of chord: the kind of MusicXML that is nearest, and the degrees that are otherwise. */
export function kindOf({ suffix, semitones }: Quality): HarmonyKind {
  const exact = KIND_OF.get(suffix);
  if (exact !== undefined) return { kind: exact, degrees: [] };
  const options = [...KIND_OF].flatMap(([base, kind]) => {
    const quality = findQuality(base);
    const degrees = quality && degreesBetween(quality.semitones, semitones);
    return degrees ? [{ kind, degrees }] : [];
  });
  const [best] = options.toSorted((a, b) => a.degrees.length - b.degrees.length);
  return best ?? { kind: "other", degrees: [] };
}

function degreesBetween(
  base: readonly number[],
  wanted: readonly number[],
): readonly ChordDegree[] | null {
  const degrees: ChordDegree[] = [];
  const extra = wanted.filter((tone) => !base.includes(tone));
  for (const tone of base.filter((each) => !wanted.includes(each))) {
    const value = valueOf(tone);
    const moved = extra.findIndex((each) => value === 5 && Math.abs(each - tone) === 1);
    const [altered] = moved < 0 ? [] : extra.splice(moved, 1);
    if (altered !== undefined) degrees.push({ value, alter: altered - tone, type: "alter" });
    else degrees.push({ value, alter: 0, type: "subtract" });
  }
  for (const tone of extra) {
    const value = valueOf(tone);
    degrees.push({ value, alter: tone - (DEGREES[value] ?? tone), type: "add" });
  }
  return degrees;
}

/** The degree that a tone is counted as; a raised ninth and not a tenth. */
function valueOf(tone: number): number {
  if (tone === 18) return 11;
  if (tone === 20) return 13;
  if (tone === 11) return 7;
  if (tone === 8) return 5;
  const named = Object.entries(DEGREES).toSorted(
    (a, b) => Math.abs(a[1] - tone) - Math.abs(b[1] - tone) || b[1] - a[1],
  );
  return Number(named[0]?.[0] ?? 1);
}

/** What a harmony says of its chord. */
interface ReadHarmony {
  /** As charts call it; "N.C." for none. */
  readonly name: string;
  readonly isKnown: boolean;
}

/** Reads the chord of a `<harmony>`, moved by some semitones to what sounds; null where it says no root. */
export function readHarmony(node: XmlNode, transposed: number): ReadHarmony | null {
  const kind = textOf(child(node, "kind"));
  if (kind === "none") return { name: "N.C.", isKnown: true };
  const root = readNote(child(node, "root"), "root", transposed);
  if (!root) return null;
  const bassNote = readNote(child(node, "bass"), "bass", transposed);
  const said = child(node, "kind")?.attributes.text?.trim() ?? "";
  const tones = tonesOf(kind, childrenOf(node, "degree"));
  const written = said === "" || /[\s/|]/.test(said) ? null : findQuality(said);
  const fits = written !== null && (tones === null || sameTones(written.semitones, tones));
  const quality = fits ? written : tones && qualityOf(tones);
  const bass = bassNote && noteText(bassNote) !== noteText(root) ? `/${noteText(bassNote)}` : "";
  if (quality) return { name: `${noteText(root)}${quality.suffix}${bass}`, isKnown: true };
  return { name: `${noteText(root)}${said || kind}${bass}`.replace(/\s+/g, ""), isKnown: false };
}

function readNote(node: XmlNode | undefined, name: string, transposed: number): Note | null {
  const step = textOf(at(node, `${name}-step`));
  if (!/^[A-G]$/.test(step)) return null;
  const accidental = Math.round(numberIn(node, `${name}-alter`) ?? 0);
  const note: Note = { letter: step as Letter, accidental };
  if (pitchClass(transposed) === 0 && Math.abs(accidental) <= 2) return note;
  return spellPitchClass(pitchClass(pitchClassOf(note) + transposed));
}

function tonesOf(kind: string, degrees: readonly XmlNode[]): readonly number[] | null {
  const suffix = KINDS[kind];
  const quality = suffix === undefined ? null : findQuality(suffix);
  if (!quality) return null;
  let tones = [...quality.semitones];
  for (const degree of degrees) {
    const value = numberIn(degree, "degree-value") ?? 0;
    const alter = numberIn(degree, "degree-alter") ?? 0;
    const plain = DEGREES[value];
    if (plain === undefined) return null;
    const type = textOf(child(degree, "degree-type"));
    if (type === "add") tones.push(plain + alter);
    else {
      const own = tones.find((tone) => valueOf(tone) === value) ?? plain;
      tones = tones.filter((tone) => tone !== own);
      if (type === "alter") tones.push(own + alter);
    }
  }
  return tones;
}

function qualityOf(tones: readonly number[]): Quality | null {
  return QUALITIES.find(({ semitones }) => sameTones(semitones, tones)) ?? null;
}

function sameTones(a: readonly number[], b: readonly number[]): boolean {
  const classes = (tones: readonly number[]) =>
    [...new Set(tones.map(pitchClass))].sort((x, y) => x - y).join();
  return classes(a) === classes(b);
}
