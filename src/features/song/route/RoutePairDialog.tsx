import { useState, type ReactNode } from "react";
import { ChevronLeft, ChevronRight } from "lucide-react";
import { rowOf, type NamedRoute } from "@/core/arrangement";
import { AppDialog, SelectField } from "@/ui/controls";
import { type GripLook } from "@/ui/playing";
import { moveWords, NoteText } from "@/ui/text";
import { shortRouteName, type ComparedRoute, type SongPlan } from "@/features/song/state";
import { PairOnNeck } from "./PairOnNeck";
import { PairTable } from "./PairTable";

interface RoutePairDialogProps {
  readonly plan: SongPlan;
  readonly routes: readonly NamedRoute[];
  /** The route under the previous limits; null if they have not changed. */
  readonly before: ComparedRoute | null;
  readonly look: GripLook;
  readonly onClose: () => void;
}

/** Two routes on one neck, change by change, and all their figures below. */
export function RoutePairDialog({ plan, routes, before, look, onClose }: RoutePairDialogProps) {
  const { arrangement, neck, route } = plan;
  const offered: readonly ComparedRoute[] = [
    ...routes.map((each) => ({ name: shortRouteName(each), route: each, arrangement })),
    ...(before ? [before] : []),
  ];
  const current = Math.max(
    0,
    route ? routes.findIndex((each) => each === rowOf(routes, route)) : 0,
  );
  const [chosen, setChosen] = useState<readonly [number, number]>([
    current,
    before ? offered.length - 1 : current === 0 ? 1 : 0,
  ]);
  const [step, setStep] = useState(0);
  const [one, other] = chosen.map((at) => offered[at]);
  if (!one || !other) return null;
  const pair = [one, other] as const;
  const steps = Math.min(one.route.played.length, other.route.played.length);
  const chord = one.arrangement.chords[one.route.played[step] ?? -1];
  const go = (by: number) => setStep(Math.min(steps - 1, Math.max(0, step + by)));
  return (
    <AppDialog title="Two routes" onClose={onClose} wide>
      <div className="space-y-3">
        <div className="flex flex-wrap items-end gap-3">
          {pair.map((each, side) => (
            <SelectField
              key={side}
              label={side === 0 ? "Filled marks" : "Outlines"}
              value={chosen[side] ?? 0}
              options={offered.map(({ name }, at) => [at, name] as const)}
              onChange={(at) => setChosen(side === 0 ? [at, chosen[1]] : [chosen[0], at])}
            />
          ))}
          <div className="ml-auto flex items-center gap-2" role="group" aria-label="Chord">
            <StepButton label="Previous chord" isOff={step === 0} onStep={() => go(-1)}>
              <ChevronLeft size={20} aria-hidden="true" />
            </StepButton>
            <p className="min-w-28 text-center text-xl font-bold" aria-live="polite">
              <NoteText>{chord?.name ?? ""}</NoteText>
              <span className="figures ml-2 text-base font-normal text-muted">
                {`${step + 1} of ${steps}`}
              </span>
            </p>
            <StepButton label="Next chord" isOff={step + 1 >= steps} onStep={() => go(1)}>
              <ChevronRight size={20} aria-hidden="true" />
            </StepButton>
          </div>
        </div>
        <PairOnNeck neck={neck} look={look} pair={pair} step={step} />
        <ul className="grid gap-2 sm:grid-cols-2">
          {pair.map(({ name, route: { timed } }, side) => {
            const change = timed.changes[step];
            const [held, reached] = [step, step + 1].map((at) => timed.stops[at]?.fingering);
            return (
              <li key={side}>
                <strong className="font-semibold">{name}</strong>
                {change && held && reached
                  ? `, to the next: ${moveWords(held, reached, change).toLowerCase()}`
                  : ""}
              </li>
            );
          })}
        </ul>
        <p className="text-muted">
          Neither is wrong: take what suits the hand, the sound and the tempo.
        </p>
        <PairTable arrangement={arrangement} neck={neck} pair={pair} step={step} onStep={setStep} />
      </div>
    </AppDialog>
  );
}

interface StepButtonProps {
  readonly label: string;
  readonly isOff: boolean;
  readonly onStep: () => void;
  readonly children: ReactNode;
}

function StepButton({ label, isOff, onStep, children }: StepButtonProps) {
  return (
    <button
      type="button"
      className="button px-3"
      aria-label={label}
      disabled={isOff}
      onClick={onStep}
    >
      {children}
    </button>
  );
}
