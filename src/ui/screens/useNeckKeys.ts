import { STACKS } from "@/core/stack";
import { type Manner } from "@/audio";
import { MARK_LABELS } from "@/formats/address";
import { useShortcuts, type Shortcuts } from "@/ui/controls";
import { NEIGHBOUR_KEYS } from "@/ui/grip";
import { MANNER_KEYS } from "@/ui/hear";
import { useMapShortcuts, useRootShortcuts } from "@/ui/stack";
import { useWorkspace } from "@/ui/workspace";
import { type Neighbour } from "@/core/neighbours";

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

/** Every key of the neck; a page-turn pedal sends the arrows or Page up and down. */
export function useNeckKeys(actions: NeckActions): void {
  const { choice, choose } = useWorkspace();
  const { filter, labels, hearing, stage } = choice;
  const { step, togglePin, toggleMap, nextOrder, otherFingers, hear } = actions;
  const rootKeys = useRootShortcuts();
  const mapKeys = useMapShortcuts();
  // The tenth stack is on 0; those after it have no key.
  const stackKeys = STACKS.slice(0, 10).map(({ semitones }, place): [string, () => void] => [
    String((place + 1) % 10),
    () => choose({ stack: semitones, leastNotes: null }),
  ]);
  const neighbourKeys = actions.neighbours.map((neighbour): [string, () => void] => [
    NEIGHBOUR_KEYS[neighbour.kind],
    () => actions.takeNeighbour(neighbour),
  ]);
  const hearKeys = Object.entries(MANNER_KEYS).map(([manner, key]): [string, () => void] => [
    key,
    () => hear(manner as Manner),
  ]);
  const shortcuts: Shortcuts = {
    ...rootKeys,
    ...mapKeys,
    ...Object.fromEntries(stackKeys),
    ...Object.fromEntries(neighbourKeys),
    ...Object.fromEntries(hearKeys),
    ArrowDown: () => step(1),
    ArrowRight: () => step(1),
    PageDown: () => step(1),
    ArrowUp: () => step(-1),
    ArrowLeft: () => step(-1),
    PageUp: () => step(-1),
    Enter: togglePin,
    Escape: () => (stage ? choose({ stage: false }) : toggleMap()),
    o: nextOrder,
    s: () => choose({ filter: { ...filter, strumSafe: !filter.strumSafe } }),
    m: () => choose({ labels: following(MARK_LABELS, labels) }),
    n: otherFingers,
    w: () => choose({ hearing: { ...hearing, gain: !hearing.gain } }),
    v: () => choose({ stage: !stage }),
  };
  useShortcuts(shortcuts);
}

export function following<T>(all: readonly T[], current: T): T {
  return all[(all.indexOf(current) + 1) % all.length] ?? current;
}
