import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { makeSong } from "@/core/arrangement/testing";
import { readChart, readWords } from "@/core/song";
import {
  barLines,
  linesAt,
  momentAt,
  nextGrip,
  noteLane,
  passesOf,
  playedBar,
  waitUntil,
  wayThrough,
  wordsAt,
} from ".";

const song = (text: string) => makeSong(`Tempo: 120\n${text}`);
const barOf = (text: string, bar = 0) => playedBar(song(text).arrangement, bar);
/** "0 down, 1 up": where each stroke falls, and how. */
const strokesOf = (text: string, bar = 0) =>
  barOf(text, bar)
    .strokes.map(({ at, stroke }) => `${at} ${stroke}`)
    .join(", ");
const countsOf = (text: string, bar = 0) =>
  barOf(text, bar)
    .counts.map(({ text: count, isBeat }) => (isBeat ? count.toUpperCase() : `(${count})`))
    .join(" ");

describe("a bar as it is played", () => {
  test("its beats are counted, with an 'and' between them", () => {
    expect(countsOf("| A5 |")).toBe("1 (&) 2 (&) 3 (&) 4 (&)");
    expect(countsOf("Meter: 3/4\n| A5 |")).toBe("1 (&) 2 (&) 3 (&)");
  });

  test("in 6/8 six are counted, two of them beats (common practice)", () => {
    expect(countsOf("Meter: 6/8\n| A5 |")).toBe("1 (2) (3) 4 (5) (6)");
    expect(countsOf("Meter: 7/8\n| A5 |")).toBe("1 2 3 4 5 6 7");
  });

  test("a pick-up counts the end of a bar", () => {
    expect(countsOf("Pickup: 1\n| A5 | D5 |")).toBe("4 (&)");
  });

  test("strokes stand where the texture puts them", () => {
    expect(strokesOf("| A5 |")).toBe("0 down, 1 down, 2 down, 3 down");
    expect(strokesOf("Texture: ringing eighths\n| A5 . . . |")).toBe(
      "0 down, 0.5 up, 1 down, 1.5 up, 2 down, 2.5 up, 3 down, 3.5 up",
    );
  });

  test("a chord that comes an eighth early is struck in the bar before", () => {
    const { strokes } = barOf("| A5 | <D5 |");
    expect(strokes.at(-1)).toMatchObject({ at: 3.5, chord: 1 });
  });

  test("a chord that is cut leaves a rest", () => {
    expect(barOf("| A5! . D5 . |").rests).toEqual([{ at: 0.5, length: 1.5 }]);
    expect(barOf("| N.C. . A5 . |").rests).toEqual([{ at: 0, length: 2 }]);
  });

  test("whatever a bar holds, strokes and rests fill it and none lies over another", () => {
    const bars = fc.array(fc.constantFrom("A5", "D5", ".", "G5!", "N.C."), {
      minLength: 1,
      maxLength: 8,
    });
    const textures = fc.constantFrom("muted eighths down", "ringing x--x--x-", "picked", "choked");
    fc.assert(
      fc.property(bars, textures, (words, texture) => {
        const { arrangement } = song(`Texture: ${texture}\n| A5 | ${words.join(" ")} |`);
        const { strokes, rests, length } = playedBar(arrangement, 1);
        const all = [...strokes, ...rests].toSorted((a, b) => a.at - b.at);
        let at = 0;
        for (const each of all) {
          expect(each.at).toBeCloseTo(at, 6);
          at = each.at + each.length;
        }
        expect(at).toBeCloseTo(length, 6);
      }),
    );
  });
});

describe("the next grip", () => {
  const TEXT = "| A5 | A5 | C5 D5 | G5 |";

  test("passes over the grip that stays", () => {
    const { arrangement, route, request } = song(TEXT);
    const next = nextGrip(arrangement, route, request.neck, 0);
    expect(next && arrangement.chords[next.chord]?.name).toBe("C5");
    expect(next?.at).toBe(8);
    expect(next?.change.frets).toBe(route.timed.changes[1]?.frets);
  });

  test("there is none after the last", () => {
    const { arrangement, route, request } = song(TEXT);
    expect(nextGrip(arrangement, route, request.neck, 4)).toBeNull();
    const one = song("| A5 | A5 |");
    expect(nextGrip(one.arrangement, one.route, one.request.neck, 0)).toBeNull();
  });

  test("in a loop the first grip of the next round follows the last", () => {
    const { arrangement, route, request } = song(TEXT);
    const next = nextGrip(arrangement, route, request.neck, 4, [2, 3]);
    expect(next && arrangement.chords[next.chord]?.name).toBe("C5");
    expect(next?.at).toBe(16);
    // Outside of it the song goes on.
    expect(nextGrip(arrangement, route, request.neck, 0, [2, 3])?.at).toBe(8);
  });

  test("how long until then is told in beats within a bar, and in bars beyond", () => {
    const { arrangement } = song(TEXT);
    expect(waitUntil(arrangement, 0, 8)).toEqual({ unit: "bars", count: 2 });
    expect(waitUntil(arrangement, 4, 8)).toEqual({ unit: "beats", count: 4 });
    expect(waitUntil(arrangement, 6.5, 8)).toEqual({ unit: "beats", count: 2 });
    expect(waitUntil(arrangement, 7, 8)).toEqual({ unit: "beats", count: 1 });
    const compound = song("Meter: 6/8\n| A5 | D5 |").arrangement;
    expect(waitUntil(compound, 0, 3)).toEqual({ unit: "beats", count: 2 });
  });
});

