/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { act, fireEvent, render, screen, within } from "@testing-library/react";
import { type ReactNode } from "react";
import { DEFAULT_SONG_SETTINGS, NO_PLAY_LIMITS, type SongSettings } from "@/core/arrangement";
import { Session } from "@/session";
import { fakeBrowser, response, startWith, taken } from "@/session/testing";
import { type SavedSong } from "@/state";
import { type ChangeRequest } from "@/wire";
import { LimitsPanel } from "./LimitsPanel";
import { SongsPanel } from "./SongsPanel";
import { STANDARD, standardNeck } from "@/features/song/testing";

fakeBrowser();

const SONGS: readonly SavedSong[] = [
  {
    id: 12,
    name: "Quarry Lights",
    tuningMidi: [38, 45, 50, 55, 59, 64],
    archived: false,
    revision: 0,
  },
  { id: 11, name: "Slow Freight", tuningMidi: STANDARD, archived: false, revision: 0 },
  { id: 10, name: "Nine Below", tuningMidi: STANDARD, archived: true, revision: 0 },
];
const start = startWith({
  songs: SONGS,
  ownVoicings: [
    { id: 3, name: "Wide power chord", voicing: [0, 7, 19], minNotes: null, position: 0 },
  ],
});
const fetched = jest.fn(async (url: string, init?: { body?: string }) => {
  if (url.startsWith("/songs/")) {
    const song = {
      id: 11,
      revision: 4,
      name: "Slow Freight",
      chart: "| E5 |",
      guitarId: 1,
      tuningMidi: STANDARD,
      settings: DEFAULT_SONG_SETTINGS,
      archived: false,
    };
    return response({ ok: true, value: song });
  }
  return response(taken(JSON.parse(init?.body ?? "{}") as ChangeRequest));
});
const sent = () =>
  fetched.mock.calls.flatMap(([url, init]) =>
    url === "/changes" && init?.body ? (JSON.parse(init.body) as ChangeRequest).changes : [],
  );
const show = async (room: ReactNode) => {
  render(<Session start={start}>{room}</Session>);
  await act(async () => undefined);
};
const settled = async () => act(async () => jest.advanceTimersByTimeAsync(50));

beforeEach(() => {
  jest.useFakeTimers();
  fetched.mockClear();
  Object.assign(globalThis, { fetch: fetched });
});
afterEach(() => {
  jest.useRealTimers();
});

describe("the player's songs", () => {
  const open = jest.fn();
  const begin = jest.fn();
  const panel = async () => {
    open.mockClear();
    begin.mockClear();
    await show(<SongsPanel currentId={12} onOpen={open} onNew={begin} />);
  };
  const listed = () =>
    screen.getAllByRole("button", { name: /^Open / }).map(({ textContent }) => textContent);

  test("archived songs are apart, names and tunings are looked for", async () => {
    await panel();
    expect(listed()).toEqual(["Quarry LightsDrop D", "Slow FreightStandard"]);
    const field = screen.getByRole("searchbox", { name: "Find a song" });
    fireEvent.change(field, { target: { value: "drop" } });
    expect(listed()).toEqual(["Quarry LightsDrop D"]);
    fireEvent.change(field, { target: { value: "nowhere" } });
    expect(screen.getByText("No song has that in its name, tuning or chart.")).toBeTruthy();
    fireEvent.change(field, { target: { value: "" } });
    fireEvent.click(screen.getByRole("button", { name: "Archived: 1" }));
    expect(listed()).toEqual(["Nine BelowStandard"]);
  });

  test("opened, begun, archived", async () => {
    await panel();
    fireEvent.click(screen.getByRole("button", { name: "Open Slow Freight" }));
    fireEvent.click(screen.getByRole("button", { name: "New song" }));
    fireEvent.click(screen.getByRole("button", { name: "Archive Slow Freight" }));
    await settled();
    expect(open).toHaveBeenCalledWith(11);
    expect(begin).toHaveBeenCalled();
    expect(sent()).toMatchObject([{ act: "set", id: 11, fields: { archived: true } }]);
  });

  test("the song on screen is deleted: the next one is opened", async () => {
    await panel();
    fireEvent.click(screen.getByRole("button", { name: "Delete Slow Freight" }));
    expect(open).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole("button", { name: "Delete Quarry Lights" }));
    await settled();
    expect(sent()).toMatchObject([
      { act: "delete", id: 11 },
      { act: "delete", id: 12 },
    ]);
    expect(begin).toHaveBeenCalled();
  });

  test("a copy has all of the song under a name of its own, and is opened", async () => {
    await panel();
    fireEvent.click(screen.getByRole("button", { name: "Duplicate Slow Freight" }));
    await settled();
    expect(sent()).toMatchObject([
      { act: "add", value: { name: "Slow Freight (2)", chart: "| E5 |", archived: false } },
    ]);
    expect(open).toHaveBeenCalledTimes(1);
  });
});

