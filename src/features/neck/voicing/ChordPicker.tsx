import { useInstrument, useRig, useView } from "@/session";
import { VoicingPicker } from "./VoicingPicker";

/** The current voicing, shared by every screen. */
export function ChordPicker() {
  const { view, show } = useView();
  const { neck } = useInstrument();
  const { ownVoicings } = useRig();
  const { voicing, minNotes, mapped, naturals } = view;
  return (
    <VoicingPicker
      voicing={voicing}
      minNotes={minNotes}
      mapped={mapped}
      naturals={naturals}
      strings={neck.midi.length}
      ownVoicings={ownVoicings}
      show={show}
    />
  );
}
