import { nameTuning } from "@/core/tuning";
import { useInstrument, useRig } from "@/session";
import { AppDialog } from "@/ui/controls";
import { useNames } from "@/ui/names";
import { NoteText } from "@/ui/text";
import { RetuneSheetView } from "./RetuneSheetView";
import { useRetuneSheet } from "./useRetuneSheet";

/** From what the guitar is tuned to now to the tuning just chosen; just looking is fine too. */
export function RetuneDialog({ onClose }: { readonly onClose: () => void }) {
  const { guitar, tuning } = useInstrument();
  const { profile, change } = useRig();
  const sheet = useRetuneSheet(guitar, guitar.tunedMidi, tuning.midi);
  const { letters } = useNames();
  const from = nameTuning(guitar.tunedMidi, profile.accidentals);
  const done = () => {
    onClose();
    const set = { act: "set", kind: "guitar", id: guitar.id } as const;
    void change(
      { ...set, fields: { tunedMidi: tuning.midi } },
      {
        text: `${guitar.name} is in ${tuning.name}.`,
        undo: () => void change({ ...set, fields: { tunedMidi: guitar.tunedMidi } }),
      },
    );
  };
  return (
    <AppDialog
      title={`Retune ${guitar.name}: ${from.name} to ${tuning.name}`}
      onClose={onClose}
      wide
    >
      <p className="figures mb-3 text-lg text-muted">
        <NoteText>{`${letters(guitar.tunedMidi)} → ${letters(tuning.midi)}`}</NoteText>
      </p>
      <RetuneSheetView guitar={guitar} sheet={sheet} onDone={done} inDialog />
      <div className="mt-4 flex flex-wrap justify-end gap-2">
        <button type="button" className="button" onClick={onClose}>
          Just looking <kbd className="key-cap">Esc</kbd>
        </button>
        <button type="button" className="button" onClick={done}>
          It’s in tune
        </button>
      </div>
    </AppDialog>
  );
}
