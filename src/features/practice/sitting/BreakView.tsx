import { KeyCap } from "@/ui/controls";

/** A minute away from the guitar. */
export function BreakView({ onNext }: { readonly onNext: () => void }) {
  return (
    <div className="flex flex-1 flex-col items-center justify-center gap-6 text-center">
      <p className="text-5xl font-bold">Put the guitar down</p>
      <p className="max-w-2xl text-xl">
        Shake out your hands, let the shoulders drop, rest your ears. Pain, numbness or tingling:
        stop for today, and see a doctor or a physiotherapist if it stays.
      </p>
      <button
        type="button"
        className="button button-primary min-h-14 px-8 text-xl"
        onClick={onNext}
      >
        Go on <KeyCap of="n" onButton />
      </button>
    </div>
  );
}
