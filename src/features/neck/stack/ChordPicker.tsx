import { useInstrument, useRig, useView } from "@/session";
import { StackPicker } from "./StackPicker";

/** The current stack, shared by every screen. */
export function ChordPicker() {
  const { view, show } = useView();
  const { neck } = useInstrument();
  const { ownStacks } = useRig();
  const { stack, leastNotes, mapped, naturals } = view;
  return (
    <StackPicker
      stack={stack}
      leastNotes={leastNotes}
      mapped={mapped}
      naturals={naturals}
      strings={neck.midi.length}
      ownStacks={ownStacks}
      show={show}
    />
  );
}
