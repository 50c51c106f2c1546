import { hasFormOn } from "@/core/forms";
import { type Playing } from "./options";

/** How a grip lies that sounds exactly some strings. */
export interface StringSet {
  readonly notes: number;
  readonly thickest: number;
  /** Silent strings between sounding ones, and past the thinnest of them. */
  readonly inner: number;
  readonly thin: number;
  /** Whether a form that players know sounds just these strings. */
  readonly hasForm: boolean;
}

export function stringSetOf(playing: Playing): StringSet {
  const thickest = playing.indexOf(true);
  const thinnest = playing.lastIndexOf(true);
  const between = playing.slice(Math.max(0, thickest), thinnest + 1);
  return {
    notes: playing.filter(Boolean).length,
    thickest,
    inner: between.filter((sounds) => !sounds).length,
    thin: playing.length - 1 - thinnest,
    hasForm: hasFormOn(playing),
  };
}

/** By string: how many strings may sound from it to the thinnest. */
export function countPlayingFrom(strings: number, playing: Playing | null): readonly number[] {
  const left = new Array<number>(strings + 1).fill(0);
  for (let string = strings - 1; string >= 0; string--) {
    left[string] = (left[string + 1] ?? 0) + (playing === null || playing[string] ? 1 : 0);
  }
  return left;
}
