import { powerChordFormOf, formOf } from "@/core/forms";
import { type Grip } from "@/core/grip";

/**
 * The form that a grip is known by: "A form, moved to fret 4", "Open C form", "Power chord, root on string 6"; null for
 * none, and where the root is not the thickest note.
 */
export function formText({ fretting, midi, tones }: Grip): string | null {
  if (tones.find((tone) => tone !== null) !== 0) return null;
  const five = powerChordFormOf(tones);
  if (five) {
    const string = fretting.length - fretting.findIndex((fret) => fret !== null);
    return `${five === "octave" ? "Octave" : "Power chord"}, root on string ${string}`;
  }
  const form = formOf(fretting, midi);
  if (!form) return null;
  if (fretting.includes(0)) return `Open ${form.letter} form`;
  const fret = Math.min(...fretting.flatMap((each) => (each === null ? [] : [each])));
  return `${form.letter} form, moved to fret ${fret}`;
}
