/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { act, fireEvent, render, screen } from "@testing-library/react";
import { Notices, useTell, type Notice } from "@/session";
import { NoticeBar } from "./NoticeBar";

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
});

/** A page that tells something when its button is pressed. */
function Page({ notice }: { readonly notice: Notice }) {
  const tell = useTell();
  return (
    <>
      <button onClick={() => tell(notice)}>Tell</button>
      <NoticeBar />
    </>
  );
}

function tell(notice: Notice) {
  render(
    <Notices first={null}>
      <Page notice={notice} />
    </Notices>,
  );
  fireEvent.click(screen.getByRole("button", { name: "Tell" }));
}
const pass = (seconds: number) => act(() => jest.advanceTimersByTime(1000 * seconds));
const shown = () => screen.getByRole("status").textContent;

describe("a notice", () => {
  test("goes by itself", () => {
    tell({ text: "Saved." });
    pass(7);
    expect(shown()).toBe("Saved.");
    pass(2);
    expect(shown()).toBe("");
  });

  test("that can be undone leaves time to put the guitar down", () => {
    tell({ text: "Deleted.", undo: () => undefined });
    pass(19);
    expect(shown()).toContain("Deleted.");
    pass(2);
    expect(shown()).toBe("");
  });

  test.each([
    ["pointed at", fireEvent.pointerEnter, fireEvent.pointerLeave],
    ["focused", fireEvent.focus, fireEvent.blur],
  ] as const)("stays while it is %s", (_, come, leave) => {
    tell({ text: "Deleted.", undo: () => undefined });
    const undo = screen.getByRole("button", { name: "Undo" });
    come(undo);
    pass(600);
    expect(shown()).toContain("Deleted.");
    leave(undo);
    pass(21);
    expect(shown()).toBe("");
  });
});
