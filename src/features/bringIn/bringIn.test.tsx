/** @jest-environment jsdom */
import { afterEach, beforeAll, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { act, fireEvent, render, screen } from "@testing-library/react";
import { DEFAULT_SONG_SETTINGS } from "@/core/arrangement";
import { standardNeck } from "@/core/arrangement/testing";
import { success, failure, type Result } from "@/core/result";
import { Session } from "@/session";
import { fakeBrowser, response, startWith, taken } from "@/session/testing";
import { newGuitar } from "@/state";
import { type ChangeRequest, type FilePreview, type SongPreview } from "@/wire";
import { songApi } from "@/worker/songApi";

fakeBrowser();
const pushed: string[] = [];
jest.mock("next/navigation", () => ({
  useRouter: () => ({ push: (to: string) => pushed.push(to) }),
}));
jest.mock("@/worker/client", () => ({
  ask: async (_: string, _request: unknown, ask: (api: typeof songApi) => unknown) =>
    Promise.resolve(ask(songApi)),
}));
// Imported after what they use is replaced.
const importParts = async () => ({
  ...(await import("./BringInDialog")),
  ...(await import("./AgainstTenon")),
});
let parts: Awaited<ReturnType<typeof importParts>>;
beforeAll(async () => {
  parts = await importParts();
});

/** What the server finds in the next file. */
let answer: Result<FilePreview> | null = null;
const sent: ChangeRequest[] = [];
beforeEach(() => {
  jest.useFakeTimers();
  answer = null;
  sent.length = 0;
  pushed.length = 0;
  const server = async (path: string, { body }: { body?: unknown } = {}) => {
    if (path === "/files/read") {
      if (!answer) return Promise.reject(new Error("away"));
      return Promise.resolve(response(answer));
    }
    const request = JSON.parse(String(body)) as ChangeRequest;
    sent.push(request);
    return Promise.resolve(response(taken(request)));
  };
  Object.assign(globalThis, { fetch: server });
});
afterEach(() => {
  jest.useRealTimers();
});

const settled = async () => act(async () => jest.advanceTimersByTimeAsync(100));
async function show(file: File | null = new File(["x"], "song.tab")) {
  let closes = 0;
  render(
    <Session start={startWith()}>
      <parts.BringInDialog file={file} onClose={() => void closes++} />
    </Session>,
  );
  await settled();
  return () => closes;
}
const acts = () =>
  sent.flatMap(({ changes }) => changes.map(({ act: what, kind }) => `${what} ${kind}`));

const SONG: SongPreview = {
  kind: "song",
  from: "tab",
  song: {
    name: "Gate",
    chart: "| A5 | D5 |",
    tuningMidi: standardNeck().midi,
    settings: {
      ...DEFAULT_SONG_SETTINGS,
      marks: [
        {
          act: "pin",
          chord: "A5",
          section: null,
          at: null,
          fretting: [null, 12, 14, 14, null, null],
          fingers: null,
        },
      ],
    },
    archived: false,
  },
  capo: 0,
  bars: 2,
  chords: 2,
  grips: 1,
  tempoBpm: 120,
  lines: [
    { text: "A|-12-|", state: "music", message: null },
    { text: "hey", state: "words", message: null },
    { text: "??", state: "problem", message: "no chord" },
  ],
};
const none = { problems: [], furtherProblems: 0 };

describe("a file that is brought in", () => {
  test("a song: what it holds, line by line, beside Tenon's route; kept with one press", async () => {
    answer = success({
      ...SONG,
      problems: [{ line: 3, column: 1, message: "no chord" }],
      furtherProblems: 7,
    });
    const closes = await show();
    await settled();
    expect(
      screen.getByText("Tablature, 2 bars, 2 chords, 1 with a grip of their own, 120 bpm"),
    ).toBeTruthy();
    expect(screen.getByRole("row", { name: /As the file plays it/ })).toBeTruthy();
    expect(screen.getByText("Line 3: no chord")).toBeTruthy();
    expect(screen.getByText("and 7 more")).toBeTruthy();
    expect(screen.getByText("not understood").nextSibling?.textContent).toBe("??");
    fireEvent.click(screen.getByRole("button", { name: "Keep Gate" }));
    await settled();
    expect(acts()).toEqual(["add song"]);
    expect(closes()).toBe(1);
    expect(pushed[0]).toMatch(/^\/song\?id=\d+/);
  });

  test("tunings that are there already are not kept twice", async () => {
    const midi = [36, 43, 48, 53, 57, 62];
    answer = success({
      kind: "tunings",
      tunings: [
        { name: "Low", kind: "own", midi },
        { name: "Other", kind: "own", midi: midi.map((pitch) => pitch + 1) },
      ],
      ...none,
    });
    await show();
    fireEvent.click(screen.getByRole("button", { name: "Keep 2 tunings" }));
    await settled();
    expect(acts()).toEqual(["add tuning", "add tuning"]);
    expect(pushed).toEqual(["/rig/tunings"]);
  });

  test("a guitar", async () => {
    const guitar = { ...newGuitar(7, "Long seven"), tunedMidi: newGuitar(7, "").usualMidi };
    answer = success({ kind: "guitar", guitar, ...none });
    await show();
    fireEvent.click(screen.getByRole("button", { name: "Keep Long seven" }));
    await settled();
    expect(acts()).toEqual(["add guitar"]);
  });

  test("refused, away, too large: said, and nothing kept", async () => {
    answer = failure("file", "It is cut off.");
    await show();
    expect(screen.getByRole("status").textContent).toBe("song.tab: It is cut off.");
    answer = null;
    fireEvent.change(screen.getByLabelText("Or paste a text"), { target: { value: "| A5 |" } });
    fireEvent.click(screen.getByRole("button", { name: "Look at the text" }));
    await settled();
    expect(screen.getByRole("status").textContent).toMatch(/Is it still running/);
    const large = new File(["x"], "large.mid");
    Object.defineProperty(large, "size", { value: 20 * 1024 * 1024 });
    fireEvent.change(screen.getByLabelText("A file to bring in"), { target: { files: [large] } });
    await settled();
    expect(screen.getByRole("status").textContent).toMatch(/larger than 16 MB/);
    expect(sent).toEqual([]);
  });
});

describe("what Tenon's route saves", () => {
  test.each([
    [12, 100, 8, 120, /saves 4 frets of travel and holds 20 bpm faster/],
    [12, 100, 12, 120, /^Tenon's route holds 20 bpm faster/],
    [12, 100, 11, 90, /^Tenon's route saves 1 fret of travel\./],
    [8, 120, 12, 100, /^The file's route is as easy/],
    [12, 100, 8, null, /saves 4 frets of travel and holds at any tempo/],
    [0, null, 0, null, /^The file's route is as easy/],
  ])("%s frets to %s against %s frets to %s", (ownFrets, own, bestFrets, best, words) => {
    const text = parts.savedText(
      { travelFrets: ownFrets, cleanTempoBpm: own },
      { travelFrets: bestFrets, cleanTempoBpm: best },
    );
    expect(text).toMatch(words);
  });
});
