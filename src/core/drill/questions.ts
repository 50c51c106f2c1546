import { soundingMidi, type Fretting } from "@/core/fretting";
import { pitchClass, type Midi, type PitchClass } from "@/core/pitch";
import {
  CARD_FRETS,
  cardAt,
  cardId,
  isInReach,
  learningOrder,
  readCardId,
  type NoteReach,
} from "@/core/recall";
import { type QuestionKind } from "./drill";
import { MAX_LEVEL } from "./levels";
import { powerChordAt, firstString, nameOf, type DrillRig } from "./grips";

export interface NeckPlace {
  /** From the thickest, 0. */
  readonly string: number;
  readonly fret: number;
}

/** Notes that sound together, and how they are played. */
interface QuestionSound {
  readonly midi: readonly Midi[];
  readonly touch: "ringing" | "muted" | "choked";
}

/** What is right. */
type Expected =
  | { readonly kind: "note"; readonly pitchClass: PitchClass }
  /** All of them, in any order. */
  | { readonly kind: "places"; readonly places: readonly NeckPlace[] }
  /** Any grip of these notes with this one lowest. */
  | { readonly kind: "grip"; readonly notes: readonly PitchClass[]; readonly lowest: PitchClass }
  | { readonly kind: "choice"; readonly options: readonly string[]; readonly right: number }
  /** A note to be pressed so that it is in tune. */
  | { readonly kind: "press"; readonly midi: Midi };

export interface Question {
  readonly what: QuestionKind;
  /** What is remembered of it, where there is a card for it. */
  readonly card: string | null;
  readonly say: string;
  /** Places and grips that are shown, and sounds that are heard with it. */
  readonly places: readonly NeckPlace[];
  /** Text in the marks of the places; null where the text would give the answer away. */
  readonly label: string | null;
  readonly grip: Fretting | null;
  readonly heard: readonly QuestionSound[];
  readonly expected: Expected;
}

/** Numbers from 0 up to, but without, 1. */
type Random = () => number;

/** How hard a question is. */
export interface QuestionScope {
  /** Which places are asked. */
  readonly reach: NoteReach;
  /** For the ear: 0 to MAX_LEVEL. */
  readonly level: number;
}

const WHOLE_SCOPE: QuestionScope = {
  reach: { strings: Infinity, maxFret: CARD_FRETS - 1, naturalsOnly: false },
  level: MAX_LEVEL,
};

/**
 * A question of a kind; about a card where one is given and the kind has cards. Null where the neck has nothing of that
 * kind.
 */
export function askQuestion(
  what: QuestionKind,
  rig: DrillRig,
  card: string | null,
  random: Random,
  { reach, level }: QuestionScope = WHOLE_SCOPE,
): Question | null {
  const place = placeOf(rig, card, random, reach);
  if (what === "name") return askName(rig, place);
  if (what === "half steps") return askHalfStep(rig, place, random);
  if (what === "places") return askPlaces(rig, random, reach);
  if (what === "press") return askPress(rig, random);
  if (what === "grip" || what === "chord") return askGrip(what, rig, random);
  return askSound(what, rig, random, level);
}

const BLANK = { card: null, label: null, places: [], grip: null, heard: [] } as const;

/** The place of a card, on the thickest string that has it; any place in reach without one. */
function placeOf(
  { neck }: DrillRig,
  card: string | null,
  random: Random,
  reach: NoteReach,
): NeckPlace {
  const read = card === null ? null : readCardId(card);
  const string = read ? neck.midi.indexOf(read.openMidi) : -1;
  if (read && string >= 0) return { string, fret: read.fret };
  const places = learningOrder(neck).filter((place) => isInReach(neck, place, reach));
  const chosen = places[below(places.length, random)];
  return { string: chosen?.string ?? 0, fret: chosen?.fret ?? 0 };
}

function askName(rig: DrillRig, place: NeckPlace): Question {
  return {
    ...BLANK,
    what: "name",
    card: cardId(cardAt(rig.neck, place.string, place.fret)),
    say: "Which note is this?",
    places: [place],
    expected: { kind: "note", pitchClass: noteAt(rig, place) },
  };
}

/** Two places side by side: one is marked and named, the other is asked. */
function askHalfStep(rig: DrillRig, { string, fret }: NeckPlace, random: Random): Question {
  const isAbove = fret > 0 && (fret === rig.neck.frets || random() < 0.5);
  const marked = { string, fret: isAbove ? fret - 1 : fret + 1 };
  return {
    ...BLANK,
    what: "half steps",
    card: cardId(cardAt(rig.neck, string, fret)),
    label: nameAt(rig, marked),
    say: `The mark is ${nameAt(rig, marked)}. Which note is half a step ${isAbove ? "above" : "below"} it?`,
    places: [marked],
    expected: { kind: "note", pitchClass: noteAt(rig, { string, fret }) },
  };
}

