import { describe, expect, test } from "@jest/globals";
import { makeNeck } from "@/core/neck";
import { cardId, cardsInStage, learningOrder, NOTE_STAGES, noteStage } from ".";

function neckOf(...midi: readonly number[]) {
  const made = makeNeck({ midi });
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
}

describe("which notes are asked", () => {
  const standard = neckOf(40, 45, 50, 55, 59, 64);

  test("first the naturals of strings 6 and 5 up to fret 7, the marked frets before the others", () => {
    const first = cardsInStage(standard, 0).map(({ string, fret }) => `${6 - string}/${fret}`);
    // E F G A B on string 6 and A B C D E on string 5.
    expect(first).toEqual(["6/3", "6/5", "6/7", "6/0", "6/1", "5/3", "5/5", "5/7", "5/0", "5/2"]);
  });

  test("it grows once four in five are known, up to the whole neck", () => {
    const known = new Set(cardsInStage(standard, 0).map(cardId).slice(0, 7));
    const knowingOf = (card: string) => (known.has(card) ? "known" : "shaky");
    expect(noteStage(standard, knowingOf)).toBe(0);
    known.add(cardId(cardsInStage(standard, 0)[7] ?? { openMidi: 0, fret: 0 }));
    expect(noteStage(standard, knowingOf)).toBe(1);
    expect(noteStage(standard, () => "sure")).toBe(NOTE_STAGES.length - 1);
    expect(cardsInStage(standard, NOTE_STAGES.length - 1)).toHaveLength(
      learningOrder(standard).length,
    );
  });

  test("strings below the usual six come last; each stage holds the one before", () => {
    const seven = neckOf(35, 40, 45, 50, 55, 59, 64);
    for (let stage = 1; stage < NOTE_STAGES.length; stage++) {
      const cards = cardsInStage(seven, stage).map(cardId);
      expect(cards).toEqual(expect.arrayContaining(cardsInStage(seven, stage - 1).map(cardId)));
    }
    expect(cardsInStage(seven, 4).some(({ string }) => string === 0)).toBe(false);
    expect(cardsInStage(seven, 5).some(({ string }) => string === 0)).toBe(true);
  });
});
