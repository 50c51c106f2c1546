/** @jest-environment jsdom */
import { afterEach, beforeEach, expect, jest, test } from "@jest/globals";
import { act, render } from "@testing-library/react";
import { DEFAULT_SONG_SETTINGS } from "@/core/arrangement";
import { useEffect } from "react";
import { usualMidi } from "@/core/tuning";
import { Session, useUndo } from "@/session";
import { fakeBrowser, response, startWith, taken } from "@/session/testing";
import { type ChangeRequest } from "@/wire";
import { UNNAMED, useSongDocument, type SongDocument, type SongStart } from "./useSongDocument";

fakeBrowser();

const STANDARD = usualMidi(6);
const start = startWith();
let songId = 70;
const songStart = (part: Partial<SongStart> = {}): SongStart => ({
  id: ++songId,
  revision: 4,
  isNew: false,
  name: "Slow Freight",
  chart: "| A5 |",
  guitarId: 1,
  tuningMidi: STANDARD,
  settings: DEFAULT_SONG_SETTINGS,
  archived: false,
  ...part,
});

let revision = 4;
const saved = jest.fn(async (_: string, { body }: { body: string }) =>
  response(taken(JSON.parse(body) as ChangeRequest, ++revision)),
);
const sent = () =>
  saved.mock.calls
    .flatMap(([, { body }]) => (JSON.parse(body) as ChangeRequest).changes)
    .filter(({ kind }) => kind === "song");

/** What the room last showed. */
const seen = { document: null as SongDocument | null, undo: () => undefined as void };
const shown = () => {
  if (!seen.document) throw new Error("nothing is shown");
  return seen.document;
};
function Shown({ song }: { readonly song: SongStart }) {
  const document = useSongDocument(song);
  const { undo } = useUndo();
  useEffect(() => void Object.assign(seen, { document, undo }));
  return null;
}
const open = async (song: SongStart) => {
  const view = render(
    <Session start={start}>
      <Shown song={song} />
    </Session>,
  );
  await act(async () => undefined);
  return view;
};
const wait = async (ms: number) => act(async () => jest.advanceTimersByTimeAsync(ms));

beforeEach(() => {
  jest.useFakeTimers();
  saved.mockClear();
  revision = 4;
  Object.assign(globalThis, { fetch: saved });
});
afterEach(() => {
  jest.useRealTimers();
});

test("what is typed is saved once the player stops, each save after the one before", async () => {
  await open(songStart());
  act(() => shown().type("| A5 | D"));
  act(() => shown().type("| A5 | D5 |"));
  expect(sent()).toEqual([]);
  await wait(500);
  expect(sent()).toMatchObject([
    { act: "set", fields: { chart: "| A5 | D5 |" }, basedOn: 4, id: songId },
  ]);
  const [first] = sent();
  expect(first).not.toHaveProperty("after");
  act(() => shown().setSettings({ allAsPowerChords: true }));
  await wait(500);
  expect(sent()[1]).toMatchObject({
    fields: { settings: { allAsPowerChords: true } },
    after: first?.key,
  });
});

test("a song that begins is kept from its first change on, under the title of its chart", async () => {
  await open(songStart({ isNew: true, revision: 0, name: UNNAMED, chart: "" }));
  await wait(1000);
  expect(sent()).toEqual([]);
  act(() => shown().type("Title: Gravel Road\n| A5 |"));
  await wait(500);
  expect(sent()).toMatchObject([{ act: "add", value: { name: "Gravel Road" } }]);
  act(() => shown().set({ name: "My own" }));
  act(() => shown().type("Title: Another\n| A5 |"));
  expect(shown().song.name).toBe("My own");
});

test("a first line names the song only while it is a title", async () => {
  await open({ ...songStart(), isNew: true, name: "New song", chart: "" });
  act(() => shown().type("Tuning\n| A5 |"));
  expect(shown().song.name).toBe("Tuning");
  act(() => shown().type("Tuning: drop C\n| A5 |"));
  expect(shown().song.name).toBe("New song");
  act(() => shown().type("Title: Gate\n| A5 |"));
  act(() => shown().type("| A5 |"));
  expect(shown().song.name).toBe("Gate");
});

test("undo goes back over what was typed in one go, and over what was set, step by step", async () => {
  await open(songStart());
  act(() => shown().type("| A5 | D"));
  act(() => shown().type("| A5 | D5 |"));
  await wait(2000);
  act(() => shown().setSettings({ allAsPowerChords: true }));
  act(() => seen.undo());
  expect(shown().song.settings.allAsPowerChords).toBe(false);
  expect(shown().song.chart).toBe("| A5 | D5 |");
  act(() => seen.undo());
  expect(shown().song.chart).toBe("| A5 |");
});

test("leaving saves at once, and coming back shows it before the server has it", async () => {
  const song = songStart();
  const room = (isIn: boolean) => (
    <Session start={start}>{isIn ? <Shown song={song} /> : null}</Session>
  );
  const { rerender } = render(room(true));
  await act(async () => undefined);
  act(() => shown().type("| G5 |"));
  rerender(room(false));
  await wait(0);
  expect(sent()).toMatchObject([{ fields: { chart: "| G5 |" } }]);
  rerender(room(true));
  await act(async () => undefined);
  expect(shown().song.chart).toBe("| G5 |");
});
