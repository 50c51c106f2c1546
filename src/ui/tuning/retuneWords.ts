import { type ByEarCheck, type RetunedString } from "@/core/retuning";
import { type TensionWarning } from "@/core/strings";

/** A retune sheet in a player's words; strings are counted from the thinnest, as players do. */

/** What to do with the peg: always from below, so that the string holds its pitch. */
export function turnText({ semitones }: RetunedString): string {
  const size = Math.abs(semitones);
  const steps = size === 1 ? "a half step" : `${size} half steps`;
  return semitones < 0 ? `down ${steps}: go below, then up to it` : `up ${steps}, slowly`;
}

/** How to hear that it is right; the first string has only an outside reference. */
export function checkText(check: ByEarCheck | null, string: number, strings: number): string {
  if (!check) return "Match the tone, the tuner or another instrument.";
  const { referenceString, referenceFret, tunedFret, kind } = check;
  const own = placeText(strings - string, tunedFret);
  const reference = placeText(strings - referenceString, referenceFret);
  return kind === "unison"
    ? `${capital(own)} sounds the same as ${reference}.`
    : `${capital(own)} sounds an octave from ${reference}.`;
}

export function warningText(warning: TensionWarning, strings: number): string {
  const percent = "share" in warning ? Math.round(100 * warning.share) : 0;
  const name = "string" in warning ? `String ${strings - warning.string}` : "";
  switch (warning.kind) {
    case "near breaking":
      return `${name} at ${percent}% of what plain steel bears: it may snap, whatever its gauge. Slack first, face away, wear glasses.`;
    case "above usual":
      return `${name} goes ${halfSteps(warning.semitones)} above what it is made for and may snap: slack first, face away, wear glasses.`;
    case "slack":
      return `${name} keeps ${percent}% of its usual tension: likely too slack, it will buzz and go sharp.`;
    case "total":
      return `All strings together pull ${percent}% of the usual. If you keep it there, have a qualified technician check neck, nut and truss rod.`;
  }
}

/** How the pull of all strings changes: in N where the strings are known, else as a share. */
export function pullText(pull: {
  readonly changeN: number | null;
  readonly share: number;
}): string {
  const percent = Math.round(100 * (pull.share - 1));
  const share = `${signed(percent)}%`;
  return pull.changeN === null
    ? `${share}, if all strings pull alike`
    : `${signed(Math.round(pull.changeN))} N (${share})`;
}

export function tensionText({ tension, semitones, usualShare }: RetunedString): string {
  if (!tension) return `${Math.round(100 * usualShare)}% of usual`;
  const after = `${tension.toN.toFixed(0)} N`;
  return semitones === 0 ? after : `${tension.fromN.toFixed(0)} to ${after}`;
}

function placeText(number: number, fret: number): string {
  return fret === 0 ? `open string ${number}` : `string ${number} at fret ${fret}`;
}

function halfSteps(count: number): string {
  return count === 1 ? "a half step" : `${count} half steps`;
}

function signed(value: number): string {
  return value > 0 ? `+${value}` : value < 0 ? `−${-value}` : "0";
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
