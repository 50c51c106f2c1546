interface PointPartsProps<Term extends string> {
  /** The name of each part, in display order. */
  readonly names: Readonly<Record<Term, string>>;
  /** Effort points by part. */
  readonly terms: Readonly<Record<Term, number>>;
  /** What the sum is called. */
  readonly sum: string;
  readonly points: number;
}

/** Smaller values are shown as nothing. */
const SMALLEST = 0.05;

/** What a figure is the sum of, part by part; what counts nothing is left out. */
export function PointParts<Term extends string>(props: PointPartsProps<Term>) {
  const { names, terms, sum, points } = props;
  const parts = (Object.keys(names) as Term[]).filter((term) => Math.abs(terms[term]) >= SMALLEST);
  return (
    <dl className="grid grid-cols-[1fr_auto] gap-x-4 gap-y-0.5 text-[16px]">
      {parts.map((term) => (
        <div key={term} className="contents">
          <dt className="text-muted">{names[term]}</dt>
          <dd className="figures text-right">{terms[term].toFixed(1)}</dd>
        </div>
      ))}
      <div className="contents font-semibold">
        <dt className="border-t border-line pt-0.5">{sum}</dt>
        <dd className="figures border-t border-line pt-0.5 text-right">{points.toFixed(1)}</dd>
      </div>
    </dl>
  );
}
