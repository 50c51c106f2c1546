/** @jest-environment jsdom */
import { afterEach, beforeAll, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { act, fireEvent, render, screen } from "@testing-library/react";
import { DEFAULT_SONG_SETTINGS } from "@/core/arrangement";
import { failure } from "@/core/result";
import { Session } from "@/session";
import { fakeBrowser, response, startWith } from "@/session/testing";
import { type SongContent } from "@/state";
import { makeSong, standardNeck } from "@/features/song/testing";
import { type SongPlan } from "@/features/song/state";

fakeBrowser();
const saved: string[] = [];
jest.mock("@/ui/save", () => ({
  ...jest.requireActual<object>("@/ui/save"),
  download: (_: Blob, name: string) => saved.push(name),
  fileName: (name: string) => name.toLowerCase().replaceAll(" ", "-"),
  paintSvg: async () => Promise.resolve(new Blob(["PNG"])),
}));
let isTooLong = false;
jest.mock("@/audio/songWav", () => ({
  LONGEST_MIN: 15,
  songWav: async () => Promise.resolve(isTooLong ? null : new Blob(["RIFF"])),
}));
// Imported after what they use is replaced.
const importParts = async () => ({
  ...(await import("./SaveDialog")),
  ...(await import("@/session")),
});
let parts: Awaited<ReturnType<typeof importParts>>;
beforeAll(async () => {
  parts = await importParts();
});

const CHART = "| A5 | D5 | E5 |";
const NECK = standardNeck();
const SONG: SongContent = {
  name: "Iron Gate",
  chart: CHART,
  guitarId: 1,
  tuningMidi: NECK.midi,
  settings: DEFAULT_SONG_SETTINGS,
  archived: false,
};
const { arrangement: ARRANGEMENT, route: ROUTE } = makeSong(CHART);

/** What a page asked to be written. */
interface Question {
  readonly kind: string;
  readonly sheet: string;
  readonly paper: string;
  readonly a4Hz: number;
  readonly tuningMidi: readonly number[];
  readonly route: { readonly stops: readonly unknown[]; readonly changes: readonly unknown[] };
}
const asked: Question[] = [];
let lost: readonly string[] = [];
let refusal: string | null = null;
beforeEach(() => {
  jest.useFakeTimers();
  saved.length = 0;
  asked.length = 0;
  lost = [];
  refusal = null;
  isTooLong = false;
  const server = async (path: string, { body = "{}" }: { body?: string } = {}) => {
    if (path !== "/files/write") return Promise.resolve(response({}));
    asked.push(JSON.parse(body) as Question);
    if (refusal !== null) {
      return Promise.resolve({ ...response(failure("route", refusal), 400), ok: false });
    }
    const headers = new Map([["Tenon-Problems", encodeURIComponent(JSON.stringify(lost))]]);
    return Promise.resolve({
      ok: true,
      headers,
      blob: async () => Promise.resolve(new Blob(["x"])),
    });
  };
  Object.assign(globalThis, { fetch: server });
});
afterEach(() => {
  jest.useRealTimers();
});

const settled = async () => act(async () => jest.advanceTimersByTimeAsync(100));
const notice = () => screen.getByTestId("notice").textContent;
function Notice() {
  return <p data-testid="notice">{parts.useShownNotice()?.notice?.text ?? ""}</p>;
}
async function show() {
  const request = { range: [0, 3] } as unknown as SongPlan["request"];
  const plan = { neck: NECK, arrangement: ARRANGEMENT, request } as SongPlan;
  render(
    <Session start={startWith()}>
      <parts.SaveDialog song={SONG} plan={plan} route={ROUTE} onClose={() => undefined} />
      <Notice />
    </Session>,
  );
  await settled();
}
const press = async (name: RegExp | string) => {
  fireEvent.click(screen.getByRole("button", { name }));
  await settled();
};

describe("a song saved as a file", () => {
  test("for other programs: the way that is shown, under the song's name", async () => {
    await show();
    for (const name of [
      /^Chord sheet/,
      /^Tablature/,
      /^MusicXML for/,
      /^MIDI/,
      /^Table/,
      /^Tenon/,
    ]) {
      await press(name);
    }
    expect(saved).toEqual([
      "iron-gate.cho",
      "iron-gate.tab",
      "iron-gate.musicxml",
      "iron-gate.mid",
      "iron-gate.csv",
      "iron-gate.json",
    ]);
    const [first] = asked;
    expect(first).toMatchObject({ kind: "chordpro", a4Hz: 440, tuningMidi: NECK.midi });
    expect(first?.route.stops).toHaveLength(3);
    expect(first?.route.changes).toHaveLength(2);
    expect(notice()).toBe("iron-gate.json is saved.");
  });

  test("for paper: the sheet and the paper that are chosen", async () => {
    await show();
    fireEvent.change(screen.getByRole("combobox", { name: /^Sheet/ }), {
      target: { value: "lesson" },
    });
    fireEvent.change(screen.getByRole("combobox", { name: /^Paper/ }), {
      target: { value: "letter" },
    });
    await press("PDF");
    await press("Picture, SVG");
    await press("Picture, PNG");
    expect(saved).toEqual(["pdf", "svg", "png"].map((kind) => `iron-gate-lesson.${kind}`));
    expect(asked.map(({ kind, sheet, paper }) => `${kind} ${sheet} ${paper}`)).toEqual([
      "pdf lesson letter",
      "svg lesson letter",
      "svg lesson letter",
    ]);
  });

  test("what a format cannot say is told; what cannot be written says why, and nothing is saved", async () => {
    await show();
    lost = ["a line of words is left out"];
    await press(/^MIDI/);
    expect(notice()).toBe("iron-gate.mid is saved. A line of words is left out.");
    refusal = "a grip has another number of strings than the tuning";
    await press(/^Table /);
    expect(notice()).toBe(`That could not be saved: ${refusal}.`);
    expect(saved).toEqual(["iron-gate.mid"]);
  });

  test("as sound, or why not", async () => {
    await show();
    await press("Sound, WAV");
    expect(saved).toEqual(["iron-gate.wav"]);
    isTooLong = true;
    await press("Sound, WAV");
    expect(notice()).toBe("The song is longer than 15 minutes; save a shorter one as sound.");
    Object.assign(globalThis, { fetch: async () => Promise.reject(new TypeError("fetch")) });
    await press("PDF");
    expect(notice()).toBe("That could not be saved. Is Tenon still running?");
    // The buttons can be pressed again.
    expect(screen.getByRole("button", { name: "PDF" }).hasAttribute("disabled")).toBe(false);
  });
});
