"use client";

import { useEffect, useMemo, useRef, useState } from "react";
import { drillsOf } from "@/core/drill";
import { planDay, SITTINGS, type SittingMinutes } from "@/core/practice";
import { cardId, cardsInStage, NOTE_STAGES } from "@/core/recall";
import { useRig, useTell } from "@/session";
import { type PracticeStart } from "@/wire";
import { onDemand, SelectField } from "@/ui/controls";
import { DrillList } from "@/features/practice/catalogue";
import { KnownNeck } from "@/features/practice/catalogue";
import { ownMove } from "@/features/practice/catalogue";
import { type PlacedDrill } from "@/features/practice/state";
import { TodayKeyListener } from "@/features/practice/today";
import { TodayPlan } from "@/features/practice/today";
import { usePracticeData } from "@/features/practice/state";
import { useNoteStage, usePracticeRig } from "@/features/practice/state";
import { usePracticeSettings } from "@/features/practice/state";
import { Goals, useDayPlan, useSitting } from "@/features/practice/today";
import { useSongDrills } from "./useSongDrills";
import {
  clockText,
  dayNumberOf,
  localDayNumber,
  localTime,
  stageText,
} from "@/features/practice/state";

const fetchSitting = async () => import("@/features/practice/sitting");
const SittingView = onDemand("The sitting", async () =>
  fetchSitting().then((part) => part.SittingView),
);

/** The choice of notes that grows by itself. */
const GROWS = -1;

