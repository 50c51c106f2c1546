/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { act, fireEvent, render, screen } from "@testing-library/react";
import { type ComponentType } from "react";
import { fetchWhileIdle, onDemand } from "./onDemand";

const Closed: ComponentType<{ readonly onClose: () => void }> = () => null;
const Part: ComponentType<{ readonly text: string }> = ({ text }) => <p>{text}</p>;

describe("a part on demand", () => {
  const warn = jest.spyOn(console, "warn");
  beforeEach(() => {
    warn.mockImplementation(() => undefined);
  });
  afterEach(() => {
    warn.mockReset();
  });

  test("is fetched once, when it is first shown", async () => {
    const load = jest.fn(async () => Part);
    const Lazy = onDemand("The part", load);
    expect(load).not.toHaveBeenCalled();
    const { unmount } = render(<Lazy text="here" />);
    expect(await screen.findByText("here")).toBeTruthy();
    unmount();
    render(<Lazy text="again" />);
    expect(screen.getByText("again")).toBeTruthy();
    expect(load).toHaveBeenCalledTimes(1);
  });

  test("that cannot be fetched says so, and comes once it can", async () => {
    const load = jest.fn(async () => Part).mockRejectedValueOnce(new Error("server away"));
    const Lazy = onDemand("The part", load, ({ text }) => <i>until {text}</i>);
    render(<Lazy text="here" />);
    expect(screen.getByText("until here")).toBeTruthy();
    const alert = await screen.findByRole("alert");
    expect(screen.getByText("until here")).toBeTruthy();
    expect(alert.textContent).toContain("The part could not be fetched. Is Tenon still running?");
    fireEvent.click(screen.getByRole("button", { name: "Try again" }));
    expect(await screen.findByText("here")).toBeTruthy();
    expect(screen.queryByRole("alert")).toBeNull();
    expect(screen.queryByText("until here")).toBeNull();
  });

  test("what can be closed can be closed while it is missing", async () => {
    const load = jest.fn(async () => Closed).mockRejectedValueOnce(new Error("server away"));
    const Closable = onDemand("The list", load);
    const onClose = jest.fn();
    render(<Closable onClose={onClose} />);
    fireEvent.click(await screen.findByRole("button", { name: "Close" }));
    expect(onClose).toHaveBeenCalledTimes(1);
  });

  test("is there before it is asked for, where the page had time", async () => {
    const load = jest.fn(async () => Part);
    const Lazy = onDemand("The part", load);
    jest.useFakeTimers();
    const stop = fetchWhileIdle(1000);
    await act(async () => jest.advanceTimersByTimeAsync(900));
    expect(load).not.toHaveBeenCalled();
    await act(async () => jest.advanceTimersByTimeAsync(10_000));
    expect(load).toHaveBeenCalledTimes(1);
    stop();
    jest.useRealTimers();
    render(<Lazy text="at once" />);
    expect(screen.getByText("at once")).toBeTruthy();
  });
});
