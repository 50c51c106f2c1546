import { type Fretting } from "@/core/fretting";
import { type Finger } from "@/core/hand";

/** A grip that a sheet defines for a chord's name. */
export interface DefinedGrip {
  readonly name: string;
  readonly fretting: Fretting;
  readonly fingers: readonly (Finger | 0)[] | null;
}

const SILENT = /^[xXnN-]$|^-1$/;
const WORDS =
  /^(\S+)\s+(?:base-fret\s+(\d{1,2})\s+)?frets\s+(.+?)(?:\s+fingers\s+(.+?))?(?:\s+(?:keys|display|format)\s.*)?$/i;
const MAX_FRETS = 36;

/**
 * Reads what a `{define}` says; null where it defines no frets, as for keys or a copy. Its frets count from `base-fret`.
 *
 * @example readDefine("D5 base-fret 5 frets x 1 3 3 x x")?.fretting // [null, 5, 7, 7, null, null]
 */
export function readDefine(value: string): DefinedGrip | null {
  const [, name = "", base = "1", frets = "", fingers] = WORDS.exec(value.trim()) ?? [];
  const words = frets.split(/\s+/).filter(Boolean);
  if (words.length === 0 || !words.every((word) => SILENT.test(word) || /^\d{1,2}$/.test(word))) {
    return null;
  }
  const above = Math.max(1, Number(base)) - 1;
  const fretting = words.map((word) =>
    SILENT.test(word) ? null : Number(word) === 0 ? 0 : Number(word) + above,
  );
  if (fretting.some((fret) => (fret ?? 0) > MAX_FRETS)) return null;
  return { name, fretting, fingers: readFingers(fingers, words.length) };
}

function readFingers(text: string | undefined, strings: number): DefinedGrip["fingers"] {
  const words = text?.split(/\s+/).filter(Boolean) ?? [];
  if (words.length !== strings) return null;
  const fingers = words.map((word) =>
    /^[1-4]$/.test(word) ? (Number(word) as Finger) : /^t$/i.test(word) ? ("T" as const) : 0,
  );
  return fingers.some((finger) => finger !== 0) ? fingers : null;
}

/** Frets that fit in the picture of a grip at the nut. */
const AT_NUT = 4;

/** A grip as a `{define}`. */
export function defineText({ name, fretting, fingers }: DefinedGrip): string {
  const pressed = fretting.filter((fret) => fret !== null && fret > 0) as number[];
  const base = Math.max(0, ...pressed) <= AT_NUT ? 1 : Math.min(...pressed);
  const frets = fretting.map((fret) => (fret === null ? "x" : fret === 0 ? 0 : fret - base + 1));
  const held = fingers?.some((finger) => finger !== 0)
    ? ` fingers ${fingers.map((finger) => (finger === 0 ? "x" : finger)).join(" ")}`
    : "";
  return `{define: ${name} base-fret ${base} frets ${frets.join(" ")}${held}}`;
}