/** What to do today, and everything to do it with. */
export function PracticeScreen({ start }: { readonly start: PracticeStart }) {
  const { guitar, rig } = usePracticeRig();
  const { songs } = useRig();
  const { practice, set } = usePracticeSettings();
  const data = usePracticeData(start);
  const tell = useTell();
  const ofSong = useSongDrills();
  const state = useSitting();
  const { sitting, isOpen } = state;
  const drills = useMemo(() => drillsOf(rig, ofSong.roots), [rig, ofSong.roots]);
  const placed = useMemo(() => {
    const own = drills.map((drill) => ({ drill, guitar, neck: rig.neck, songId: null }));
    return new Map(
      [...own, ...ofSong.drills].map((each): [string, PlacedDrill] => [each.drill.key, each]),
    );
  }, [drills, guitar, rig, ofSong.drills]);
  const stage = useNoteStage(rig.neck, data);
  const order = useMemo(() => cardsInStage(rig.neck, stage).map(cardId), [rig, stage]);
  const [now] = useState(localTime);
  const today = localDayNumber(now);
  const dueCards = order.filter(
    (card) => (data.cards.get(card)?.dueMs ?? Infinity) <= now.atMs,
  ).length;
  const newCards = Math.min(
    practice.newCards,
    order.filter((card) => !data.cards.has(card)).length,
  );
  const isReady = !ofSong.isLoading;
  const goal = practice.goals.find(({ songId }) => songId === ofSong.song?.id);
  const held = ofSong.drills.flatMap(
    ({ drill }) => data.standings.get(drill.key)?.estimate?.heldBpm ?? [],
  );
  const planned = useMemo(
    () =>
      isReady
        ? planDay({
            today,
            minutes: practice.minutes,
            drills,
            songDrills: ofSong.drills.flatMap(({ drill }) =>
              drill.how === "played" ? [drill] : [],
            ),
            standings: data.standings,
            songBy: goal ? dayNumberOf(goal.by) : null,
            dueCards,
            newCards,
          })
        : null,
    [
      isReady,
      today,
      practice.minutes,
      drills,
      ofSong.drills,
      data.standings,
      goal,
      dueCards,
      newCards,
    ],
  );
  const plan = useDayPlan({
    today,
    made: [practice.minutes, ofSong.song?.id ?? 0, goal?.bpm ?? 0, ...rig.neck.midi].join(" "),
    planned,
    songDrills: ofSong.drills,
  });
  const { blocks } = plan;
  const placedOf = (key: string) =>
    placed.get(key) ?? ownMove(rig, guitar, key) ?? plan.keptDrill(key);
  const begin = () => {
    if (sitting) state.carryOn();
    else if (blocks) state.begin(blocks);
  };
  const setMinutes = (minutes: SittingMinutes) => set({ minutes });
  // What was practised is in the log once the sitting is over, and the plan follows from it.
  const wasOpen = useRef(false);
  const { refresh } = data;
  useEffect(() => {
    if (wasOpen.current && !isOpen) {
      void refresh();
      if (!sitting)
        tell({ text: "Done. Put the guitar down for a moment; the log has every round." });
    }
    wasOpen.current = isOpen;
  }, [isOpen, sitting, refresh, tell]);

  useEffect(() => {
    // Start is the next thing to press. Where it cannot be fetched now, it is asked for once more then.
    fetchSitting().catch(() => undefined);
  }, []);

  const current = songs.filter(({ archived }) => !archived);
  return (
    <>
      <h1 className="sr-only">Practice</h1>
      {!isOpen && (
        <TodayKeyListener onStart={begin} onMinutes={(at) => setMinutes(SITTINGS[at] ?? 10)} />
      )}
      <div
        className="grid items-start gap-6 lg:grid-cols-[minmax(22rem,30rem)_minmax(0,1fr)]"
        inert={isOpen}
      >
        <div className="space-y-4">
          <TodayPlan
            blocks={blocks}
            minutes={practice.minutes}
            nameOf={(key) => placedOf(key)?.drill.name ?? "A drill of another tuning"}
            today={today}
            sitting={sitting}
            isOwn={plan.isOwn}
            onMinutes={setMinutes}
            onBlocks={plan.setBlocks}
            onStart={begin}
            onEnd={state.end}
          />
          {current.length > 0 && (
            <div>
              <SelectField
                label="Drills from the song"
                value={ofSong.song?.id ?? 0}
                options={current.map(({ id, name }) => [id, name] as const)}
                onChange={(songId) => set({ songId })}
              />
            </div>
          )}
          <Goals
            song={ofSong.song}
            songBpm={ofSong.songBpm}
            heldBpm={held.length > 0 ? Math.min(...held) : null}
            goals={practice.goals}
            onGoals={(goals) => set({ goals })}
            weekMinutes={practice.weekMinutes}
            weekS={data.weekS}
            onWeekMinutes={(weekMinutes) => set({ weekMinutes })}
            today={today}
          />
          <p className="text-[15px] text-muted">
            {`Today so far: ${clockText(data.todayS)}. Warm up first; stop at pain, numbness or tingling. Keep it down: loud practice harms hearing.`}
          </p>
        </div>
        <div className="min-w-0 space-y-6">
          <KnownNeck rig={rig} guitar={guitar} cards={data.cards}>
            <SelectField
              label="Ask the notes of"
              value={practice.noteStage ?? GROWS}
              options={[
                [GROWS, `What comes next: ${stageText(stage)}`],
                ...NOTE_STAGES.map((_, index) => [index, stageText(index)] as const),
              ]}
              onChange={(chosen) => set({ noteStage: chosen === GROWS ? null : chosen })}
            />
          </KnownNeck>
          <DrillList
            rig={rig}
            guitar={guitar}
            placed={[...placed.values()]}
            standings={data.standings}
            onPlay={(drill) => state.begin([{ kind: "drill", drill, minutes: 5, why: "own" }])}
            onAdd={(drill) =>
              plan.setBlocks([...(blocks ?? []), { kind: "drill", drill, minutes: 2, why: "own" }])
            }
          />
        </div>
      </div>
      {isOpen && sitting && (
        <SittingView
          state={state}
          sitting={sitting}
          data={data}
          placedOf={placedOf}
          isLoading={ofSong.isLoading}
        />
      )}
    </>
  );
}