describe("limits", () => {
  const change = jest.fn();
  const panel = async (settings: Partial<SongSettings>, section: string | null = null) => {
    change.mockClear();
    await show(
      <LimitsPanel
        settings={{ ...DEFAULT_SONG_SETTINGS, ...settings }}
        neck={standardNeck()}
        sections={["Verse", "Chorus"]}
        section={section}
        onSection={() => undefined}
        onChange={change}
      />,
    );
  };
  const choose = (label: string, value: string) =>
    fireEvent.change(screen.getByRole("combobox", { name: label }), { target: { value } });
  const limits = (part: object) => ({ limits: { ...NO_PLAY_LIMITS, ...part } });

  test.each([
    ["From fret", "5", limits({ frets: [5, 22] })],
    ["To fret", "9", limits({ frets: [0, 9] })],
    ["Open strings", "wanted", limits({ openStrings: "wanted" })],
    ["At most", "3", limits({ maxNotes: 3 })],
    ["Power chords as", "0,7,19", limits({ powerChordVoicing: [0, 7, 19] })],
    ["Chords", "fives", { allAsPowerChords: true }],
    ["Chords", "3", { allAsPowerChords: false, minNotes: 3 }],
  ])("%s %s", async (label, value, expected) => {
    await panel({});
    choose(label, value);
    expect(change).toHaveBeenCalledWith(expected);
  });

  test("the whole range of frets, and all strings, ask nothing", async () => {
    await panel({ limits: { ...NO_PLAY_LIMITS, frets: [5, 22], rootStrings: [0, 1, 2, 3, 4] } });
    choose("From fret", "0");
    expect(change).toHaveBeenCalledWith(limits({ frets: null, rootStrings: [0, 1, 2, 3, 4] }));
    fireEvent.click(screen.getByRole("button", { name: "Roots on string 1" }));
    expect(change).toHaveBeenLastCalledWith(limits({ frets: [5, 22], rootStrings: null }));
  });

  test("the higher fret moves with the lower one, so that neither is ever wrong", async () => {
    await panel({ limits: { ...NO_PLAY_LIMITS, frets: [2, 4] } });
    choose("From fret", "7");
    expect(change).toHaveBeenCalledWith(limits({ frets: [7, 7] }));
    choose("To fret", "1");
    expect(change).toHaveBeenLastCalledWith(limits({ frets: [1, 1] }));
  });

  test("a section begins as the whole song, has its own from its first change, and gives them up", async () => {
    const song = { ...NO_PLAY_LIMITS, frets: [0, 9] as const };
    await panel({ limits: song }, "Chorus");
    expect(screen.getByText(/As the whole song, until/)).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "A bass covers the low notes" }));
    expect(change).toHaveBeenCalledWith({
      sectionLimits: { Chorus: { ...song, withoutLowest: true } },
    });
    document.body.innerHTML = "";
    await panel({ sectionLimits: { Chorus: song, Verse: NO_PLAY_LIMITS } }, "Chorus");
    fireEvent.click(screen.getByRole("button", { name: "As the whole song" }));
    expect(change).toHaveBeenCalledWith({ sectionLimits: { Verse: NO_PLAY_LIMITS } });
  });

  test("strings for roots are counted from the thinnest, as players do", async () => {
    await panel({});
    const strings = within(screen.getByRole("group", { name: "Roots on any string" }));
    expect(strings.getAllByRole("button").map(({ textContent }) => textContent)).toEqual([
      ..."654321",
    ]);
    fireEvent.click(strings.getByRole("button", { name: "Roots on string 6" }));
    expect(change).toHaveBeenCalledWith(limits({ rootStrings: [0] }));
  });
});
