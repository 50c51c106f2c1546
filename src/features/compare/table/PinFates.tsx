import { useMemo } from "react";
import { shapeFate, type ShapeFate } from "@/core/compare";
import { soundingMidi } from "@/core/fretting";
import { parseNote } from "@/core/pitch";
import { nameChord } from "@/core/voicing";
import { nameTuning } from "@/core/tuning";
import { useRig } from "@/session";
import { neckOf, type Guitar, type Pin } from "@/state";
import { FretText } from "@/ui/grip";
import { NoteText } from "@/ui/text";
import { type Column } from "@/features/compare/results";
import { fateText } from "@/features/compare/results";

/** What happens to each pinned shape in the tunings that are compared. */
export function PinFates({ columns }: { readonly columns: readonly Column[] }) {
  const { pins, guitars } = useRig();
  return (
    <section aria-labelledby="fates-title">
      <h2 id="fates-title" className="mb-1.5 text-lg font-semibold">
        Your pinned shapes, to sound the same
      </h2>
      {pins.length === 0 ? (
        <p className="text-muted">Nothing is pinned yet. Pin grips on the Neck.</p>
      ) : (
        <ul className="grid gap-2 md:grid-cols-2 xl:grid-cols-3">
          {pins.map((pin) => {
            const guitar = guitars.find(({ id }) => id === pin.guitarId);
            return guitar && <PinFate key={pin.id} pin={pin} guitar={guitar} columns={columns} />;
          })}
        </ul>
      )}
    </section>
  );
}

interface PinFateProps {
  readonly pin: Pin;
  readonly guitar: Guitar;
  readonly columns: readonly Column[];
}

function PinFate({ pin, guitar, columns }: PinFateProps) {
  const { tuningMidi, fretting } = pin;
  const neck = useMemo(() => neckOf(guitar, tuningMidi), [guitar, tuningMidi]);
  const root = parseNote(pin.root);
  const name = nameChord(soundingMidi(neck, fretting), root.ok ? root.value : undefined).name;
  const others = columns.filter(({ neck: { midi } }) => midi.join() !== neck.midi.join());
  return (
    <li className="panel p-2.5">
      <p className="text-[16px]">
        <span className="mr-3 text-lg font-semibold">
          <NoteText>{name}</NoteText>
        </span>
        <FretText fretting={fretting} />
        <span className="ml-3 text-muted">
          <NoteText>{`in ${nameTuning(tuningMidi).name}`}</NoteText>
        </span>
      </p>
      <ul className="text-[16px]">
        {others.map(({ tuning, neck: there }, place) => {
          const fate = shapeFate(fretting, neck.midi, there.midi, there.frets);
          return (
            <li key={place}>
              <NoteText>{`${tuning.name}: ${fateText(fate)}`}</NoteText>
              {fate.kind === "moved" && <MovedFrets fate={fate} />}
            </li>
          );
        })}
      </ul>
    </li>
  );
}

function MovedFrets({ fate }: { readonly fate: Extract<ShapeFate, { kind: "moved" }> }) {
  return (
    <span className="ml-2">
      <FretText fretting={fate.fretting} />
    </span>
  );
}
