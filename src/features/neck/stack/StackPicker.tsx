import { memo, useState } from "react";
import { CHORDS, degreesOf, stackName, STACKS, type NamedStack } from "@/core/stack";
import { type NeckView, type OwnStack } from "@/state";
import { ChoiceButton, onDemand } from "@/ui/controls";
import { NoteText, spokenNotes, withSigns } from "@/ui/text";
import { isOtherChord } from "./mapPresets";
import { StackColumn } from "./StackColumn";
import { usualLeast } from "./usualLeast";

const StacksDialog = onDemand("Your stacks", () =>
  import("./StacksDialog").then((part) => part.StacksDialog),
);

/** The width of a stack's button: its column with the room round it, and its name. */
const COLUMN_PX = 38;
const LETTER_PX = 6.2;

interface StackPickerProps extends Pick<NeckView, "stack" | "leastNotes" | "mapped" | "naturals"> {
  readonly strings: number;
  readonly ownStacks: readonly OwnStack[];
  readonly show: (part: Partial<NeckView>) => void;
}

/** So many stacks stand as columns; the others in the list beside them. */
const COLUMNS = 6;

/**
 * The first stacks as little columns of marks; then the others, own ones, and chords in any doubling. Gets what it shows as props, so that a
 * new root alone does not re-render it.
 */
export const StackPicker = memo(function StackPicker(props: StackPickerProps) {
  const { stack, leastNotes, mapped, strings, show } = props;
  const [isEditing, setIsEditing] = useState(false);
  return (
    <div
      role="group"
      aria-labelledby="stack-label"
      className="flex flex-wrap items-center gap-x-2 gap-y-1.5"
    >
      <span id="stack-label" className="sr-only">
        Stack
      </span>
      <div className="flex flex-wrap gap-0.5">
        {STACKS.slice(0, COLUMNS).map(({ name, semitones }) => (
          <ChoiceButton
            key={name}
            pressed={leastNotes === null && semitones.join() === stack.join()}
            label={spokenNotes(name)}
            onPress={() => show({ stack: semitones, leastNotes: null })}
            widthPx={COLUMN_PX + LETTER_PX * name.length}
            className="flex items-center gap-1 overflow-hidden pr-1 pl-1 whitespace-nowrap"
          >
            <StackColumn stack={semitones} />
            <span className="figures text-[17px] font-semibold">
              <NoteText>{name}</NoteText>
            </span>
          </ChoiceButton>
        ))}
      </div>
      <VoicingSelect {...props} onEdit={() => setIsEditing(true)} />
      {leastNotes !== null && (
        <select
          aria-label="Minimum number of strings"
          className="field w-24 px-1.5"
          value={Math.min(leastNotes, strings)}
          onChange={({ target }) => show({ leastNotes: Number(target.value) })}
        >
          {Array.from({ length: strings - 1 }, (_, index) => index + 2).map((least) => (
            <option key={least} value={least}>
              {`${least} or more`}
            </option>
          ))}
        </select>
      )}
      {isOtherChord(props) && (
        <button
          type="button"
          className="button px-3"
          onClick={() => {
            const degrees = mapped ?? [];
            show({ stack: degrees, leastNotes: usualLeast(degrees, strings), mapped: null });
          }}
        >
          Grips of this map
        </button>
      )}
      {isEditing && <StacksDialog onClose={() => setIsEditing(false)} />}
    </div>
  );
});

const EDIT = "edit";
const NONE = "none";

/** The other stacks, own ones, and the common chords in free mode: any doubling on enough strings. */
function VoicingSelect(props: StackPickerProps & { readonly onEdit: () => void }) {
  const { stack, leastNotes, strings, ownStacks, show, onEdit } = props;
  const isColumn = STACKS.slice(0, COLUMNS).some(({ semitones }) => isSame(semitones, stack));
  const more = STACKS.slice(COLUMNS);
  // One note more or less may lead to a stack that is not among the common ones.
  const further: readonly NamedStack[] =
    leastNotes !== null || isColumn || more.some(({ semitones }) => isSame(semitones, stack))
      ? more
      : [...more, { name: stackName(stack), semitones: stack }];
  const free = leastNotes === null ? null : degreesOf(stack).join();
  const chord = CHORDS.find(({ semitones }) => degreesOf(semitones).join() === free);
  const own = ownStacks.find(
    (each) => each.stack.join() === stack.join() && each.leastNotes === leastNotes,
  );
  const isUnnamed = free !== null && !chord && !own;
  const unlisted = () => {
    if (isUnnamed) return stackName(stack);
    return leastNotes !== null || isColumn ? NONE : `stack ${stackNameOf(further, stack)}`;
  };
  const take = (value: string) => {
    if (value === EDIT) return onEdit();
    const listed = further.find(({ name }) => value === `stack ${name}`);
    if (listed) return show({ stack: listed.semitones, leastNotes: null });
    const ownStack = ownStacks.find(({ id }) => value === `own ${id}`);
    if (ownStack) return show({ stack: ownStack.stack, leastNotes: ownStack.leastNotes });
    const taken = CHORDS.find(({ name }) => name === value)?.semitones;
    if (taken) show({ stack: taken, leastNotes: usualLeast(taken, strings) });
  };
  return (
    <select
      aria-label="Own stacks and chords in any voicing"
      className="field w-28 px-1.5"
      value={own ? `own ${own.id}` : (chord?.name ?? unlisted())}
      onChange={({ target }) => take(target.value)}
    >
      <option value={NONE} disabled hidden>
        more…
      </option>
      {isUnnamed && (
        <option value={stackName(stack)} disabled>
          {`any ${stackName(stack)}`}
        </option>
      )}
      <optgroup label="More stacks">
        {further.map(({ name }) => (
          <option key={name} value={`stack ${name}`}>
            {withSigns(name)}
          </option>
        ))}
      </optgroup>
      <optgroup label="Own stacks">
        {ownStacks.map(({ id, name }) => (
          <option key={id} value={`own ${id}`}>
            {name}
          </option>
        ))}
        <option value={EDIT}>make or change…</option>
      </optgroup>
      <optgroup label="Any voicing of">
        {CHORDS.map(({ name }) => (
          <option key={name} value={name}>
            {name}
          </option>
        ))}
      </optgroup>
    </select>
  );
}

function isSame(a: readonly number[], b: readonly number[]): boolean {
  return a.join() === b.join();
}

function stackNameOf(stacks: readonly NamedStack[], stack: readonly number[]): string {
  return stacks.find(({ semitones }) => isSame(semitones, stack))?.name ?? stackName(stack);
}
