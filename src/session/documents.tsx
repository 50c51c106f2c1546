"use client";

import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from "react";
import { splitChoice, type Comparison, type NeckView, type Rig, type Settings } from "@/state";
import { type Start } from "@/wire";
import { useResumed, useRig, useSettingsFromOthers } from "./rig";
import { UndoProvider, useHistory, type Steps } from "./document";
import { useSavedChoice } from "./useSavedChoice";

interface ViewState {
  readonly view: NeckView;
  /** Changes a part of the view; a new root, voicing or tuning goes back to the usual grip. */
  readonly show: (part: Partial<NeckView>) => void;
  /** Nothing was ever chosen: guitar and tuning are asked for first. */
  readonly isFirst: boolean;
}

interface SettingsState {
  readonly settings: Settings;
  readonly set: (part: Partial<Settings>) => void;
}

interface ComparisonState {
  /** Null until the player changes what Compare begins with. */
  readonly comparison: Comparison | null;
  readonly setComparison: (comparison: Comparison) => void;
  readonly steps: Steps;
}

const ViewContext = createContext<ViewState | null>(null);
const SettingsContext = createContext<SettingsState | null>(null);
const ComparisonContext = createContext<ComparisonState | null>(null);

/** The stage view is entered and left; it is nothing to undo. */
const NOT_UNDONE = ["stage"] as const satisfies (keyof NeckView)[];
const NOTHING_KEPT: readonly never[] = [];

interface DocumentsProps {
  readonly start: Start;
  readonly children: ReactNode;
}

/** What the player works on, each part with its own history, saved together as the last choice. */
export function Documents({ start, children }: DocumentsProps) {
  const { guitars } = useRig();
  const heard = useSettingsFromOthers();
  const [first] = useState(() => splitChoice(start.choice));
  const neck = useHistory<NeckView>(first.view, NOT_UNDONE);
  const compared = useHistory<Pick<ComparisonState, "comparison">>(first, NOTHING_KEPT);
  const [settings, setSettings] = useState(first.settings);
  // Settings are shared by all windows; what each shows is its own.
  const [taken, setTaken] = useState(heard);
  if (heard !== taken) {
    setTaken(heard);
    if (heard) setSettings((old) => ({ ...old, ...heard }));
  }
  // What an earlier page could not save goes on here, unless the address asks for something else.
  const unsaved = useResumed();
  const [resumed, setResumed] = useState(unsaved);
  if (unsaved !== resumed) {
    setResumed(unsaved);
    const parts = splitChoice({ ...start.choice, ...unsaved });
    setSettings(parts.settings);
    if (!start.isAddressed) {
      neck.change(() => parts.view, false);
      compared.change(() => ({ comparison: parts.comparison }), false);
    }
  }
  const view = useMemo(() => fitView(neck.value, guitars), [neck.value, guitars]);
  const { comparison } = compared.value;
  useSavedChoice(
    useMemo(() => ({ ...view, ...settings, comparison }), [view, settings, comparison]),
  );

  const { change: changeView } = neck;
  const { keepsShape } = settings;
  const show = useCallback(
    (part: Partial<NeckView>) =>
      changeView(
        () => ({ ...(changesGrips(part, keepsShape) ? { chosen: null } : {}), ...part }),
        Object.keys(part).some((key) => !(NOT_UNDONE as readonly string[]).includes(key)),
      ),
    [changeView, keepsShape],
  );
  // A tuning that is taken, even the same, ends the first use.
  const isFirst = start.isFirst && neck.value.tuningMidi === start.choice.tuningMidi;
  const viewState = useMemo(() => ({ view, show, isFirst }), [view, show, isFirst]);

  const settingsState = useMemo(
    () => ({
      settings,
      set: (part: Partial<Settings>) => setSettings((old) => ({ ...old, ...part })),
    }),
    [settings],
  );

  const { change: changeCompared, steps } = compared;
  const comparisonState = useMemo(
    () => ({
      comparison,
      setComparison: (next: Comparison) => changeCompared(() => ({ comparison: next }), true),
      steps,
    }),
    [comparison, changeCompared, steps],
  );
  return (
    <UndoProvider neck={neck.steps}>
      <SettingsContext.Provider value={settingsState}>
        <ComparisonContext.Provider value={comparisonState}>
          <ViewContext.Provider value={viewState}>{children}</ViewContext.Provider>
        </ComparisonContext.Provider>
      </SettingsContext.Provider>
    </UndoProvider>
  );
}

/** What the neck shows, and how to change it. */
export function useView(): ViewState {
  return inside(useContext(ViewContext));
}

/** Theme, hints and how grips are heard. */
export function useSettings(): SettingsState {
  return inside(useContext(SettingsContext));
}

/** What Compare shows. */
export function useComparisonDocument(): ComparisonState {
  return inside(useContext(ComparisonContext));
}

function inside<T>(value: T | null): T {
  if (!value) throw new Error("asked outside of Documents");
  return value;
}

const CHOOSES_GRIPS = ["voicing", "minNotes", "tuningMidi", "guitarId"] as const;

/** Whether the chosen grip is one no more; a shape that is kept moves with the root. */
function changesGrips(part: Partial<NeckView>, keepsShape: boolean): boolean {
  return CHOOSES_GRIPS.some((key) => key in part) || ("root" in part && !keepsShape);
}

/** A guitar may have been deleted, or given other strings, since it was chosen. */
function fitView(view: NeckView, guitars: Rig["guitars"]): NeckView {
  const guitar = guitars.find(({ id }) => id === view.guitarId) ?? guitars[0];
  const fits = guitar.id === view.guitarId && guitar.tunedMidi.length === view.tuningMidi.length;
  return fits ? view : { ...view, guitarId: guitar.id, tuningMidi: guitar.tunedMidi, chosen: null };
}
