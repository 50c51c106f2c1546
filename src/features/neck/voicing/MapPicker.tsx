import { useInstrument, useView } from "@/session";
import { DegreePicker } from "./DegreePicker";

/** What the neck shows beside the grips. */
export function MapPicker() {
  const { view, show } = useView();
  const { neck } = useInstrument();
  const { mapped, naturals, mapStrings, voicing } = view;
  return (
    <DegreePicker
      mapped={mapped}
      naturals={naturals}
      mapStrings={mapStrings}
      voicing={voicing}
      strings={neck.midi.length}
      show={show}
    />
  );
}
