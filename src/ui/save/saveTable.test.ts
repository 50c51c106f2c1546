/** @jest-environment jsdom */
import { beforeEach, expect, jest, test } from "@jest/globals";

const saved: { readonly name: string; readonly text: string }[] = [];
jest.mock("./download", () => ({
  download: (file: { readonly parts: readonly string[] }, name: string) =>
    saved.push({ name, text: file.parts.join("") }),
}));
/** jsdom's own cannot be read back here. */
class ReadableBlob {
  constructor(readonly parts: readonly string[]) {}
}

beforeEach(() => {
  saved.length = 0;
  Object.assign(globalThis, { Blob: ReadableBlob });
});

test("a table is saved as it stands: cells over several columns in each, real signs as letters", async () => {
  const { saveTable } = await import("./saveTable");
  document.body.innerHTML = `<table>
    <thead>
      <tr><th rowspan="2">Chord</th><th colspan="2">Usual</th></tr>
      <tr><th>Frets</th><th>Effort</th></tr>
    </thead>
    <tbody>
      <tr><th>F♯5</th><td>2 4 4</td><td> 7.1
      </td></tr>
      <tr><th>=B♭5</th><td colspan="2">none</td></tr>
    </tbody></table>`;
  const table = document.querySelector("table");
  if (!table) throw new Error("no table");
  await saveTable("the routes", table);
  expect(saved).toEqual([
    {
      name: "the-routes.csv",
      text: 'Chord,"Usual, Frets","Usual, Effort"\r\nF#5,2 4 4,7.1\r\n"\'=Bb5",none,none\r\n',
    },
  ]);
});
