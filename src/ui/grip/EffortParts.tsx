import { type EffortTerms, type Fingering } from "@/core/hand";
import { PointParts } from "./PointParts";

const TERM_NAMES: Readonly<Record<keyof EffortTerms, string>> = {
  fingers: "Fingers used",
  barre: "One finger on several strings",
  reach: "Opening the hand",
  stretch: "Beyond comfortable",
  spacing: "Off one finger per fret",
  across: "Across the strings",
  interior: "Silent string between",
  risk: "Strings left unsilenced",
  arch: "Arching over open strings",
  access: "High on the neck",
  crowding: "Fingertips crowded",
  crossed: "Index past a higher finger",
  school: "Your usual fingering",
};

/** What the effort of a fingering is the sum of. */
export function EffortParts({ fingering }: { readonly fingering: Fingering }) {
  const { terms, effort } = fingering;
  return <PointParts names={TERM_NAMES} terms={terms} sum="Effort" points={effort} />;
}
