import { useCallback, useMemo, useRef } from "react";
import { neededMs, TIMING } from "@/core/motion";
import { FEWEST_ROUNDS, fitTiming, type RoundChange } from "@/core/practice";
import { type Result } from "@/core/result";
import { useRig } from "@/session";
import { currentValue, useComputed } from "@/ui/computed";
import { TableButton } from "@/ui/save";
import { NoteText } from "@/ui/text";
import { usePracticeSettings } from "@/features/practice/state";

interface TimedRound {
  readonly drill: string;
  readonly name: string;
  readonly change: RoundChange;
  readonly isClean: boolean;
}

const MAX_DRILLS = 12;

/** How long this player's hand takes, fitted from the log; used for Song's slack where the player says so. */
export function TimingPanel() {
  const { level } = useRig().profile;
  const { practice, set } = usePracticeSettings();
  const plain = TIMING[level];
  const rounds = currentValue(useComputed(useCallback(async () => fetchTimed(), [])));
  const fitted = useMemo(() => rounds && fitTiming(rounds, plain), [rounds, plain]);
  const drills = useMemo(() => byDrill(rounds ?? []), [rounds]);
  const isUsed = practice.ownTiming !== null;
  const table = useRef<HTMLTableElement>(null);
  return (
    <section aria-label="Your hand's times" className="panel space-y-3 p-4">
      <h2 className="text-xl font-semibold">How long your hand takes</h2>
      {!fitted && (
        <p className="text-muted">
          {`Worked out from moves that came clean or were missed: ${rounds?.length ?? 0} so far, at least ${FEWEST_ROUNDS} with both are needed.`}
        </p>
      )}
      {fitted && (
        <>
          <p>{`From ${fitted.clean} clean and ${fitted.missed} missed rounds. Times in ms.`}</p>
          <table ref={table} className="figures w-full text-left">
            <thead>
              <tr className="border-b border-line">
                <th className="py-1 pr-3">Change</th>
                <th className="pr-3">you</th>
                <th className="pr-3">your level</th>
                <th>clean, missed</th>
              </tr>
            </thead>
            <tbody>
              {drills.slice(0, MAX_DRILLS).map(({ drill, name, change, clean, missed }) => (
                <tr key={drill} className="border-b border-line">
                  <td className="py-1 pr-3">
                    <NoteText>{name}</NoteText>
                  </td>
                  <td>{Math.round(neededMs(change, fitted.constants))}</td>
                  <td>{Math.round(neededMs(change, plain))}</td>
                  <td>{`${clean}, ${missed}`}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <div className="flex flex-wrap gap-2">
            <button
              type="button"
              className="button"
              onClick={() => set({ ownTiming: fitted.constants })}
            >
              {isUsed ? "Use the newest in Song" : "Use these in Song"}
            </button>
            {isUsed && (
              <button type="button" className="button" onClick={() => set({ ownTiming: null })}>
                Back to your level’s
              </button>
            )}
            <TableButton table={table} name="your hand’s times" />
          </div>
        </>
      )}
      {isUsed && <p className="text-muted">Song reckons with your own times.</p>}
    </section>
  );
}

/** Drills with their tightest change and how it went, those with most rounds first. */
function byDrill(rounds: readonly TimedRound[]) {
  const drills = new Map<
    string,
    { drill: string; name: string; change: RoundChange; clean: number; missed: number }
  >();
  for (const { drill, name, change, isClean } of rounds) {
    const old = drills.get(drill) ?? { drill, name, change, clean: 0, missed: 0 };
    drills.set(drill, {
      ...old,
      clean: old.clean + Number(isClean),
      missed: old.missed + Number(!isClean),
    });
  }
  return [...drills.values()].sort((a, b) => b.clean + b.missed - a.clean - a.missed);
}

async function fetchTimed(): Promise<readonly TimedRound[]> {
  const response = await fetch("/rounds/timing", { cache: "no-store" });
  const result = (await response.json()) as Result<readonly TimedRound[]>;
  if (!result.ok) throw new Error(result.problem.message);
  return result.value;
}
