import { useEffect, type RefObject } from "react";
import { type Fretting } from "@/core/fretting";
import { type NeckScale } from "./neckScale";

/** In a window narrower than the neck, scrolls to a shape whenever another one is given. */
export function useInSight(
  frame: RefObject<HTMLElement | null>,
  frameWidth: number,
  scale: NeckScale,
  fretting: Fretting | null,
): void {
  useEffect(() => {
    const xs = (fretting ?? []).flatMap((fret, string) =>
      fret === null ? [] : [scale.markX(string, fret)],
    );
    if (xs.length === 0 || scale.width <= frameWidth) return;
    frame.current?.scrollTo({ left: Math.min(...xs) - frameWidth / 3, behavior: "smooth" });
  }, [frame, frameWidth, scale, fretting]);
}
