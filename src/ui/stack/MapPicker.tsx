import { useWorkspace } from "@/ui/workspace";
import { DegreePicker } from "./DegreePicker";

/** What the neck shows beside the grips. */
export function MapPicker() {
  const { choice, choose, neck } = useWorkspace();
  const { mapped, naturals, mapStrings, stack } = choice;
  return (
    <DegreePicker
      mapped={mapped}
      naturals={naturals}
      mapStrings={mapStrings}
      stack={stack}
      strings={neck.midi.length}
      choose={choose}
    />
  );
}
