import { describe, expect, test } from "@jest/globals";
import { findCommand } from "./commands";
import { runNow } from "./testing";

const run = (name: string, args: unknown) => {
  const done = runNow(findCommand(name), args);
  if (!done) throw new Error(`no command ${name}`);
  return done.ok ? done.value : `${done.problem.field}: ${done.problem.message}`;
};

describe("chart, transpose and form", () => {
  test("a chart is answered as it is read, with every repeat written out", () => {
    expect(run("chart", { text: "Tempo: 96\nVerse\n|: A5 . D5 . :|\nhush" })).toEqual({
      title: null,
      key: null,
      tempoBpm: 96,
      meter: "4/4",
      sections: [
        {
          name: "Verse",
          bars: [
            {
              meter: "4/4",
              beats: 4,
              chords: [
                { name: "A5", reducedTo: "A5", leftOut: [], startBeat: 0, beats: 2, texture: null },
                { name: "D5", reducedTo: "D5", leftOut: [], startBeat: 2, beats: 2, texture: null },
              ],
              notes: [],
            },
          ],
        },
      ],
      order: [
        [0, 0],
        [0, 0],
      ],
      kept: [
        { line: 1, text: "Tempo: 96", kind: "directive" },
        { line: 4, text: "hush", kind: "lyric" },
      ],
      problems: [],
    });
  });

  test("a chart moves by half steps, to a key, or under a capo", () => {
    expect(run("transpose", { chart: "| Em |", semitones: 3 })).toEqual({
      text: "| Gm |",
      problems: [],
    });
    expect(run("transpose", { chart: "Key: G\n| G |", toKey: "A" })).toMatchObject({
      text: "Key: A\n| A |",
    });
    expect(run("transpose", { chart: "| A |", capo: 2 })).toMatchObject({ text: "| G |" });
    expect(run("transpose", { chart: "| A |" })).toMatch(/^semitones: say how far/);
    expect(run("transpose", { chart: "| A |", semitones: 1, toKey: "B" })).toMatch(/^toKey: /);
  });

  test("a form is a chart of twelve bars", () => {
    const { text } = run("form", { kind: "minor", key: "Am" }) as { readonly text: string };
    expect(run("chart", { text })).toMatchObject({ key: "Am", problems: [] });
    expect(run("form", { kind: "blues", key: "H" })).toMatch(/^key: 'H' is not a note/);
    expect(run("form", { kind: "waltz", key: "A" })).toMatch(/^kind: /);
  });
});

describe("the route through a chart", () => {
  interface Routes {
    readonly routes: readonly {
      readonly stops: readonly { readonly chord: string }[];
      readonly changes: readonly { readonly availableMs: number }[];
    }[];
  }
  const route = (args: object) => run("route", { tuning: "drop D", ...args }) as Routes;

  test("goes through its chords as they are played, repeats included", () => {
    const [best] = route({ chart: "|: D5 . F5 . :| N.C. | C5 |" }).routes;
    expect(best?.stops.map(({ chord }) => chord)).toEqual(["D5", "F5", "D5", "F5", "C5"]);
  });

  test("has the time that tempo and place leave: half a second from a last strum a beat before, at 120", () => {
    const [best] = route({ chart: "Tempo: 120\n| D5 . F5 . | N.C. | C5 |" }).routes;
    expect(best?.changes.map(({ availableMs }) => Math.round(availableMs))).toEqual([500, 2500]);
  });

  test("says the same as the chords alone, a bar each at 120", () => {
    const chords = route({ chords: "D5 F5 C5" });
    expect(route({ chart: "| D5 | F5 | C5 |" })).toEqual(chords);
  });

  test("needs one of the two", () => {
    expect(run("route", { tuning: "standard" })).toMatch(/^chords: write chords/);
    expect(run("route", { tuning: "standard", chart: "la la" })).toMatch(/^chart: no chord/);
    expect(run("route", { tuning: "standard", chart: "| A5 |", chords: "A5" })).toMatch(/^chart: /);
  });
});

describe("riffs on the command line", () => {
  const text = "| 6:0 6:3h5 @A2 A5 |";

  test("notes stand in their bars, with what was written", () => {
    const { sections, problems } = run("chart", { text }) as {
      readonly sections: readonly { readonly bars: readonly { readonly notes: unknown }[] }[];
      readonly problems: unknown;
    };
    expect(problems).toEqual([]);
    expect(sections[0]?.bars[0]?.notes).toEqual([
      { startBeat: 0, beats: 1, string: 6, fret: 0, mark: null },
      { startBeat: 1, beats: 0.5, string: 6, fret: 3, mark: null },
      { startBeat: 1.5, beats: 0.5, string: 6, fret: 5, mark: "h" },
      { startBeat: 2, beats: 1, string: null, fret: null, mark: null, midi: 45 },
    ]);
  });

  test("a route plays notes and chords in their order", () => {
    const { routes } = run("route", { chart: text, tuning: "standard" }) as {
      readonly routes: readonly {
        readonly stops: readonly { readonly chord: string; readonly fretting: unknown }[];
      }[];
    };
    expect(routes[0]?.stops.map(({ chord }) => chord)).toEqual(["6:0", "6:3", "6:5", "@A2", "A5"]);
    expect(routes[0]?.stops[3]?.fretting).toEqual([null, 0, null, null, null, null]);
    expect(run("route", { chart: "| 6:0 6:3 |", tuning: "standard" })).toHaveProperty("routes");
    expect(run("route", { chart: "| @C2 |", tuning: "standard" })).toMatch(
      /^chords: @C2 lies on no string/,
    );
  });
});
