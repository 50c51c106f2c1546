"use client";

import { useMemo, useState } from "react";
import { type Fingering, type Grip } from "@/core/hand";
import { type Neighbour } from "@/core/neighbours";
import { STACKS, type DegreePosition } from "@/core/stack";
import { MARK_LABELS, type MarkLabel, type PinContent } from "@/server/types";
import { NEIGHBOUR_KEYS, NeighbourStrip } from "@/ui/grip";
import { NeckView, type ShownGrip } from "@/ui/neck";
import { PinStrip } from "@/ui/pins";
import { ChoiceButton, useEvent, useShortcuts, type Shortcuts } from "@/ui/controls";
import { RootPicker, StackPicker, useRootShortcuts } from "@/ui/stack";
import { findPin, useWorkspace } from "@/ui/workspace";
import { GripSection } from "./GripSection";
import { useAfterPaint } from "./useAfterPaint";
import { useGrips } from "./useGrips";
import { useListing } from "./useListing";
import { useNeighbours } from "./useNeighbours";

const LABEL_NAMES: Readonly<Record<MarkLabel, string>> = {
  degree: "Degree",
  note: "Note",
  finger: "Finger",
  fret: "Fret",
  octave: "Octave",
};

/** Map a stack on the neck, see its grips easiest first, and take one in hand. */
export function NeckScreen() {
  const { guitar, choice, choose, pins, pin, unpin, profile } = useWorkspace();
  const { stack, labels } = choice;
  const [mapOnly, setMapOnly] = useState(false);
  const { listing, orders, list, nextOrder } = useListing();
  const [tapped, setTapped] = useState<DegreePosition | null>(null);
  const { map, answer, isCurrent, failed } = useGrips(listing);
  const { grip, fingering } = answer ?? {};
  const { filter } = listing;
  const inFront = map === answer?.map && !mapOnly && Boolean(grip);
  const shown = useMemo(
    (): ShownGrip | null =>
      inFront && grip && fingering ? { fingering, tones: grip.tones } : null,
    [inFront, grip, fingering],
  );
  // The neck is painted first; the list and the close-up may follow a frame later.
  const listed = useAfterPaint(answer);

  const take = useEvent((next: Grip | undefined, way: Fingering | undefined = next?.best) => {
    if (!way) return;
    setMapOnly(false);
    choose({ chosen: { fretting: way.fretting, fingers: way.fingers } });
  });
  const takeThrough = useEvent((position: DegreePosition) => {
    setTapped(position);
    const { string, fret } = position;
    take(answer?.grips.find((candidate) => candidate.fretting[string] === fret));
  });
  const step = (by: number) => {
    const { grips = [], index = 0 } = answer ?? {};
    take(grips[Math.max(0, Math.min(index + by, grips.length - 1))]);
  };

  // While a new question is open, what is shown belongs to the old one and is not to be pinned.
  const content: PinContent | null =
    shown && isCurrent
      ? {
          guitarId: guitar.id,
          tuningMidi: choice.tuningMidi,
          root: choice.root,
          stack,
          fretting: shown.fingering.fretting,
          fingers: shown.fingering.fingers,
        }
      : null;
  const pinned = content ? findPin(pins, content) : undefined;
  const togglePin = useEvent(() => {
    if (pinned) unpin(pinned);
    else if (content) pin(content);
  });

  const neighbours = useNeighbours(listed);
  const takeNeighbour = useEvent(({ stack: other, grip: { best } }: Neighbour) => {
    setMapOnly(false);
    choose({ stack: other, chosen: { fretting: best.fretting, fingers: best.fingers } });
  });
  const neighbourShortcuts = neighbours.map((neighbour): [string, () => void] => [
    NEIGHBOUR_KEYS[neighbour.kind],
    () => takeNeighbour(neighbour),
  ]);

  const rootShortcuts = useRootShortcuts();
  // The tenth stack is on 0; those after it have no key.
  const stackShortcuts = STACKS.slice(0, 10).map(({ semitones }, place): [string, () => void] => [
    String((place + 1) % 10),
    () => choose({ stack: semitones }),
  ]);
  const shortcuts: Shortcuts = {
    ...rootShortcuts,
    ...Object.fromEntries(stackShortcuts),
    ...Object.fromEntries(neighbourShortcuts),
    ArrowDown: () => step(1),
    ArrowRight: () => step(1),
    PageDown: () => step(1),
    ArrowUp: () => step(-1),
    ArrowLeft: () => step(-1),
    PageUp: () => step(-1),
    Enter: togglePin,
    Escape: () => setMapOnly(!mapOnly),
    o: nextOrder,
    s: () => list({ filter: { ...filter, strumSafe: !filter.strumSafe } }),
    m: () => choose({ labels: following(MARK_LABELS, labels) }),
    n: () => {
      if (grip && fingering && answer) take(grip, following(answer.ways, fingering));
    },
  };
  useShortcuts(shortcuts);

  return (
    <div className="space-y-4">
      <h1 className="sr-only">Neck</h1>
      <div className="flex flex-wrap items-end gap-x-5 gap-y-3">
        <RootPicker />
        <div role="group" aria-labelledby="labels-label" className="lg:ml-auto">
          <span id="labels-label" className="field-label">
            Marks show
          </span>
          <div className="flex gap-0.5">
            {MARK_LABELS.map((option) => (
              <ChoiceButton
                key={option}
                pressed={option === labels}
                onPress={() => choose({ labels: option })}
                className="min-h-12 px-2.5"
              >
                {LABEL_NAMES[option]}
              </ChoiceButton>
            ))}
          </div>
        </div>
        <StackPicker />
      </div>

      <NeckView
        neck={map.neck}
        root={map.shownRoot}
        accidentals={profile.accidentals}
        leftHanded={guitar.leftHanded}
        positions={map.positions}
        labels={labels}
        grip={shown}
        mapOnly={mapOnly || answer?.grips.length === 0}
        onChoose={takeThrough}
      />
      {failed && <p role="alert">The grips could not be worked out. Reload the page.</p>}
      {listed && (
        <GripSection
          answer={listed}
          inFront={inFront}
          isCurrent={isCurrent}
          pinned={pinned !== undefined}
          onTake={take}
          onTogglePin={togglePin}
          listing={listing}
          orders={orders}
          tapped={tapped}
          onList={list}
        />
      )}
      {inFront && neighbours.length > 0 && (
        <NeighbourStrip neighbours={neighbours} onTake={takeNeighbour} />
      )}
      <PinStrip />
    </div>
  );
}

function following<T>(all: readonly T[], current: T): T {
  return all[(all.indexOf(current) + 1) % all.length] ?? current;
}
