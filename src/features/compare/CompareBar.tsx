import { stackName, STACKS, type NamedStack } from "@/core/stack";
import { MAX_STRINGS } from "@/core/tuning";
import { useRig } from "@/session";
import { HOLDS, type ComparedBy } from "@/state";
import { ChoiceButton, SelectField } from "@/ui/controls";
import { withSigns } from "@/ui/text";
import { ChordsField } from "./ChordsField";
import { type ShownComparison } from "./useComparison";

const HOLD_NAMES: Readonly<Record<ComparedBy, string>> = {
  chord: "Chord",
  pitches: "Pitches",
  shape: "Shape",
};

const REDUCED = "reduced";
const LEAST_NOTES = Array.from({ length: MAX_STRINGS - 1 }, (_, index) => {
  const least = index + 2;
  return [least, `on ${least} strings or more`] as const;
});

/** What is compared: the chords, how they are played, and what stays the same. */
export function CompareBar({ shown }: { readonly shown: ShownComparison }) {
  const { ownStacks } = useRig();
  const { comparison, set, preview, commit } = shown;
  const { chords, fiveStack, allAsFives, leastNotes, hold } = comparison;
  const own = ownStacks.flatMap(({ name, stack, leastNotes: least }) =>
    least === null ? [{ name, semitones: stack }] : [],
  );
  const listed = uniqueStacks([...STACKS, ...own]);
  const isListed = listed.some(({ semitones }) => semitones.join() === fiveStack.join());
  const other = { name: stackName(fiveStack), semitones: fiveStack };
  const stacks = isListed ? listed : [other, ...listed];
  return (
    <>
      <ChordsField
        text={chords}
        onPreview={(text) => preview({ chords: text })}
        onCommit={commit}
      />
      <SelectField
        label="Fives as"
        value={fiveStack.join()}
        options={stacks.map(({ name, semitones }) => [semitones.join(), withSigns(name)] as const)}
        onChange={(value) => set({ fiveStack: value.split(",").map(Number) })}
      />
      <SelectField
        label="Other chords"
        value={allAsFives ? REDUCED : leastNotes}
        options={[[REDUCED, "as their fives"], ...LEAST_NOTES]}
        onChange={(value) =>
          set(
            typeof value === "string"
              ? { allAsFives: true }
              : { allAsFives: false, leastNotes: value },
          )
        }
      />
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

/** Each stack under the first of its names. */
function uniqueStacks(stacks: readonly NamedStack[]): readonly NamedStack[] {
  const keyOf = ({ semitones }: NamedStack) => semitones.join();
  return stacks.filter(
    (stack, index) => stacks.findIndex((other) => keyOf(other) === keyOf(stack)) === index,
  );
}
