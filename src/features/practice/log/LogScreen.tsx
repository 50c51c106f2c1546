"use client";

import { type ReactNode } from "react";
import { DRILL_KINDS } from "@/core/drill";
import { writeLogFilter } from "@/formats/address";
import { useAddress, useRig } from "@/session";
import { type LogView } from "@/wire";
import { type LogFilter } from "@/state";
import { onDemand, SelectField, TextField } from "@/ui/controls";
import { NoteText } from "@/ui/text";
import { Journal } from "./Journal";
import { LogTools } from "./LogTools";
import { RoundsTable } from "./RoundsTable";
import { useLog } from "./useLog";
import { dateText, KIND_WORDS } from "@/features/practice/state";

const LogCharts = onDemand("The charts", () =>
  import("./LogCharts").then((part) => part.LogCharts),
);
const TimingPanel = onDemand("Your hand's times", () =>
  import("./TimingPanel").then((part) => part.TimingPanel),
);

interface LogScreenProps {
  readonly view: LogView | null;
  readonly filter: LogFilter;
}

/** Every round that was ever played: how it goes on, what is hardest, and each of them. */
export function LogScreen({ view: first, filter: firstFilter }: LogScreenProps) {
  const log = useLog(first, firstFilter);
  const { view, filter, setFilter, refresh } = log;
  const { songs } = useRig();
  const query = writeLogFilter(filter).toString();
  useAddress(query === "" ? "" : `?${query}`);
  const drills = view?.drills ?? [];
  const chosen = drills.find(({ drill }) => drill === filter.drill);
  return (
    <>
      <h1 className="sr-only">Log of practice</h1>
      {log.isAway && (
        <p role="status" className="mb-3 text-warning">
          The log could not be read. Is Tenon still running?
        </p>
      )}
      <div role="group" aria-label="Which part" className="mb-4 flex flex-wrap items-end gap-3">
        <TextField
          label="From"
          type="date"
          value={filter.from ?? ""}
          onChange={({ target }) => setFilter({ from: target.value || null })}
        />
        <TextField
          label="To"
          type="date"
          value={filter.to ?? ""}
          onChange={({ target }) => setFilter({ to: target.value || null })}
        />
        <SelectField
          label="Kind"
          value={filter.kind ?? ""}
          options={[
            ["", "All kinds"],
            ...DRILL_KINDS.map((kind) => [kind, KIND_WORDS[kind]] as const),
          ]}
          onChange={(kind) => setFilter({ kind: kind === "" ? null : kind })}
        />
        <SelectField
          label="Drill"
          value={filter.drill ?? ""}
          options={[
            ["", "All drills"],
            ...(chosen || filter.drill === null ? [] : [[filter.drill, filter.drill] as const]),
            ...drills.map(({ drill, name }) => [drill, name] as const),
          ]}
          onChange={(drill) => setFilter({ drill: drill === "" ? null : drill })}
        />
        <SelectField
          label="Song"
          value={filter.songId ?? 0}
          options={[[0, "All songs"], ...songs.map(({ id, name }) => [id, name] as const)]}
          onChange={(songId) => setFilter({ songId: songId === 0 ? null : songId })}
        />
        <LogTools onChanged={refresh} />
      </div>
      {view && view.total.rounds === 0 && (
        <p className="panel p-4 text-lg">
          Nothing here yet. Every round you play is kept here, with how it went.
        </p>
      )}
      {view && view.total.rounds > 0 && (
        <div className="grid items-start gap-5 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
          <div className="min-w-0 space-y-5">
            <p className="figures text-2xl font-semibold">
              {`${Math.round(view.total.seconds / 60)} min · ${view.total.rounds.toLocaleString("en")} rounds · ${share(view.total.clean, view.total.rounds)} clean`}
            </p>
            <Faster view={view} onDrill={(drill) => setFilter({ drill })} />
            <LogCharts view={view} drill={chosen?.name ?? null} />
            <RoundsTable view={view} onMore={log.more} onChanged={refresh} />
          </div>
          <div className="min-w-0 space-y-5">
            <Hardest view={view} onDrill={(drill) => setFilter({ drill })} />
            <TimingPanel />
            <Journal notes={view.notes} onChanged={refresh} />
          </div>
        </div>
      )}
      {view && view.total.rounds === 0 && (
        <div className="mt-5">
          <Journal notes={view.notes} onChanged={refresh} />
        </div>
      )}
    </>
  );
}

interface DrillsProps {
  readonly view: LogView;
  readonly onDrill: (drill: string) => void;
}

/** The drills with the largest gain in tempo. */
function Faster({ view, onDrill }: DrillsProps) {
  if (view.faster.length === 0) return null;
  return (
    <section aria-label="What got faster" className="panel p-4">
      <h2 className="mb-2 text-xl font-semibold">What got faster</h2>
      <ol className="space-y-1">
        {view.faster.map(({ drill, name, firstBpm, bestBpm, since }) => (
          <li key={drill}>
            <DrillRow name={name} onPress={() => onDrill(drill)}>
              <span className="text-muted">{`${Math.round(firstBpm)} to `}</span>
              <strong className="text-xl">{`${Math.round(bestBpm)} bpm`}</strong>
              <span className="text-muted">{` since ${dateText(since)}`}</span>
            </DrillRow>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** What is missed most, of drills in which the hand moves. */
function Hardest({ view, onDrill }: DrillsProps) {
  return (
    <section aria-label="Hardest changes" className="panel p-4">
      <h2 className="mb-2 text-xl font-semibold">Hardest changes</h2>
      {view.hardest.length === 0 ? (
        <p className="text-muted">Play five rounds of a move, and its figures appear here.</p>
      ) : (
        <ol className="space-y-1">
          {view.hardest.map(({ drill, name, rounds, missed, bestBpm }) => (
            <li key={drill}>
              <DrillRow name={name} onPress={() => onDrill(drill)}>
                <span className="text-muted">
                  {`${share(missed, rounds)} missed${bestBpm === null ? "" : `, clean at ${Math.round(bestBpm)}`}`}
                </span>
              </DrillRow>
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}

interface DrillRowProps {
  readonly name: string;
  readonly onPress: () => void;
  /** Its figures. */
  readonly children: ReactNode;
}

/** A drill with its figures; a press shows its part of the log. */
function DrillRow({ name, onPress, children }: DrillRowProps) {
  return (
    <button
      type="button"
      className="flex min-h-11 w-full items-baseline justify-between gap-3 rounded-lg px-2 py-1 text-left hover:bg-picked"
      onClick={onPress}
    >
      <span>
        <NoteText>{name}</NoteText>
      </span>
      <span className="figures shrink-0">{children}</span>
    </button>
  );
}

function share(part: number, whole: number): string {
  return `${whole === 0 ? 0 : Math.round((100 * part) / whole)}%`;
}
