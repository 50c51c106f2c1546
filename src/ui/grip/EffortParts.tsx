import { type EffortTerms, type Fingering } from "@/core/hand";

const TERM_NAMES: Readonly<Record<keyof EffortTerms, string>> = {
  fingers: "Fingers put down",
  barre: "One finger on several strings",
  reach: "Opening the hand",
  stretch: "Beyond comfortable",
  spacing: "Fingers off one per fret",
  across: "Across the strings",
  interior: "Silent string between",
  risk: "Strings left unsilenced",
  arch: "Arching over open strings",
  access: "High on the neck",
  crowding: "Fingertips short of room",
  school: "Your usual way",
};

/** What an effort figure is the sum of; parts that count nothing are left out. */
export function EffortParts({ fingering }: { readonly fingering: Fingering }) {
  const parts = (Object.keys(TERM_NAMES) as (keyof EffortTerms)[])
    .map((term) => ({ name: TERM_NAMES[term], points: fingering.terms[term] }))
    .filter(({ points }) => Math.abs(points) >= 0.05);
  return (
    <dl className="grid grid-cols-[1fr_auto] gap-x-4 gap-y-0.5 text-[16px]">
      {parts.map(({ name, points }) => (
        <div key={name} className="contents">
          <dt className="text-muted">{name}</dt>
          <dd className="figures text-right">{points.toFixed(1)}</dd>
        </div>
      ))}
      <div className="contents font-semibold">
        <dt className="border-t border-line pt-0.5">Effort</dt>
        <dd className="figures border-t border-line pt-0.5 text-right">
          {fingering.effort.toFixed(1)}
        </dd>
      </div>
    </dl>
  );
}
