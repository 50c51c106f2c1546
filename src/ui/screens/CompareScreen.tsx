"use client";

import dynamic from "next/dynamic";
import { useCallback, useMemo, useState } from "react";
import { ArrowLeftRight } from "lucide-react";
import { suggestTuning } from "@/core/compare";
import { nameTuning, retuneSteps } from "@/core/tuning";
import { TuningColumn, verdict } from "@/ui/compare";
import { useShortcuts } from "@/ui/controls";
import { ChordPicker, RootPicker, useRootShortcuts } from "@/ui/stack";
import { NoteText } from "@/ui/text";
import { guitarFor, neckOf, useComputed, useWorkspace } from "@/ui/workspace";
import { compute } from "@/worker/client";

const TuningDialog = dynamic(() =>
  import("@/ui/tunings/TuningDialog").then((part) => part.TuningDialog),
);

const GRIPS_SHOWN = 5;

/** The same chord in two tunings, side by side. */
export function CompareScreen() {
  const { guitars, guitar, tuning, neck, root, choice, choose, chooseTuning, profile } =
    useWorkspace();
  const [changing, setChanging] = useState<"here" | "there" | null>(null);
  const { stack, leastNotes, comparedMidi } = choice;
  const other = useMemo(
    () => (comparedMidi ? nameTuning(comparedMidi) : suggestTuning(tuning.midi, guitar.usualMidi)),
    [comparedMidi, tuning, guitar],
  );
  const otherGuitar = guitarFor(guitars, guitar, other.midi.length) ?? guitar;
  const otherNeck = useMemo(() => neckOf(otherGuitar, other.midi), [otherGuitar, other]);
  const computed = useComputed(
    useCallback(
      () =>
        compute().chordOnNecks([neck, otherNeck], root, { stack, leastNotes }, GRIPS_SHOWN, {
          hand: profile,
          school: profile.school,
        }),
      [neck, otherNeck, root, stack, leastNotes, profile],
    ),
  );
  useShortcuts(useRootShortcuts());

  const swap = () => {
    chooseTuning(other.midi);
    choose({ comparedMidi: tuning.midi });
  };
  const [here, there] = computed.value ?? [];
  return (
    <div className="space-y-5">
      <h1 className="sr-only">Compare</h1>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <RootPicker />
        <button type="button" className="button ml-auto" onClick={swap}>
          <ArrowLeftRight size={20} aria-hidden="true" />
          Swap sides
        </button>
        <ChordPicker />
      </div>
      {computed.failed && <p role="alert">This could not be worked out. Reload the page.</p>}
      {here && there && (
        <>
          <p className="text-xl" aria-live="polite">
            <NoteText>{verdict(here, there, tuning, other)}</NoteText>
          </p>
          <div className="grid gap-x-8 gap-y-6 md:grid-cols-2" aria-busy={!computed.isCurrent}>
            <TuningColumn
              tuning={tuning}
              guitar={guitar}
              neck={neck}
              root={root}
              chord={here}
              steps={undefined}
              onChange={() => setChanging("here")}
            />
            <TuningColumn
              tuning={other}
              guitar={otherGuitar}
              neck={otherNeck}
              root={root}
              chord={there}
              steps={retuneSteps(tuning.midi, other.midi)}
              onChange={() => setChanging("there")}
            />
          </div>
        </>
      )}
      {changing && (
        <TuningDialog
          title={changing === "here" ? "You are in" : "Compare with"}
          current={changing === "here" ? tuning.midi : other.midi}
          onChoose={(midi) => {
            if (changing === "here") chooseTuning(midi);
            else choose({ comparedMidi: midi });
            setChanging(null);
          }}
          onClose={() => setChanging(null)}
        />
      )}
    </div>
  );
}
