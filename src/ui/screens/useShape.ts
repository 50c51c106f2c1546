import { useCallback, useEffect, useState } from "react";
import { checkFretting, readFretting, type Fretting } from "@/core/fretting";
import { type ShapeReading } from "@/core/reading";
import { useComputed, useNames, useWorkspace } from "@/ui/workspace";
import { compute } from "@/worker/client";

interface Shape {
  /** As the player wrote or tapped it. */
  readonly text: string;
  /** What of it is understood; all silent where nothing is. */
  readonly fretting: Fretting;
  readonly problem: string | null;
  readonly reading: ShapeReading | null;
  readonly write: (text: string) => void;
  /** Puts a note on a string, or takes it away where it is already. */
  readonly tap: (string: number, fret: number) => void;
  readonly put: (fretting: Fretting) => void;
}

/** The shape on the Name screen; it stands in the address as "?frets=x-5-7-7-x-x". */
export function useShape(start: string): Shape {
  const { neck, profile, player } = useWorkspace();
  const { shift } = useNames();
  const [text, setText] = useState(() => start.replaceAll("-", " "));
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
    [],
  );
  const tap = (string: number, fret: number) =>
    put(fretting.with(string, fretting[string] === fret ? null : fret));

  const { value } = useComputed(
    useCallback(async () => {
      const asked = key.split(",").map((fret) => (fret === "" ? null : Number(fret)));
      return compute().read(neck, asked, player, { accidentals: profile.accidentals, shift });
    }, [neck, key, player, profile.accidentals, shift]),
  );
  // An answer for another shape says nothing about this one.
  const reading = value && value.fretting.join() === key ? value : null;
  return {
    text,
    fretting,
    problem: read && !read.ok ? read.problem.message : null,
    reading,
    write: setText,
    tap,
    put,
  };
}

function readOn(neck: Parameters<typeof checkFretting>[0], text: string) {
  const read = readFretting(text);
  return read.ok ? checkFretting(neck, read.value) : read;
}
