import { readChart } from "../read";

const notesOf = (text: string) =>
  readChart(text).sections.flatMap(({ bars }) =>
    bars.map(({ notes }) =>
      notes.map(
        ({ startBeat, beats, string, fret, midi, mark }) =>
          `${startBeat} ${beats} ${string ?? "@"}:${fret ?? midi}${mark ?? ""}`,
      ),
    ),
  );

describe("notes in a chart", () => {
  test("a slot counts as a chord's does, and is held by dots", () => {
    expect(notesOf("| 6:0 6:0 6:3 . 6:5 6:3 A5 . |")).toEqual([
      ["0 0.5 6:0", "0.5 0.5 6:0", "1 1 6:3", "2 0.5 6:5", "2.5 0.5 6:3"],
    ]);
  });

  test("what a hammer-on, a pull-off or a slide leads to shares the slot, and has the mark", () => {
    expect(notesOf("| 6:3h5p3 . 5:3/5 @E3~ |")).toEqual([
      // Three in two parts of a bar of four: the last one is held by the dot.
      [
        expect.stringMatching(/^0 0\.33/),
        expect.stringMatching(/6:5h$/),
        expect.stringMatching(/6:3p$/),
        "2 0.5 5:3",
        "2.5 0.5 5:5/",
        "3 1 @:52~",
      ],
    ]);
  });

  test("a hold at the beginning of a bar goes on with the notes before it", () => {
    expect(notesOf("| 6:3 . . 6:5+5:7 | . . 6:3 . |")).toEqual([
      ["0 3 6:3", "3 3 6:5", "3 3 5:7"],
      ["2 2 6:3"],
    ]);
    expect(notesOf("| 6:3 6:5 r . | % |")[1]).toEqual(["0 1 6:3", "1 1 6:5"]);
  });

  test("a texture after a slot is its own; before slots it is theirs", () => {
    const textures = (text: string) =>
      readChart(text).sections[0]?.bars[0]?.notes.map(({ texture }) => texture);
    expect(textures("| 6:3 ~muted 6:5 6:7 r |")).toEqual(["muted", null, null]);
    expect(textures("| ~muted 6:3 6:5 r r |")).toEqual(["muted", "muted"]);
    expect(textures("Verse\nTexture: muted\n| 6:3 r |")).toEqual(["muted"]);
  });

  test("stand in lines without bars, after a part's name and in sheets", () => {
    expect(notesOf("Riff: 6:0 6:3").flat()).toHaveLength(2);
    expect(notesOf("Intro 6:0 6:3 6:5").flat()).toHaveLength(3);
    expect(notesOf("[6:3]Under [6:5]way").flat()).toHaveLength(2);
    expect(readChart("Riff: 6:0 6:3").sections[0]?.name).toBe("Riff");
  });

  test.each(["3:16", "4:30 said the clock", "John 3:16 they sang", "[0:45]", "| A5 | (4:30) D5 |"])(
    "%s is no riff",
    (text) => expect(notesOf(text).flat()).toEqual([]),
  );
});
