/** @jest-environment jsdom */
import { afterEach, beforeAll, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { act, fireEvent, render, screen } from "@testing-library/react";
import { type SoundHandler } from "@/audio/capture";
import { type Listened } from "@/audio/ear";
import { EXAMPLE_STRING, pluck } from "@/audio";
import { seededRandom } from "@/core/random";
import { Session } from "@/session";
import { fakeBrowser, response, startWith, taken } from "@/session/testing";
import { type ChangeRequest } from "@/wire";

fakeBrowser();

/** What the browser does with the microphone. */
let refusal: Error | null = null;
let measured: number | null = 85;
let lost: (() => void) | null = null;
const opened: Listened[] = [];
/** Everything that was sent to be saved. */
const sent: string[] = [];
let closes = 0;
let sound: SoundHandler | null = null;
jest.mock("@/audio/ear", () => ({
  openEar: async (who: Listened, onLost: () => void) => {
    if (refusal) return Promise.reject(refusal);
    opened.push(who);
    lost = onLost;
    return Promise.resolve({
      expect: () => undefined,
      onsets: () => [],
      close: () => void closes++,
    });
  },
  measureLatencyMs: async () => Promise.resolve(measured),
}));
jest.mock("@/audio/capture", () => ({
  captureMicrophone: async (onSound: SoundHandler, onLost: () => void) => {
    if (refusal) return Promise.reject(refusal);
    sound = onSound;
    lost = onLost;
    return Promise.resolve(() => void closes++);
  },
}));
// Imported after what they use is replaced.
const importParts = async () => ({
  ...(await import("./ListenPanel")),
  ...(await import("./useEar")),
  ...(await import("./useDetectedPitch")),
  ...(await import("@/session")),
});
let parts: Awaited<ReturnType<typeof importParts>>;
beforeAll(async () => {
  parts = await importParts();
});

const settled = async () => act(async () => jest.advanceTimersByTimeAsync(50));
const press = async (name: string) => {
  fireEvent.click(screen.getByRole("button", { name }));
  await settled();
};
const isPressed = (name: string) =>
  screen.getByRole("button", { name }).getAttribute("aria-pressed") === "true";
const notice = () => screen.getByTestId("notice").textContent;

function Notice() {
  return <p data-testid="notice">{parts.useShownNotice()?.notice?.text ?? ""}</p>;
}

beforeEach(() => {
  jest.useFakeTimers();
  refusal = null;
  measured = 85;
  closes = 0;
  opened.length = 0;
  sent.length = 0;
  const saved = async (_: string, { body = "{}" }: { body?: string } = {}) => {
    sent.push(body);
    return Promise.resolve(response(taken(JSON.parse(body) as ChangeRequest)));
  };
  Object.assign(globalThis, { fetch: saved });
});
afterEach(() => {
  jest.useRealTimers();
});

describe("listening to time", () => {
  function Panel() {
    return <parts.ListenPanel ear={parts.useEar()} />;
  }
  const show = async () => {
    render(
      <Session start={startWith()}>
        <Panel />
        <Notice />
      </Session>,
    );
    await settled();
    fireEvent.click(screen.getByText("Listen to my time"));
  };

  test("one is listened to at a time; pressing it again ends it", async () => {
    await show();
    await press("Try it: steady");
    await press("Microphone");
    expect(opened).toEqual(["steady", "microphone"]);
    expect([isPressed("Try it: steady"), isPressed("Microphone")]).toEqual([false, true]);
    await press("Microphone");
    expect(isPressed("Microphone")).toBe(false);
    expect(closes).toBe(2);
  });

  test("the delay is measured by microphone, and kept", async () => {
    await show();
    const button = () => screen.getByRole("button", { name: "Measure the delay" });
    expect((button() as HTMLButtonElement).disabled).toBe(true);
    await press("Microphone");
    await press("Measure the delay");
    await settled();
    expect(sent.join()).toContain('"latencyMs":85');
  });

  test("too few clicks heard: what to do about it", async () => {
    measured = null;
    await show();
    await press("Microphone");
    await press("Measure the delay");
    expect(screen.getByText(/^Too few clicks were detected\. Hold one ear/)).toBeTruthy();
    expect(screen.getByText("Delay not measured yet")).toBeTruthy();
  });

  test("refused, missing, unplugged: each is said, and rounds are judged by the player", async () => {
    await show();
    refusal = new DOMException("no", "NotAllowedError");
    await press("Microphone");
    expect(notice()).toMatch(/^The browser blocks the microphone\./);
    refusal = new DOMException("no", "NotFoundError");
    await press("Microphone");
    expect(notice()).toMatch(/^No microphone was found\./);
    refusal = null;
    await press("Microphone");
    act(() => lost?.());
    expect(notice()).toMatch(/^The microphone was unplugged\./);
    expect(isPressed("Microphone")).toBe(false);
  });
});

describe("answers that are played", () => {
  const heard: number[] = [];
  function Pitch() {
    const { isListening, toggle } = parts.useDetectedPitch((midi) => heard.push(midi));
    return (
      <button type="button" aria-pressed={isListening} onClick={toggle}>
        Listen
      </button>
    );
  }
  const show = async () => {
    heard.length = 0;
    render(
      <Session start={startWith()}>
        <Pitch />
        <Notice />
      </Session>,
    );
    await settled();
  };

  test("a plucked string is handed over once, in half steps", async () => {
    await show();
    await press("Listen");
    expect(isPressed("Listen")).toBe(true);
    const rate = 44_100;
    // The open A string: 110 Hz, MIDI 45.
    const string = { ...EXAMPLE_STRING, idealHz: 110, inharmonicity: 0 };
    const samples = pluck(string, 2, rate, seededRandom(3));
    for (let at = 0.1; at <= 2; at += 0.1) {
      sound?.(samples.slice(0, Math.round(at * rate)), rate, at);
    }
    expect(heard).toHaveLength(1);
    expect(heard[0]).toBeCloseTo(45, 1);
    await press("Listen");
    expect([isPressed("Listen"), closes]).toEqual([false, 1]);
  });

  test("a microphone that is refused or unplugged leaves neck and keys", async () => {
    await show();
    refusal = new Error("no");
    await press("Listen");
    expect(notice()).toMatch(/^The microphone cannot be used\. Answer on the neck or by key\./);
    refusal = null;
    await press("Listen");
    act(() => lost?.());
    expect(notice()).toMatch(/^The microphone was unplugged\./);
    expect(isPressed("Listen")).toBe(false);
  });
});
