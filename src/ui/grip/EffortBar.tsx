/** Effort that fills the whole bar; harder grips than this are rare and all look full. */
const FULL_EFFORT = 45;

/** An effort figure with its length beside it. */
export function EffortBar({ effort }: { readonly effort: number }) {
  const share = Math.min(1, effort / FULL_EFFORT);
  return (
    <span className="flex items-center gap-2">
      <span className="h-2 min-w-6 flex-1 rounded-full bg-line" aria-hidden="true">
        <span
          className="block h-full rounded-full bg-inverse"
          style={{ width: `${Math.max(2, share * 100)}%` }}
        />
      </span>
      <span className="figures w-10 text-right font-semibold">{effort.toFixed(1)}</span>
    </span>
  );
}
