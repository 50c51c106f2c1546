import { type Midi } from "@/core/pitch";
import { nameTuning } from "@/core/tuning";
import { noteTuned } from "@/server/actions";
import { AppDialog } from "@/ui/controls";
import { NoteText } from "@/ui/text";
import { useNames, useWorkspace } from "@/ui/workspace";
import { RetuneSheetView } from "./RetuneSheetView";
import { useRetuneSheet } from "./useRetuneSheet";

/** From what the guitar hangs in now to the tuning just taken; looking at it only is fine too. */
export function RetuneDialog({ onClose }: { readonly onClose: () => void }) {
  const { guitar, tuning, profile, change } = useWorkspace();
  const sheet = useRetuneSheet(guitar, guitar.tunedMidi, tuning.midi);
  const { note } = useNames();
  const letters = (midi: readonly Midi[]) => midi.map(note).join(" ");
  const from = nameTuning(guitar.tunedMidi, profile.accidentals);
  const done = () => {
    onClose();
    void change(noteTuned({ id: guitar.id, midi: tuning.midi }), {
      text: `${guitar.name} is in ${tuning.name}.`,
      undo: () => void change(noteTuned({ id: guitar.id, midi: guitar.tunedMidi })),
    });
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
          Only look <kbd className="key-cap">Esc</kbd>
        </button>
        <button type="button" className="button" onClick={done}>
          It is tuned
        </button>
      </div>
    </AppDialog>
  );
}
