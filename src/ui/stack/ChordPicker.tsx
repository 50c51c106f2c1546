import { useWorkspace } from "@/ui/workspace";
import { StackPicker } from "./StackPicker";

/** The stack at hand, chosen for every screen. */
export function ChordPicker() {
  const { choice, choose, neck, ownStacks } = useWorkspace();
  const { stack, leastNotes, mapped, naturals } = choice;
  return (
    <StackPicker
      stack={stack}
      leastNotes={leastNotes}
      mapped={mapped}
      naturals={naturals}
      strings={neck.midi.length}
      ownStacks={ownStacks}
      choose={choose}
    />
  );
}
