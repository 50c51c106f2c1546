import { type Grip } from "@/core/grip";

const TERM_NAMES: Readonly<Record<keyof Grip["preference"]["terms"], string>> = {
  height: "Far up the neck",
  register: "How low it sounds",
  bass: "Bass is not the root",
  form: "Away from the bass strings",
  skipped: "Strings skipped",
  thin: "Thin strings silent",
  notes: "Few strings sound",
  open: "Open strings beside frets",
  doubled: "One pitch twice",
  order: "Notes out of order",
  tones: "Which tones are doubled",
  spread: "Frets far apart",
  fingers: "Fingers left over",
  band: "With a bass player",
  wish: "Your wish",
  pins: "Like your pins",
};

/** What speaks against a grip beside its effort, part by part; what counts nothing is left out. */
export function PreferenceParts({ preference }: Pick<Grip, "preference">) {
  const parts = (Object.keys(TERM_NAMES) as (keyof typeof TERM_NAMES)[])
    .map((term) => ({ name: TERM_NAMES[term], points: preference.terms[term] }))
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
        <dt className="border-t border-line pt-0.5">Less usual by</dt>
        <dd className="figures border-t border-line pt-0.5 text-right">
          {preference.points.toFixed(1)}
        </dd>
      </div>
    </dl>
  );
}
