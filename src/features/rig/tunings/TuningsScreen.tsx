"use client";

import { useMemo, useState } from "react";
import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
  type UniqueIdentifier,
} from "@dnd-kit/core";
import { sortableKeyboardCoordinates } from "@dnd-kit/sortable";
import { useRouter } from "next/navigation";
import { A4_HZ, centsOver, type Midi } from "@/core/pitch";
import { findChord } from "@/core/voicing";
import { isCrossed, samePitches, type Tuning } from "@/core/tuning";
import { useInstrument, useRig, useTuningShelf, useView } from "@/session";
import { callTuning, type Profile } from "@/state";
import { dragWords } from "@/ui/controls";
import { NoteText, spokenNotes } from "@/ui/text";
import { SayTuning, tuningLists, useSaying } from "@/ui/tuning";
import { midiOfId } from "./dragIds";
import { Favourites } from "./Favourites";
import { SaveTuning } from "./SaveTuning";
import { OwnTunings } from "./OwnTunings";
import { TuningLibrary } from "./TuningLibrary";
import { TuningNeck } from "./TuningNeck";
import { useFavourites } from "./useFavourites";

/** A tuning made on this screen, and the one it was made from. */
interface Made {
  readonly from: readonly Midi[];
  readonly midi: readonly Midi[];
}

/** Px to move before a press becomes a drag. */
const DRAG_FROM = 6;

/** Every tuning: make one by hand on the neck, say one, or take one from the lists. */
export function TuningsScreen() {
  const { guitar, chooseTuning } = useInstrument();
  const { view } = useView();
  const { profile, ownTunings } = useRig();
  const { favourites, isFavourite, toggle, put } = useFavourites();
  const router = useRouter();
  const [made, setMade] = useState<Made | null>(null);
  const strings = guitar.usualMidi.length;
  // A tuning chosen elsewhere, such as in the header, is shown here too.
  const midi = made?.from === view.tuningMidi ? made.midi : view.tuningMidi;
  const show = (next: readonly Midi[]) => setMade({ from: view.tuningMidi, midi: next });
  const tuning = callTuning(midi, ownTunings, profile.accidentals);
  const saying = useSaying(useTuningShelf(), guitar, true);
  const { accidentals } = profile;
  // Favourites and own tunings stand beside the library.
  const catalogue = useMemo(() => ({ favourites: [], ownTunings: [], accidentals }), [accidentals]);
  const lists = useMemo(
    () => tuningLists(catalogue, strings, saying.text),
    [catalogue, strings, saying.text],
  );
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );

  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    put(midiOfId(String(active.id)), midiOfId(String(over.id)));
  };
  const nameOf = (id: UniqueIdentifier) => {
    const pitches = midiOfId(String(id));
    if (pitches.length === 0) return "the favourites";
    return spokenNotes(callTuning(pitches, ownTunings, profile.accidentals).name);
  };
  const isSelected = (other: Tuning) => samePitches(other.midi, midi);

  return (
    <DndContext sensors={sensors} onDragEnd={drop} accessibility={dragWords(nameOf)}>
      <div className="space-y-4">
        <TuningNeck midi={midi} onChange={show} />
        <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
          <div className="min-w-0">
            <h2 className="text-2xl font-bold" aria-live="polite">
              <NoteText>{tuning.name}</NoteText>
            </h2>
            <p className="text-muted">
              <NoteText>{describe(midi, tuning, profile)}</NoteText>
            </p>
          </div>
          <div className="ml-auto flex flex-wrap gap-2">
            <SaveTuning midi={midi} />
            <button
              type="button"
              className="button button-primary text-lg"
              onClick={() => {
                chooseTuning(midi);
                router.push("/rig/retune");
              }}
            >
              Tune to it
            </button>
          </div>
        </div>
        <div className="grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,25rem)]">
          <section aria-labelledby="library-title">
            <h2 id="library-title" className="mb-2 text-xl font-semibold">
              Tunings for {strings} strings
            </h2>
            <SayTuning saying={saying} current={midi} onChoose={show} action="Show it" />
            <TuningLibrary
              lists={lists}
              isSelected={isSelected}
              isFavourite={(other) => isFavourite(other.midi)}
              onChoose={show}
              onToggleFavourite={toggle}
            />
          </section>
          <div className="space-y-5">
            <Favourites
              tunings={favourites
                .filter((each) => each.length === strings)
                .map((each) => callTuning(each, ownTunings, profile.accidentals))}
              isSelected={isSelected}
              onChoose={show}
              onRemove={toggle}
            />
            <OwnTunings
              tunings={ownTunings.filter((own) => own.midi.length === strings)}
              current={midi}
              onChoose={show}
            />
          </div>
        </div>
      </div>
    </DndContext>
  );
}

/** Kind, what the open strings sound, and what the reference pitch does. */
function describe(midi: readonly Midi[], tuning: Tuning, { a4Hz, accidentals }: Profile): string {
  const chord = findChord(midi, undefined, accidentals);
  const cents = centsOver(A4_HZ, a4Hz);
  return [
    `${tuning.kind.charAt(0).toUpperCase()}${tuning.kind.slice(1)} tuning`,
    chord ? `open strings spell ${chord.name}` : "open strings form no common chord",
    isCrossed(midi) ? "crossed: a thicker string sounds higher than a thinner one" : null,
    a4Hz === A4_HZ
      ? null
      : `A4 = ${a4Hz} Hz: all strings ${cents > 0 ? "+" : "−"}${Math.abs(cents).toFixed(1)} cents`,
  ]
    .filter((part) => part !== null)
    .join(", ");
}
