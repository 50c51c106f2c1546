import { expect, test } from "@jest/globals";
import { readSongAddress, writeSongAddress } from ".";

test.each([
  [{ id: 7, section: 2, chord: 5 }, "?id=7&section=3&chord=6"],
  [{ id: 7, section: 0, chord: null }, "?id=7"],
  [{ id: null, section: 0, chord: 0 }, "?chord=1"],
])("%j is %s, and back", (address, text) => {
  expect(writeSongAddress(address)).toBe(text);
  expect(readSongAddress(Object.fromEntries(new URLSearchParams(text)))).toEqual(address);
});

test("what makes no sense is left out", () => {
  const nothing = { id: null, section: 0, chord: null };
  for (const text of ["id=-1", "id=1e9", "chord=0", "section=x", "id=99999999999999999999"]) {
    expect(readSongAddress(Object.fromEntries(new URLSearchParams(text)))).toEqual(nothing);
  }
  expect(readSongAddress({ id: ["1", "2"] })).toEqual(nothing);
});
