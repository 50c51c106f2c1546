import { type Finger } from "@/core/hand";
import { type HandChange } from "@/core/motion";

/** What the fingers do: "1 stays, 3 slides, 4 lifts". */
export function fingersWords({
  kept,
  slid,
  lifted,
  landed,
}: Pick<HandChange, "kept" | "slid" | "lifted" | "landed">): string {
  const moves: readonly (readonly [readonly Finger[], string, string])[] = [
    [kept, "stays", "stay"],
    [slid, "slides", "slide"],
    [lifted, "lifts", "lift"],
    [landed, "lands", "land"],
  ];
  const told = moves.flatMap(([fingers, one, more]) =>
    fingers.length === 0 ? [] : [`${fingers.join(" ")} ${fingers.length === 1 ? one : more}`],
  );
  return told.length > 0 ? told.join(", ") : "no finger moves";
}
