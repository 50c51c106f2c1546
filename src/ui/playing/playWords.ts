import { rootOfGrip, type ArrangedChord } from "@/core/arrangement";
import { tonesOverRoot } from "@/core/fretting";
import { type Fingering } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { pitchClassOf } from "@/core/pitch";
import { type Wait } from "@/core/playing";
import { type Strike } from "@/core/song";

/** "in 2 bars", "in 3 beats", "next beat". */
export function waitWords({ unit, count }: Wait): string {
  if (unit === "beats" && count <= 1) return count === 0 ? "now" : "next beat";
  return `in ${count} ${count === 1 ? unit.slice(0, -1) : unit}`;
}

/** A chord's name; a riff is called so, and its notes stand in its bar. */
export function shownName({ name, notes }: Pick<ArrangedChord, "name" | "notes">): string {
  return notes ? "Riff" : name;
}

/** Where the hand begins a riff: "finger 1 first"; empty where an open string does. */
export function riffWords({ presses }: Pick<Fingering, "presses">): string {
  const [first] = presses;
  if (!first) return "";
  return first.finger === "T" ? "thumb first" : `finger ${first.finger} first`;
}

/** String and fret of a grip's lowest root. */
export interface GripPlace {
  /** From 1, the thinnest. */
  readonly stringNumber: number;
  readonly fret: number;
}

/** The lowest root of a grip, or its lowest note if no root sounds; null if all strings are silent. */
export function placeOfGrip(
  neck: Neck,
  chord: ArrangedChord,
  { fretting }: Pick<Fingering, "fretting">,
): GripPlace | null {
  const root = rootOfGrip(chord, neck, fretting);
  const tones = tonesOverRoot(neck, fretting, pitchClassOf(root));
  const rooted = tones.findIndex((tone) => tone !== null && tone % 12 === 0);
  const string = rooted >= 0 ? rooted : fretting.findIndex((fret) => fret !== null);
  const fret = fretting[string];
  return fret === null || fret === undefined
    ? null
    : { stringNumber: fretting.length - string, fret };
}

/** "let it ring", "palm muted", "ringing and palm muted, with scratches". */
export function mannerWords(strikes: readonly Pick<Strike, "touch">[]): string {
  const touches = new Set(strikes.map(({ touch }) => touch));
  const [rings, isMuted] = [touches.has("ringing"), touches.has("muted")];
  const main =
    rings && isMuted
      ? "ringing and palm muted"
      : isMuted
        ? "palm muted"
        : rings
          ? "let it ring"
          : "";
  if (!touches.has("choked")) return main;
  return main === "" ? "scratched" : `${main}, with scratches`;
}

/** Numbers of the sounding or of the silent strings, thickest first: "6 5 4". */
export function stringNumbers({ fretting }: Pick<Fingering, "fretting">, sounds: boolean): string {
  return fretting
    .flatMap((fret, string) => ((fret !== null) === sounds ? [fretting.length - string] : []))
    .join(" ");
}