describe("the lines of a song", () => {
  const rangesOf = (text: string) =>
    barLines(song(text).arrangement).map(({ from, to }) => `${from}-${to}`);

  test("are the chart's own, four bars at most", () => {
    expect(rangesOf("| A5 | D5 |\n| G5 | E5 |")).toEqual(["0-2", "2-4"]);
    expect(rangesOf("A5 D5 G5 E5 A5 D5")).toEqual(["0-4", "4-6"]);
  });

  test("single bars stand together, and a section begins a line", () => {
    expect(rangesOf("A5\nD5\nG5\n\nChorus\nE5")).toEqual(["0-2", "2-3", "3-4"]);
  });

  test("a repeat begins a line, and the last line has none after it", () => {
    const { arrangement } = song("|: A5 | D5 :|");
    const lines = barLines(arrangement);
    expect(lines).toEqual([
      { from: 0, to: 2 },
      { from: 2, to: 4 },
    ]);
    expect(linesAt(lines, 1)).toEqual(lines);
    expect(linesAt(lines, 3)).toEqual([lines[1], null]);
    expect(linesAt(lines, 9)).toEqual([null, null]);
  });
});

describe("what is sung", () => {
  const sungIn = (text: string) => {
    const { arrangement } = song(text);
    const whole = `Tempo: 120\n${text}`;
    const words = readWords(whole, readChart(whole));
    const passes = passesOf(arrangement);
    return arrangement.chords.map(({ place, playedBar: bar }) =>
      wordsAt(words, place?.offset ?? -1, passes[bar] ?? { pass: 0, passes: 1 }),
    );
  };

  test("a line each time; what is over comes the last time, what lacks comes again", () => {
    expect(sungIn("|: A5 :|\nfirst\nthen")).toEqual(["first", "then"]);
    expect(sungIn("|: A5 :|\nfirst\nthen\nlast")).toEqual(["first", "then last"]);
    expect(sungIn("|: A5 :|\nagain")).toEqual(["again", "again"]);
    expect(sungIn("| A5 |")).toEqual([""]);
  });
});

describe("a bar with a riff", () => {
  test("has its notes on their strings, and the chords between them", () => {
    const lane = noteLane(song("| 6:3h5 A5 . 5:x |"), 0);
    expect(lane?.map(({ at, name, notes }) => [at, name, notes.length])).toEqual([
      [0, null, 1],
      [0.5, null, 1],
      [1, "A5", 3],
      [3, null, 1],
    ]);
    expect(lane?.[1]?.notes).toMatchObject([{ string: 0, fret: 5, reached: "h", isDead: false }]);
    expect(lane?.[3]?.notes).toMatchObject([{ string: 1, isDead: true }]);
    expect(noteLane(song("| A5 |"), 0)).toBeNull();
  });

  test("counts as one grip, and the next is what follows its last note", () => {
    const { arrangement, route, neck } = song("| 6:3 6:5 6:3 6:5 | A5 | 6:3 6:5 |");
    const next = nextGrip(arrangement, route, neck, 1);
    expect(arrangement.chords[next?.chord ?? -1]?.name).toBe("A5");
    expect(momentAt({ arrangement, route, neck }, 2.5).chord).toBe(0);
    // A riff that begins with the same note is still another one.
    const again = song("| 6:3 6:5 | 6:3 6:7 |");
    expect(nextGrip(again.arrangement, again.route, again.neck, 0)).toMatchObject({ chord: 2 });
  });
});

describe("the hand's way", () => {
  test("names a riff once for each position", () => {
    const { places } = wayThrough(song("| 6:3 6:5 6:3 6:5 | 6:10 6:12 | A5 |"), 0, 3);
    expect(places.map(({ stops }) => stops.length)).toEqual([4, 2, 1]);
  });

  test("names each place once, and each way between two", () => {
    const made = song("| A5 D5 | A5 G5 | A5 |");
    const { places, steps } = wayThrough(made, 0, 3);
    expect(places.map(({ chord }) => made.arrangement.chords[chord]?.name)).toEqual([
      "A5",
      "D5",
      "G5",
    ]);
    expect(places[0]?.stops).toEqual([0, 2, 4]);
    expect(steps).toEqual([
      [0, 1],
      [0, 2],
    ]);
    expect(wayThrough(made, 2, 3).steps).toEqual([]);
  });
});
