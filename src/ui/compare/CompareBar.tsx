import { STACKS } from "@/core/stack";
import { MAX_STRINGS } from "@/core/tuning";
import { HOLDS, type Hold } from "@/formats/address";
import { ChoiceButton } from "@/ui/controls";
import { useWorkspace } from "@/ui/workspace";
import { ChordsField } from "./ChordsField";
import { type ShownComparison } from "./useComparison";

const HOLD_NAMES: Readonly<Record<Hold, string>> = {
  chord: "Chord",
  pitches: "Pitches",
  shape: "Shape",
};

const REDUCED = "reduced";

/** What is compared: the chords, how they are played, and what stays the same. */
export function CompareBar({ shown }: { readonly shown: ShownComparison }) {
  const { ownStacks } = useWorkspace();
  const { comparison, set, preview, commit } = shown;
  const { chords, fiveStack, allAsFives, leastNotes, hold } = comparison;
  const own = ownStacks.flatMap(({ name, stack, leastNotes: least }) =>
    least === null ? [{ name, semitones: stack }] : [],
  );
  const stacks = [...STACKS, ...own];
  const isListed = stacks.some(({ semitones }) => semitones.join() === fiveStack.join());
  return (
    <>
      <ChordsField
        text={chords}
        onPreview={(text) => preview({ chords: text })}
        onCommit={commit}
      />
      <label>
        <span className="field-label">Fives as</span>
        <select
          className="field"
          value={fiveStack.join()}
          onChange={({ target }) => set({ fiveStack: target.value.split(",").map(Number) })}
        >
          {!isListed && <option value={fiveStack.join()}>{fiveStack.join(" ")}</option>}
          {stacks.map(({ name, semitones }) => (
            <option key={name + semitones.join()} value={semitones.join()}>
              {name.replace(/b(?=\d)/g, "♭").replace("#", "♯")}
            </option>
          ))}
        </select>
      </label>
      <label>
        <span className="field-label">Other chords</span>
        <select
          className="field"
          value={allAsFives ? REDUCED : leastNotes}
          onChange={({ target: { value } }) =>
            set(
              value === REDUCED
                ? { allAsFives: true }
                : { allAsFives: false, leastNotes: Number(value) },
            )
          }
        >
          <option value={REDUCED}>as their fives</option>
          {Array.from({ length: MAX_STRINGS - 1 }, (_, index) => index + 2).map((least) => (
            <option key={least} value={least}>
              {`on ${least} strings or more`}
            </option>
          ))}
        </select>
      </label>
      <div role="group" aria-labelledby="hold-label">
        <span id="hold-label" className="field-label">
          Hold the same
        </span>
        <div className="flex gap-0.5">
          {HOLDS.map((each) => (
            <ChoiceButton
              key={each}
              pressed={each === hold}
              onPress={() => set({ hold: each })}
              className="px-3"
            >
              {HOLD_NAMES[each]}
            </ChoiceButton>
          ))}
        </div>
      </div>
    </>
  );
}
