import { type Fretting } from "@/core/fretting";

/** A fretting as players write it, thick string first: "10 10 10 × × ×". */
export function FretText({ fretting }: { readonly fretting: Fretting }) {
  return (
    <span
      className="figures font-semibold whitespace-nowrap [word-spacing:0.15em]"
      aria-label={spokenFretting(fretting)}
      role="img"
    >
      {fretting.map((fret) => fret ?? "×").join(" ")}
    </span>
  );
}

/** The same for a screen reader, string by string. */
export function spokenFretting(fretting: Fretting): string {
  const played = fretting.map((fret) =>
    fret === null ? "silent" : fret === 0 ? "open" : String(fret),
  );
  return `from the thick string: ${played.join(", ")}`;
}

/** Fingers in use, thick string first: "1 3 4"; a word where the hand does nothing. */
export function fingersText(fingers: readonly (number | string)[]): string {
  const used = fingers.filter((finger) => finger !== 0);
  return used.length > 0 ? used.join(" ") : "open";
}
