import { formOf } from "@/core/forms";
import { type Grip } from "@/core/grip";

/**
 * The form that a grip is known by: "A form, moved to fret 4", "open C form"; null for none, and where the root
 * is not the thickest note.
 */
export function formText({ fretting, midi, tones }: Grip): string | null {
  if (tones.find((tone) => tone !== null) !== 0) return null;
  const form = formOf(fretting, midi);
  if (!form) return null;
  if (fretting.includes(0)) return `Open ${form.letter} form`;
  const fret = Math.min(...fretting.flatMap((each) => (each === null ? [] : [each])));
  return `${form.letter} form, moved to fret ${fret}`;
}
