import { useCallback, useEffect, useState } from "react";
import { checkFretting, readFretting, type Fretting } from "@/core/fretting";
import { type ShapeReading } from "@/core/reading";
import { useHistory, useInstrument, usePlayer, useRig, useUndoThrough } from "@/session";
import { lastValue, useComputed, type Computed } from "@/ui/computed";
import { useNames } from "@/ui/names";
import { compute } from "@/worker/client";

interface Shape {
  /** As the player wrote or tapped it. */
  readonly text: string;
  /** What of it is understood; all silent where nothing is. */
  readonly fretting: Fretting;
  readonly problem: string | null;
  readonly reading: ShapeReading | null;
  readonly state: Computed<unknown>;
  readonly write: (text: string) => void;
  /** Puts a note on a string, or takes it away where it is already. */
  readonly tap: (string: number, fret: number) => void;
  readonly put: (fretting: Fretting) => void;
}

const NOTHING_KEPT: readonly never[] = [];

/** The shape on the Name screen; the address holds it as "?frets=x-5-7-7-x-x". */
export function useShape(start: string): Shape {
  const { neck } = useInstrument();
  const { profile } = useRig();
  const { player } = usePlayer();
  const { shift } = useNames();
  const [first] = useState(() => ({ text: start.replaceAll("-", " ") }));
  const { value: document, change, steps } = useHistory(first, NOTHING_KEPT);
  const { text } = document;
  const setText = useCallback((next: string) => change(() => ({ text: next }), true), [change]);
  useUndoThrough(steps);
  const read = text.trim() === "" ? null : readOn(neck, text);
  const fretting = read?.ok ? read.value : neck.midi.map(() => null);
  const key = fretting.join();

  useEffect(() => {
    const frets = text.trim().replace(/[\s,/-]+/g, "-");
    history.replaceState(null, "", frets === "" ? location.pathname : `?frets=${frets}`);
  }, [text]);

  const put = useCallback(
    (next: Fretting) =>
      setText(next.every((fret) => fret === null) ? "" : next.map((fret) => fret ?? "x").join(" ")),
    [setText],
  );
  const tap = (string: number, fret: number) =>
    put(fretting.with(string, fretting[string] === fret ? null : fret));

  const computed = useComputed(
    useCallback(async () => {
      const requested = key.split(",").map((fret) => (fret === "" ? null : Number(fret)));
      return compute().read(neck, requested, player, { accidentals: profile.accidentals, shift });
    }, [neck, key, player, profile.accidentals, shift]),
  );
  const value = computed.kind === "failed" ? null : lastValue(computed);
  // An answer for another shape says nothing about this one.
  const reading = value && value.fretting.join() === key ? value : null;
  return {
    text,
    fretting,
    problem: read && !read.ok ? read.problem.message : null,
    reading,
    state: computed,
    write: setText,
    tap,
    put,
  };
}

function readOn(neck: Parameters<typeof checkFretting>[0], text: string) {
  const read = readFretting(text);
  return read.ok ? checkFretting(neck, read.value) : read;
}