function askPlaces(rig: DrillRig, random: Random, reach: NoteReach): Question {
  const { neck } = rig;
  const last = Math.min(reach.maxFret, CARD_FRETS - 1, neck.frets);
  const inReach = neck.midi.flatMap((openMidi, string) =>
    Array.from({ length: last + 1 }, (_, fret) => ({ string, fret, openMidi })).filter((place) =>
      isInReach(neck, place, reach),
    ),
  );
  const asked = inReach[below(inReach.length, random)];
  const wanted = asked ? noteAt(rig, asked) : 0;
  const places = inReach.flatMap(({ string, fret }) =>
    noteAt(rig, { string, fret }) === wanted ? [{ string, fret }] : [],
  );
  const numbers = [...new Set(inReach.map(({ string }) => neck.midi.length - string))];
  const on = numbers.length < neck.midi.length ? ` on strings ${numbers.join(", ")}` : "";
  return {
    ...BLANK,
    what: "places",
    say: `Find every ${nameOf(rig, wanted)}${on} up to fret ${last}.`,
    expected: { kind: "places", places },
  };
}

function askPress(rig: DrillRig, random: Random): Question {
  const { neck } = rig;
  const string = below(neck.midi.length, random);
  const fret = 1 + below(Math.min(7, neck.frets), random);
  const midi = (neck.midi[string] ?? 0) + fret;
  return {
    ...BLANK,
    what: "press",
    say: `Press ${nameOf(rig, midi)} straight down, just behind the fret, and pick it.`,
    places: [{ string, fret }],
    expected: { kind: "press", midi },
  };
}

function askGrip(what: "grip" | "chord", rig: DrillRig, random: Random): Question | null {
  const low = firstString(rig);
  const grips = [low, low + 1].flatMap((string) =>
    Array.from({ length: CARD_FRETS }, (_, fret) => powerChordAt(rig, string, fret) ?? []).flat(),
  );
  const grip = grips[below(grips.length, random)];
  if (!grip) return null;
  const sounding = soundingMidi(rig.neck, grip.fretting);
  const root = pitchClass(sounding[0] ?? 0);
  if (what === "chord") {
    return {
      ...BLANK,
      what,
      say: "Which power chord is this?",
      grip: grip.fretting,
      expected: { kind: "note", pitchClass: root },
    };
  }
  return {
    ...BLANK,
    what,
    say: `Find ${grip.name}, its root lowest.`,
    expected: { kind: "grip", notes: [root, pitchClass(root + FIFTH)], lowest: root },
  };
}

const FIFTH = 7;
/** Voicings to tell apart by ear, in semitones over the lowest note; the easiest two first. */
const VOICINGS = [
  ["Fifth", [0, 7]],
  ["Octave", [0, 12]],
  ["Fourth: the fifth is lowest", [0, 5]],
  ["With a third", [0, 4, 7]],
] as const;
const TOUCHES = [
  ["Ringing", "ringing"],
  ["Choked", "choked"],
  ["Palm-muted", "muted"],
] as const;
/** A choice of two at first, one more with each level. */
const MIN_OPTIONS = 2;
/** By level: two places that are told apart lie so far from each other, in half steps. */
const APART = [
  [5, 12],
  [3, 7],
  [1, 4],
] as const;

function askSound(
  what: "which voicing" | "higher" | "touch",
  rig: DrillRig,
  random: Random,
  level: number,
): Question {
  const lowest = rig.neck.midi[firstString(rig)] ?? 40;
  const root = lowest + below(CARD_FRETS, random);
  const five = (at: Midi) => ({ midi: [at, at + FIFTH], touch: "ringing" }) as const;
  if (what === "higher") {
    const [min, max] = APART[level] ?? APART[MAX_LEVEL];
    const apart = min + below(max - min + 1, random);
    const isFirst = random() < 0.5;
    return {
      ...BLANK,
      what,
      say: "Which of the two is higher on the neck?",
      heard: isFirst ? [five(root + apart), five(root)] : [five(root), five(root + apart)],
      expected: { kind: "choice", options: ["The first", "The second"], right: isFirst ? 0 : 1 },
    };
  }
  if (what === "touch") {
    const options = TOUCHES.slice(0, MIN_OPTIONS + level);
    const right = below(options.length, random);
    const touch = TOUCHES[right]?.[1] ?? "ringing";
    return {
      ...BLANK,
      what,
      say: "How is it played?",
      heard: [{ ...five(root), touch }],
      expected: { kind: "choice", options: options.map(([name]) => name), right },
    };
  }
  const options = VOICINGS.slice(0, MIN_OPTIONS + level);
  const right = below(options.length, random);
  const voicing = VOICINGS[right]?.[1] ?? [0];
  return {
    ...BLANK,
    what,
    say: "What do you hear?",
    heard: [{ midi: voicing.map((semitones) => root + semitones), touch: "ringing" }],
    expected: { kind: "choice", options: options.map(([name]) => name), right },
  };
}

function noteAt({ neck }: DrillRig, { string, fret }: NeckPlace): PitchClass {
  return pitchClass((neck.midi[string] ?? 0) + fret);
}

function nameAt(rig: DrillRig, { string, fret }: NeckPlace): string {
  return nameOf(rig, (rig.neck.midi[string] ?? 0) + fret);
}

function below(count: number, random: Random): number {
  return Math.min(count - 1, Math.floor(random() * count));
}
