import { useState } from "react";
import { type SongGoal } from "@/state";
import { SelectField } from "@/ui/controls";
import { dayNumberOf } from "@/features/practice/state";

interface GoalsProps {
  /** The song that drills are taken from; null where there is none. */
  readonly song: { readonly id: number; readonly name: string } | null;
  /** The song's own tempo, for a new goal; null until its drills are there. */
  readonly songBpm: number | null;
  /** The tempo that all changes played so far hold at; null before the first. */
  readonly heldBpm: number | null;
  readonly goals: readonly SongGoal[];
  readonly onGoals: (goals: readonly SongGoal[]) => void;
  readonly weekMinutes: number | null;
  readonly weekS: number;
  readonly onWeekMinutes: (minutes: number | null) => void;
  /** Days since 1970. */
  readonly today: number;
}

const WEEK_CHOICES = [30, 60, 90, 120, 180, 240, 360];
const NO_GOAL = 0;
const DEFAULT_DAYS = 28;
const MS_A_DAY = 86_400_000;
const [MIN_BPM, MAX_BPM] = [30, 300];

/** The player's goals: a song at a tempo by a day, and minutes a week. */
export function Goals(props: GoalsProps) {
  const { song, songBpm, heldBpm, goals, onGoals, weekMinutes, weekS, onWeekMinutes, today } =
    props;
  const goal = song ? goals.find(({ songId }) => songId === song.id) : undefined;
  const others = goals.filter((each) => each !== goal);
  const set = (part: Partial<SongGoal>) => goal && onGoals([...others, { ...goal, ...part }]);
  return (
    <section aria-label="Goals" className="panel space-y-3 p-4">
      <div className="flex flex-wrap items-end gap-3">
        <h2 className="mr-auto self-center text-xl font-semibold">Goals</h2>
        <SelectField
          label="Minutes a week"
          value={weekMinutes ?? NO_GOAL}
          options={[
            [NO_GOAL, "no goal"],
            ...WEEK_CHOICES.map((minutes) => [minutes, String(minutes)] as const),
          ]}
          onChange={(minutes) => onWeekMinutes(minutes === NO_GOAL ? null : minutes)}
        />
      </div>
      {weekMinutes !== null && <WeekBar minutes={weekMinutes} seconds={weekS} />}
      {song && !goal && songBpm !== null && (
        <button
          type="button"
          className="button"
          onClick={() =>
            onGoals([
              ...others,
              { songId: song.id, bpm: Math.round(songBpm), by: dateOf(today + DEFAULT_DAYS) },
            ])
          }
        >
          {`Set a goal for ${song.name}`}
        </button>
      )}
      {song && goal && (
        <div role="group" aria-label={`Goal for ${song.name}`} className="space-y-2">
          <p className="font-semibold">{song.name}</p>
          <div className="flex flex-wrap items-end gap-3">
            <BpmField key={goal.bpm} bpm={goal.bpm} onBpm={(bpm) => set({ bpm })} />
            <label className="block">
              <span className="block text-[15px] text-muted">by</span>
              <input
                type="date"
                className="field"
                value={goal.by}
                onChange={({ target }) => {
                  if (target.value !== "") set({ by: target.value });
                }}
              />
            </label>
            <button type="button" className="button" onClick={() => onGoals(others)}>
              No goal
            </button>
          </div>
          <p className="text-[17px]">{goalText(song.name, goal, heldBpm, today)}</p>
        </div>
      )}
    </section>
  );
}

/** The minutes of this week as a bar. */
function WeekBar({ minutes, seconds }: { readonly minutes: number; readonly seconds: number }) {
  const done = Math.floor(seconds / 60);
  return (
    <div>
      <p className="text-[17px]">{`${done} of ${minutes} min this week`}</p>
      <div
        role="progressbar"
        aria-label="Minutes this week"
        aria-valuemin={0}
        aria-valuemax={minutes}
        aria-valuenow={Math.min(minutes, done)}
        className="mt-1 h-2.5 overflow-hidden rounded-full bg-picked"
      >
        <div
          className="h-full bg-root"
          style={{ width: `${Math.min(100, (100 * done) / minutes)}%` }}
        />
      </div>
    </div>
  );
}

interface BpmFieldProps {
  readonly bpm: number;
  readonly onBpm: (bpm: number) => void;
}

function BpmField({ bpm, onBpm }: BpmFieldProps) {
  const [draft, setDraft] = useState(String(bpm));
  const commit = () => {
    const next = Math.round(Number(draft));
    if (next >= MIN_BPM && next <= MAX_BPM) onBpm(next);
    else setDraft(String(bpm));
  };
  return (
    <label className="block">
      <span className="block text-[15px] text-muted">bpm</span>
      <input
        type="number"
        className="field figures w-24"
        min={MIN_BPM}
        max={MAX_BPM}
        value={draft}
        onChange={({ target }) => setDraft(target.value)}
        onBlur={commit}
        onKeyDown={({ key, currentTarget }) => {
          if (key === "Enter") currentTarget.blur();
        }}
      />
    </label>
  );
}

/** "Quarry Lights holds to 92 of 108 bpm; 12 days left." */
function goalText(
  name: string,
  { bpm, by }: SongGoal,
  heldBpm: number | null,
  today: number,
): string {
  const days = dayNumberOf(by) - today;
  const left =
    days < 0
      ? "the day is past"
      : days === 0
        ? "today"
        : days === 1
          ? "1 day left"
          : `${days} days left`;
  if (heldBpm === null) return `Not played yet; ${left}.`;
  if (heldBpm >= bpm) return `${name} holds at ${bpm} bpm.`;
  return `${name} holds to ${Math.floor(heldBpm)} of ${bpm} bpm; ${left}.`;
}

function dateOf(day: number): string {
  return new Date(day * MS_A_DAY).toISOString().slice(0, 10);
}
