/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { act, render, screen } from "@testing-library/react";
import { useEffect } from "react";
import { type Choice } from "@/state";
import { type ChangeRequest } from "@/wire";
import { useComparisonDocument, useSettings, useView } from "./documents";
import { useInstrument } from "./instrument";
import { useShownNotice, useTell } from "./notices";
import { useRig } from "./rig";
import { Session } from "./Session";
import { fakeBrowser, response, startWith, taken } from "./testing";
import { useHistory, useUndo, useUndoThrough } from "./document";
import { useSavingNews } from "./saving";

fakeBrowser();

const startOf = (choice: Partial<Choice> = {}) => startWith({}, choice);

const saved = jest.fn(async (_: string, { body }: { body: string }) =>
  response(taken(JSON.parse(body) as ChangeRequest)),
);

beforeEach(() => {
  jest.useFakeTimers();
  saved.mockClear();
  Object.assign(globalThis, { fetch: saved });
});

afterEach(() => {
  jest.useRealTimers();
});

describe("what is drawn again", () => {
  test("a notice draws itself and nothing else", async () => {
    const renders = { notice: 0, rest: 0 };
    let tell: ReturnType<typeof useTell> = () => undefined;
    const Notice = () => {
      const { notice } = useShownNotice();
      useEffect(() => void renders.notice++);
      return <p>{notice?.text}</p>;
    };
    const Rest = () => {
      tell = useTell();
      useRig();
      useView();
      useSettings();
      useInstrument();
      useUndo();
      useComparisonDocument();
      useEffect(() => void renders.rest++);
      return null;
    };
    render(
      <Session start={startOf()}>
        <Notice />
        <Rest />
      </Session>,
    );
    await act(async () => undefined);
    const before = { ...renders };
    act(() => tell({ text: "Pinned." }));
    expect(screen.getByText("Pinned.")).toBeTruthy();
    expect(renders).toEqual({ notice: before.notice + 1, rest: before.rest });
  });
});

describe("undo", () => {
  let undo: ReturnType<typeof useUndo>;
  let show: ReturnType<typeof useView>["show"];
  let rename: (name: string) => void;
  const texts = () => screen.getByTestId("state").textContent;

  const Neck = () => {
    const { view, show: change } = useView();
    const steps = useUndo();
    useEffect(() => {
      show = change;
      undo = steps;
    });
    return <p data-testid="state">{view.root}</p>;
  };
  const Room = () => {
    const { value, change, steps } = useHistory(DOCUMENT, NOTHING);
    useUndoThrough(steps);
    useEffect(() => {
      rename = (name) => change(() => ({ name }), true);
    });
    return <p data-testid="room">{value.name}</p>;
  };
  const DOCUMENT = { name: "first" };
  const NOTHING: readonly never[] = [];

  test("walks through the document of the room in front, and leaves the neck's alone", () => {
    const start = startOf({ root: "E" });
    const { rerender } = render(
      <Session start={start}>
        <Neck />
      </Session>,
    );
    act(() => show({ root: "G" }));
    rerender(
      <Session start={start}>
        <Neck />
        <Room />
      </Session>,
    );
    expect(undo).toMatchObject({ canUndo: false, isNeck: false });
    act(() => rename("second"));
    act(() => undo.undo());
    expect(screen.getByTestId("room").textContent).toBe("first");
    expect([texts(), undo.canUndo, undo.canRedo]).toEqual(["G", false, true]);
    // The neck's last change can still be undone from a notice.
    act(() => undo.undoNeck());
    expect(texts()).toBe("E");
    rerender(
      <Session start={start}>
        <Neck />
      </Session>,
    );
    expect(undo).toMatchObject({ canRedo: true, isNeck: true });
    act(() => undo.redo());
    expect(texts()).toBe("G");
  });
});

describe("the last choice", () => {
  const Show = () => {
    const { show } = useView();
    const { notice } = useShownNotice();
    useEffect(() => {
      take = (root) => show({ root });
    });
    return <p>{notice?.text}</p>;
  };
  let take: (root: string) => void;
  const open = () =>
    render(
      <Session start={startOf()}>
        <Show />
      </Session>,
    );
  /** The roots that were sent, each change once however often it was. */
  const roots = () => {
    const sent = saved.mock.calls.flatMap(
      ([, { body }]) => (JSON.parse(body) as ChangeRequest).changes,
    );
    const fields = sent.map(({ key, ...change }) => [key, "fields" in change && change.fields]);
    return [...new Map(fields as [string, Partial<Choice>][]).values()].map(({ root }) => root);
  };

  test("is saved once the player has stopped, and not for every step", async () => {
    open();
    act(() => take("G"));
    await act(async () => jest.advanceTimersByTimeAsync(100));
    act(() => take("A"));
    await act(async () => jest.advanceTimersByTimeAsync(1000));
    expect(roots()).toEqual(["A"]);
  });

  test("is saved at once when the page is left, and only once", async () => {
    open();
    act(() => take("D"));
    await act(async () => {
      window.dispatchEvent(new Event("beforeunload"));
      window.dispatchEvent(new Event("pagehide"));
    });
    await act(async () => jest.advanceTimersByTimeAsync(1000));
    expect(roots()).toEqual(["D"]);
  });

  test("carries only what changed", async () => {
    open();
    act(() => take("G"));
    await act(async () => jest.advanceTimersByTimeAsync(1000));
    const [[, { body }] = ["", { body: "" }]] = saved.mock.calls;
    expect(JSON.parse(body)).toMatchObject({
      identity: "these",
      changes: [{ act: "set", kind: "choice", fields: { root: "G" } }],
    });
  });

  test("that is refused is said so", async () => {
    saved.mockImplementationOnce(async (_, { body }) => {
      const request = JSON.parse(body) as ChangeRequest;
      const problem = { field: "root", message: "root: no note" };
      const outcomes = request.changes.map(({ key }) => ({ key, problem, revision: null }));
      return response({ ...taken(request), outcomes });
    });
    open();
    act(() => take("B"));
    await act(async () => jest.advanceTimersByTimeAsync(1000));
    expect(screen.getByText("root: no note")).toBeTruthy();
  });
});

describe("with the server away", () => {
  let rig: ReturnType<typeof useRig>;
  const News = () => {
    rig = useRig();
    const news = useSavingNews();
    return <p data-testid="news">{news.kind}</p>;
  };
  const news = () => screen.getByTestId("news").textContent;

  test("a change is shown at once, said to wait, and sent when the server is back", async () => {
    const away = async () => {
      throw new TypeError("Failed to fetch");
    };
    saved.mockImplementationOnce(away).mockImplementationOnce(away);
    render(
      <Session start={startOf()}>
        <News />
      </Session>,
    );
    expect(news()).toBe("saved");
    let taken: unknown = "waits";
    act(() => {
      const change = { act: "set", kind: "profile", id: 1, fields: { a4Hz: 432 } } as const;
      void rig.change(change).then((outcome) => (taken = outcome));
    });
    expect(rig.profile.a4Hz).toBe(432);
    await act(async () => jest.advanceTimersByTimeAsync(600));
    expect([news(), taken]).toEqual(["waiting", "waits"]);
    await act(async () => jest.advanceTimersByTimeAsync(3000));
    expect(news()).toBe("saved");
    expect(taken).toMatchObject({ problem: null });
    const keys = saved.mock.calls.map(
      ([, { body }]) => (JSON.parse(body) as ChangeRequest).changes[0]?.key,
    );
    // Sent three times under one key: it counts once.
    expect(keys).toHaveLength(3);
    expect(new Set(keys).size).toBe(1);
  });
});
