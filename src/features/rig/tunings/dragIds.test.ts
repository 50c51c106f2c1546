import { describe, expect, test } from "@jest/globals";
import { usualMidi } from "@/core/tuning";
import { dropIndex, favouriteId, FAVOURITES_ID, listedId, midiOfId } from "./dragIds";

const STANDARD = usualMidi(6);
const DROP_D = [38, 45, 50, 55, 59, 64];
const DROP_C = [36, 43, 48, 53, 57, 62];

describe("favourites by drag", () => {
  const all = [STANDARD, DROP_D, DROP_C];

  test("ids stand for pitches", () => {
    expect(midiOfId(listedId(DROP_D))).toEqual(DROP_D);
    expect(midiOfId(favouriteId(DROP_D))).toEqual(DROP_D);
    expect(midiOfId(FAVOURITES_ID)).toEqual([]);
  });

  /** The favourites after one was dropped. */
  const drop = (dragged: readonly number[], over: readonly number[]) =>
    all
      .filter((each) => each !== dragged)
      .toSpliced(dropIndex(all, dragged, over), 0, [...dragged]);

  test("a new one goes where it is dropped, or to the end", () => {
    const dadgad = [38, 45, 50, 55, 57, 62];
    expect(drop(dadgad, DROP_D)).toEqual([STANDARD, dadgad, DROP_D, DROP_C]);
    expect(drop(dadgad, [])).toEqual([...all, dadgad]);
  });

  test("one of them moves, and none is ever there twice", () => {
    expect(drop(DROP_C, STANDARD)).toEqual([DROP_C, STANDARD, DROP_D]);
    expect(drop(STANDARD, DROP_C)).toEqual([DROP_D, DROP_C, STANDARD]);
    expect(drop(STANDARD, [])).toEqual([DROP_D, DROP_C, STANDARD]);
  });
});
