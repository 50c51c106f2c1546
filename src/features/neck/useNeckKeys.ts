import { MANNERS, type Manner } from "@/audio";
import { type Neighbour, type NeighbourKind } from "@/core/neighbours";
import { parseNote, pitchClassOf } from "@/core/pitch";
import { degreesOf, VOICINGS } from "@/core/voicing";
import { toggleDegree } from "@/features/neck/voicing";
import { useSettings, useView } from "@/session";
import { MARK_LABELS } from "@/state";
import { useKeys } from "@/ui/controls";
import { useNames } from "@/ui/names";
import { NECK_KEYS, NEIGHBOURS_ON_KEYS } from "./neckKeys";

interface NeckActions {
  readonly step: (by: number) => void;
  readonly togglePin: () => void;
  readonly toggleMap: () => void;
  readonly nextOrder: () => void;
  readonly otherFingers: () => void;
  readonly hear: (manner: Manner) => void;
  readonly neighbours: readonly Neighbour[];
  readonly takeNeighbour: (neighbour: Neighbour) => void;
}

/** Carries out every key of the neck. */
export function useNeckKeys(actions: NeckActions): void {
  const { view, show } = useView();
  const { settings, set } = useSettings();
  const { shownRoot, rootFor } = useNames();
  const { filter, labels, stage, mapped, naturals, voicing } = view;
  const { step, togglePin, toggleMap, nextOrder, otherFingers, hear } = actions;
  const takeRoot = (pitchClass: number) => show({ root: rootFor(pitchClass) });
  const takeNeighbour = (kind: NeighbourKind | undefined) => {
    const neighbour = actions.neighbours.find((each) => each.kind === kind);
    if (neighbour) actions.takeNeighbour(neighbour);
  };
  useKeys(NECK_KEYS, {
    root: (place) => {
      const note = parseNote(NECK_KEYS.root[place] ?? "");
      if (note.ok) takeRoot(pitchClassOf(note.value));
    },
    rootStep: (place) => takeRoot(pitchClassOf(shownRoot) + (place === 0 ? 1 : -1)),
    voicing: (place) => {
      const named = VOICINGS[place];
      if (named) show({ voicing: named.semitones, minNotes: null });
    },
    next: () => step(1),
    previous: () => step(-1),
    order: nextOrder,
    keepShape: () => set({ keepsShape: !settings.keepsShape }),
    strumSafe: () => show({ filter: { ...filter, strumSafe: !filter.strumSafe } }),
    alongNeck: (place) => takeNeighbour(NEIGHBOURS_ON_KEYS.alongNeck[place]),
    acrossStrings: (place) => takeNeighbour(NEIGHBOURS_ON_KEYS.acrossStrings[place]),
    otherTones: (place) => takeNeighbour(NEIGHBOURS_ON_KEYS.otherTones[place]),
    otherFingers,
    pin: togglePin,
    hear: (place) => {
      const manner = MANNERS[place];
      if (manner) hear(manner);
    },
    gain: () => set({ hearing: { ...settings.hearing, gain: !settings.hearing.gain } }),
    stage: () => show({ stage: !stage }),
    mapOnly: () => (stage ? show({ stage: false }) : toggleMap()),
    degrees: (place) => show(toggleDegree(naturals ? [] : (mapped ?? degreesOf(voicing)), place)),
    labels: () => show({ labels: following(MARK_LABELS, labels) }),
  });
}

export function following<T>(all: readonly T[], current: T): T {
  return all[(all.indexOf(current) + 1) % all.length] ?? current;
}
