import { type Fretting } from "@/core/fretting";

/** A fretting on a terminal, thickest string first: "x 3 5 5 x x". */
export function frettingText(fretting: Fretting): string {
  return fretting.map((fret) => fret ?? "x").join(" ");
}
