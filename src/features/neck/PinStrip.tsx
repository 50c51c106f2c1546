import { memo, useMemo } from "react";
import { X } from "lucide-react";
import { soundingMidi } from "@/core/fretting";
import { parseNote } from "@/core/pitch";
import { nameChord } from "@/core/voicing";
import { nameTuning } from "@/core/tuning";
import { useRig, useView } from "@/session";
import { neckOf, type Guitar, type NeckView, type Pin } from "@/state";
import { KeyCap } from "@/ui/controls";
import { fingersText, FretText } from "@/ui/grip";
import { NoteText, spokenNotes } from "@/ui/text";
import { NECK_KEYS } from "./neckKeys";

/** The pinned fingerings; one click brings back the guitar, tuning and chord each belongs to. */
export const PinStrip = memo(function PinStrip() {
  const { pins, guitars, unpin } = useRig();
  const { show } = useView();
  return (
    <section aria-labelledby="pins-title">
      <h2 id="pins-title" className="mb-2 text-lg font-semibold">
        Pinned
      </h2>
      {pins.length === 0 ? (
        <p className="text-muted">
          Nothing yet. <KeyCap of={NECK_KEYS.pin[0]} /> pins the grip on the neck.
        </p>
      ) : (
        <ul className="flex flex-wrap gap-2">
          {pins.map((pin) => {
            const guitar = guitars.find(({ id }) => id === pin.guitarId);
            return (
              guitar && <PinCard key={pin.id} pin={pin} guitar={guitar} show={show} unpin={unpin} />
            );
          })}
        </ul>
      )}
    </section>
  );
});

interface PinCardProps {
  readonly pin: Pin;
  readonly guitar: Guitar;
  readonly show: (part: Partial<NeckView>) => void;
  readonly unpin: (pin: Pin) => void;
}

const PinCard = memo(function PinCard({ pin, guitar, show, unpin }: PinCardProps) {
  const name = useMemo(() => pinName(pin, guitar), [pin, guitar]);
  const tuning = useMemo(() => nameTuning(pin.tuningMidi), [pin.tuningMidi]);
  const { guitarId, tuningMidi, root, voicing, minNotes, fretting, fingers } = pin;
  return (
    <li className="panel flex items-stretch">
      <button
        type="button"
        aria-label={`Show ${spokenNotes(name)} in ${spokenNotes(tuning.name)}`}
        onClick={() =>
          show({ guitarId, tuningMidi, root, voicing, minNotes, chosen: { fretting, fingers } })
        }
        className="flex min-h-14 flex-col justify-center rounded-l-lg px-3 py-1 text-left hover:bg-picked"
      >
        <span>
          <span className="mr-3 text-lg font-semibold">
            <NoteText>{name}</NoteText>
          </span>
          <FretText fretting={fretting} />
          <span className="figures ml-3 text-muted">{fingersText(fingers)}</span>
        </span>
        <span className="text-[15px] text-muted">
          <NoteText>{`${tuning.name}, ${guitar.name}`}</NoteText>
        </span>
      </button>
      <button
        type="button"
        aria-label={`Unpin ${spokenNotes(name)}`}
        onClick={() => unpin(pin)}
        className="min-w-11 rounded-r-lg border-l border-line px-2 text-muted hover:bg-picked hover:text-ink"
      >
        <X size={18} aria-hidden="true" className="mx-auto" />
      </button>
    </li>
  );
});

function pinName(pin: Pin, guitar: Guitar): string {
  const root = parseNote(pin.root);
  const sounding = soundingMidi(neckOf(guitar, pin.tuningMidi), pin.fretting);
  return nameChord(sounding, root.ok ? root.value : undefined).name;
}
