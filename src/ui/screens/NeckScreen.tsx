"use client";

import { useCallback, useMemo, useState } from "react";
import { Pin as PinIcon, PinOff } from "lucide-react";
import { type Fingering, type Grip } from "@/core/hand";
import { noteText } from "@/core/pitch";
import { findStackPositions, stackName, STACKS, type DegreePosition } from "@/core/stack";
import { MARK_LABELS, type MarkLabel, type PinContent } from "@/server/types";
import { EffortParts, FingerChoice, FretText, GripDiagram, GripList } from "@/ui/grip";
import { NeckView } from "@/ui/neck";
import { PinStrip } from "@/ui/pins";
import { ChoiceButton, useRootShortcuts, useShortcuts, type Shortcuts } from "@/ui/shell";
import { RootPicker, StackPicker } from "@/ui/stack";
import { NoteText, spokenNotes } from "@/ui/text";
import { findPin, useComputed, useWorkspace } from "@/ui/workspace";
import { compute } from "@/worker/client";

const LABEL_NAMES: Readonly<Record<MarkLabel, string>> = {
  degree: "Degree",
  note: "Note",
  finger: "Finger",
};

/** Map a stack on the neck, see its grips easiest first, and take one in hand. */
export function NeckScreen() {
  const { neck, root, tuning, guitar, choice, choose, pins, pin, unpin } = useWorkspace();
  const { stack, labels } = choice;
  const [mapOnly, setMapOnly] = useState(false);
  const positions = useMemo(() => findStackPositions(neck, root, stack), [neck, root, stack]);
  const computed = useComputed(
    useCallback(() => compute().grips(neck, root, stack), [neck, root, stack]),
  );
  const grips = computed.value ?? [];
  const { index, grip, fingering } = findChosen(grips, choice.chosen);
  const inFront = computed.isCurrent && !mapOnly && grip && fingering ? { grip, fingering } : null;
  const shown = useMemo(
    () => (inFront ? { fingering: inFront.fingering, tones: inFront.grip.tones } : null),
    [inFront?.fingering, inFront?.grip], // eslint-disable-line react-hooks/exhaustive-deps
  );

  const take = (next: Grip | undefined, way: Fingering | undefined = next?.best) => {
    if (!next || !way) return;
    setMapOnly(false);
    choose({ chosen: { fretting: way.fretting, fingers: way.fingers } });
  };
  const takeThrough = ({ string, fret }: DegreePosition) =>
    take(grips.find((candidate) => candidate.fretting[string] === fret));

  const content: PinContent | null = inFront && {
    guitarId: guitar.id,
    tuningMidi: choice.tuningMidi,
    root: choice.root,
    stack,
    fretting: inFront.grip.fretting,
    fingers: inFront.fingering.fingers,
  };
  const pinned = content ? findPin(pins, content) : undefined;
  const togglePin = () => {
    if (pinned) unpin(pinned);
    else if (content) pin(content);
  };

  const rootShortcuts = useRootShortcuts();
  const next = () => take(grips[Math.min(index + 1, grips.length - 1)]);
  const previous = () => take(grips[Math.max(index - 1, 0)]);
  const stacks = STACKS.map(({ semitones }, place): [string, () => void] => [
    String(place + 1),
    () => choose({ stack: semitones }),
  ]);
  const shortcuts: Shortcuts = {
    ...rootShortcuts,
    ...Object.fromEntries(stacks),
    ArrowDown: next,
    ArrowRight: next,
    PageDown: next,
    ArrowUp: previous,
    ArrowLeft: previous,
    PageUp: previous,
    Enter: togglePin,
    Escape: () => setMapOnly(!mapOnly),
    m: () => choose({ labels: following(MARK_LABELS, labels) }),
    n: () => grip && fingering && take(grip, following([grip.best, ...grip.others], fingering)),
  };
  useShortcuts(shortcuts);

  const chordName = grips[0]?.name ?? `${noteText(root)} ${stackName(stack)}`;
  return (
    <div className="space-y-4">
      <h1 className="sr-only">Neck</h1>
      <div className="flex flex-wrap items-end gap-x-5 gap-y-3">
        <RootPicker />
        <StackPicker />
        <div role="group" aria-labelledby="labels-label" className="ml-auto">
          <span id="labels-label" className="field-label">
            Marks show
          </span>
          <div className="flex gap-0.5">
            {MARK_LABELS.map((option) => (
              <ChoiceButton
                key={option}
                pressed={option === labels}
                onPress={() => choose({ labels: option })}
                className="px-2.5"
              >
                {LABEL_NAMES[option]}
              </ChoiceButton>
            ))}
          </div>
        </div>
      </div>

      <NeckView
        neck={neck}
        root={root}
        positions={positions}
        labels={labels}
        grip={shown}
        onChoose={takeThrough}
      />

      <div className="grid gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]">
        <section aria-labelledby="grips-title" aria-busy={!computed.isCurrent}>
          <div className="mb-2 flex flex-wrap items-baseline gap-x-3">
            <h2 id="grips-title" className="text-xl font-semibold">
              <NoteText>{`${chordName} in ${tuning.name}`}</NoteText>
            </h2>
            <p className="text-muted" aria-live="polite">
              {countText(grips.length, computed.failed)}
            </p>
          </div>
          {grips.length > 0 && (
            <GripList
              grips={grips}
              root={root}
              chosen={mapOnly ? -1 : index}
              onChoose={take}
              label={`Grips of ${spokenNotes(chordName)}, easiest first`}
            />
          )}
        </section>

        {grip && fingering && (
          <section
            aria-labelledby="grip-title"
            className="grid content-start gap-x-6 gap-y-3 sm:grid-cols-2"
          >
            <div>
              <h2 id="grip-title" className="mb-2 text-xl font-semibold">
                <FretText fretting={grip.fretting} />
              </h2>
              <GripDiagram
                neck={neck}
                root={root}
                grip={{ fingering, tones: grip.tones }}
                labels="finger"
                pitch={neck.midi.length > 7 ? 20 : 25}
                grows
                label={`${spokenNotes(grip.name)} close up`}
              />
            </div>
            <div className="space-y-3">
              <button
                type="button"
                className="button button-primary w-full text-lg"
                onClick={togglePin}
                disabled={!content}
              >
                {pinned ? (
                  <PinOff size={20} aria-hidden="true" />
                ) : (
                  <PinIcon size={20} aria-hidden="true" />
                )}
                {pinned ? "Unpin this grip" : "Pin this grip"}
              </button>
              <FingerChoice grip={grip} chosen={fingering} onChoose={(way) => take(grip, way)} />
              <EffortParts fingering={fingering} />
            </div>
          </section>
        )}
      </div>

      <PinStrip />
    </div>
  );
}

interface Chosen {
  readonly index: number;
  readonly grip: Grip | undefined;
  readonly fingering: Fingering | undefined;
}

/** The grip and the way to finger it that were chosen; the easiest where that is no longer there. */
function findChosen(
  grips: readonly Grip[],
  chosen: { readonly fretting: Grip["fretting"]; readonly fingers: Fingering["fingers"] } | null,
): Chosen {
  const key = chosen?.fretting.join();
  const found = grips.findIndex(({ fretting }) => fretting.join() === key);
  const index = Math.max(found, 0);
  const grip = grips[index];
  const fingers = chosen?.fingers.join();
  const way = grip && [grip.best, ...grip.others].find((each) => each.fingers.join() === fingers);
  return { index, grip, fingering: way ?? grip?.best };
}

function following<T>(all: readonly T[], current: T): T {
  return all[(all.indexOf(current) + 1) % all.length] ?? current;
}

function countText(count: number, failed: boolean): string {
  if (failed) return "The grips could not be worked out. Reload the page.";
  if (count === 0) return "no playable grip";
  return count === 1 ? "1 playable grip" : `${count} playable grips, easiest first`;
}
