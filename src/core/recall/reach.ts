import { type Neck } from "@/core/neck";
import { cardId, isNatural, learningOrder, USUAL_STRINGS, type CardPlace } from "./cards";
import { type Knowing } from "./knowing";

/** Which places of the neck are asked: beginners start with a few. */
export interface NoteReach {
  /** So many of the usual six strings, the thickest first. */
  readonly strings: number;
  readonly maxFret: number;
  readonly naturalsOnly: boolean;
}

/** From where everybody begins to the whole neck (common practice). */
export const NOTE_STAGES: readonly NoteReach[] = [
  { strings: 2, maxFret: 7, naturalsOnly: true },
  { strings: 2, maxFret: 7, naturalsOnly: false },
  { strings: 2, maxFret: 11, naturalsOnly: false },
  { strings: 3, maxFret: 11, naturalsOnly: false },
  { strings: 4, maxFret: 11, naturalsOnly: false },
  { strings: Infinity, maxFret: 11, naturalsOnly: false },
];

export function isInReach(neck: Neck, { string, fret, openMidi }: CardPlace, reach: NoteReach) {
  const extra = Math.max(0, neck.midi.length - USUAL_STRINGS);
  // Strings below the usual six come last.
  const place = string < extra ? Infinity : string - extra;
  const hasString = place < reach.strings || reach.strings === Infinity;
  return hasString && fret <= reach.maxFret && (!reach.naturalsOnly || isNatural(openMidi + fret));
}

/** A stage is learnt when so much of it is known (a judgement). */
const LEARNT_SHARE = 0.8;

/** The first stage that is not learnt yet, from 0; the last one after that. */
export function noteStage(neck: Neck, knowingOf: (card: string) => Knowing): number {
  const order = learningOrder(neck);
  const found = NOTE_STAGES.findIndex((reach) => {
    const places = order.filter((place) => isInReach(neck, place, reach));
    const known = places.filter((place) =>
      ["known", "sure"].includes(knowingOf(cardId(place))),
    ).length;
    return known < LEARNT_SHARE * places.length;
  });
  return found < 0 ? NOTE_STAGES.length - 1 : found;
}

/** The cards of a stage, in the order in which they are learnt: those of earlier stages first. */
export function cardsInStage(neck: Neck, stage: number): readonly CardPlace[] {
  const order = learningOrder(neck);
  const stageOf = (place: CardPlace) =>
    NOTE_STAGES.findIndex((reach) => isInReach(neck, place, reach));
  const last = NOTE_STAGES[stage];
  return last
    ? order
        .filter((place) => isInReach(neck, place, last))
        .toSorted((a, b) => stageOf(a) - stageOf(b))
    : order;
}
