import { expect, test } from "@jest/globals";
import { makeBand } from ".";
import { type Sounding } from "./band";

/** As much of an audio context as a band asks for; notes when each source is started and stopped. */
function fakeContext(currentTime: number) {
  const started: { atS: number; until: number | null }[] = [];
  const node = () => ({
    gain: { value: 1, setTargetAtTime: () => undefined },
    frequency: { value: 0 },
    connect: (next: object) => next,
    disconnect: () => undefined,
  });
  const context = {
    currentTime,
    sampleRate: 8000,
    destination: node(),
    createGain: node,
    createWaveShaper: node,
    createBiquadFilter: node,
    createBuffer: (_: number, length: number, rate: number) => ({
      duration: length / rate,
      copyToChannel: () => undefined,
    }),
    createBufferSource: () => {
      const note = { atS: NaN, until: null as number | null };
      return {
        ...node(),
        start: (atS: number) => void started.push(Object.assign(note, { atS })),
        stop: (until = 0) => void (note.until = until),
      };
    },
  };
  return { context: context as unknown as BaseAudioContext, started };
}

const click = (atS: number): Sounding => ({
  atS,
  lengthS: null,
  sound: { kind: "click", strength: "beat" },
});
const chord = (atS: number, lengthS: number, hz = [110, 165]): Sounding => ({
  atS,
  lengthS,
  sound: { kind: "grip", frequenciesHz: hz, manner: "strum", isAccented: false },
});

test("everything starts when it is put, and what is over already is left out", () => {
  const { context, started } = fakeContext(10);
  makeBand(context, { gain: true, loudness: 1 }).schedule([click(9.9), click(10.5), click(12)]);
  expect(started.map(({ atS }) => atS)).toEqual([10.5, 12]);
});

test("a count is spoken where there is a voice; without one the ands are clicks and the beats' own clicks remain", () => {
  const words = ["one", "and"].map((word, index) => ({
    atS: 1 + index,
    lengthS: 0.5,
    sound: { kind: "word", word } as const,
  }));
  const [bare, spoken] = [fakeContext(0), fakeContext(0)];
  makeBand(bare.context, { gain: false, loudness: 1 }).schedule(words);
  expect(bare.started.map(({ atS }) => atS)).toEqual([2]);
  const voice = new Map([["one", { duration: 2 } as AudioBuffer]]);
  makeBand(spoken.context, { gain: false, loudness: 1, voice }).schedule(words);
  expect(spoken.started.map(({ atS }) => atS)).toEqual([1, 2]);
  expect(spoken.started[0]?.until).toBeCloseTo(1.5, 1);
});

test("a chord ends with its length, a silent one makes no sound, and silence ends all", () => {
  const { context, started } = fakeContext(0);
  const band = makeBand(context, { gain: false, loudness: 0.5 });
  band.schedule([chord(1, 0.5), chord(2, 0.5, []), click(3)]);
  expect(started).toHaveLength(2);
  expect(started[0]?.until).toBeCloseTo(1.5, 1);
  expect(started[1]?.until).toBeNull();
  band.silence();
  expect(started.map(({ until }) => until)).toEqual([0, 0]);
});
