import { useState } from "react";
import { AudioLines, Plus } from "lucide-react";
import { pitchClassOf, type Midi } from "@/core/pitch";
import { stackName, type Stack } from "@/core/stack";
import { newId, useDraft, useHearing, useInstrument, useRig, useView } from "@/session";
import { changedFields, placeAt, type OwnStack, type OwnStackContent } from "@/state";
import { AppDialog, TextField } from "@/ui/controls";
import { useNames } from "@/ui/names";
import { NoteText } from "@/ui/text";
import { OwnStackList } from "./OwnStackList";
import { StackLadder } from "./StackLadder";
import { usualLeast } from "./usualLeast";

/** A stack that is being made, or changed. */
interface Making {
  readonly open: OwnStack | null;
  readonly made: OwnStackContent;
}

const EMPTY: OwnStackContent = { name: "", stack: [0], leastNotes: null };

function contentOf({ name, stack, leastNotes }: OwnStack): OwnStackContent {
  return { name, stack, leastNotes };
}

/** The player's own stacks: built by degree and register, heard while building, saved and ordered. */
export function StacksDialog({ onClose }: { readonly onClose: () => void }) {
  const { view, show } = useView();
  const { root, neck } = useInstrument();
  const { ownStacks, change } = useRig();
  const names = useNames();
  const { hear } = useHearing();
  const { stack: chosen, leastNotes } = view;
  // What is on the neck is the first offer; a stack half made before is still there.
  const [offer] = useState<Making>({ open: null, made: { name: "", stack: chosen, leastNotes } });
  const [{ open, made }, setMaking, forget] = useDraft("own stack", offer);
  const strings = neck.midi.length;
  const pitches = pitchesOf(made.stack, pitchClassOf(root), neck.midi[0] ?? 0);
  const name = made.name.trim() || stackName(made.stack);
  const canSave = made.stack.length > 1 && made.stack.length <= strings;
  const content = { ...made, name };

  const setMade = (next: OwnStackContent) => setMaking({ open, made: next });
  const start = (stack: OwnStack | null) =>
    setMaking({ open: stack, made: stack ? contentOf(stack) : EMPTY });
  const toggle = (tone: number) => {
    const has = made.stack.includes(tone);
    const stack = has
      ? made.stack.filter((each) => each !== tone)
      : [...made.stack, tone].sort((a, b) => a - b);
    setMade({ ...made, stack });
    hear(pitchesOf(stack, pitchClassOf(root), neck.midi[0] ?? 0), "strum");
  };
  const save = async () => {
    const isTaken = open ? saveChanges(open) : saveNew();
    start(null);
    if (!(await isTaken)) setMaking({ open, made });
  };
  const saveNew = () => {
    const id = newId();
    const [{ position } = { position: 0 }] = placeAt(ownStacks, ownStacks.length, id);
    return change(
      { act: "add", kind: "stack", id, value: { ...content, position } },
      {
        text: `${name} is saved.`,
        undo: () => void change({ act: "delete", kind: "stack", id }),
      },
    );
  };
  const saveChanges = (stack: OwnStack) => {
    const set = { act: "set", kind: "stack", id: stack.id } as const;
    const before = contentOf(stack);
    return change(
      { ...set, fields: changedFields(before, content) },
      {
        text: `${name} is changed.`,
        undo: () => void change({ ...set, fields: changedFields(content, before) }),
      },
    );
  };
  const use = () => {
    show({ stack: made.stack, leastNotes: made.leastNotes });
    forget();
    onClose();
  };

  return (
    <AppDialog title="Own stacks" onClose={onClose} wide>
      <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_18rem]">
        <div className="space-y-4">
          <StackLadder stack={made.stack} onToggle={toggle} />
          <p
            className="flex min-h-11 flex-wrap items-center gap-x-4 gap-y-2 text-xl"
            aria-live="polite"
          >
            <span className="figures font-semibold">
              <NoteText>{stackName(made.stack) || "no tone yet"}</NoteText>
            </span>
            {pitches.length > 0 && (
              <span className="text-muted">
                <NoteText>{`${names.chord(pitches)}: ${pitches.map(names.pitch).join(" ")}`}</NoteText>
              </span>
            )}
            <button type="button" className="button" onClick={() => hear(pitches, "strum")}>
              <AudioLines size={18} aria-hidden="true" />
              Hear it
            </button>
          </p>
          <div className="flex flex-wrap items-end gap-3">
            <TextField
              label="Name"
              value={made.name}
              placeholder={stackName(made.stack)}
              maxLength={60}
              onChange={({ target }) => setMade({ ...made, name: target.value })}
              className="w-44"
            />
            <label>
              <span className="field-label">Where its tones go</span>
              <select
                className="field"
                value={made.leastNotes ?? "exact"}
                onChange={({ target }) =>
                  setMade({
                    ...made,
                    leastNotes: target.value === "exact" ? null : Number(target.value),
                  })
                }
              >
                <option value="exact">just as built</option>
                {leastOptions(made.stack, strings).map((least) => (
                  <option key={least} value={least}>
                    {`anywhere, on ${least} strings or more`}
                  </option>
                ))}
              </select>
            </label>
            <button
              type="button"
              className="button"
              disabled={!canSave}
              onClick={() => void save()}
            >
              {open ? "Save changes" : "Save it"}
            </button>
            <button
              type="button"
              className="button button-primary"
              disabled={!canSave}
              onClick={use}
            >
              Show on the neck
            </button>
          </div>
          {made.stack.length > strings && (
            <p className="text-warning">{`${made.stack.length} tones; this guitar has ${strings} strings.`}</p>
          )}
        </div>
        <div className="space-y-2">
          <OwnStackList current={open} onOpen={start} />
          <button type="button" className="button w-full" onClick={() => start(null)}>
            <Plus size={18} aria-hidden="true" />
            New stack
          </button>
        </div>
      </div>
    </AppDialog>
  );
}

/** The stack as it sounds low on this guitar. */
function pitchesOf(stack: Stack, rootClass: number, lowest: Midi): readonly Midi[] {
  const bottom = lowest - Math.min(0, ...stack);
  const root = bottom + ((((rootClass - bottom) % 12) + 12) % 12);
  return stack.map((tone) => root + tone);
}

function leastOptions(stack: Stack, strings: number): readonly number[] {
  const fewest = Math.max(2, Math.min(stack.length, usualLeast(stack, strings)));
  return Array.from({ length: strings - fewest + 1 }, (_, index) => fewest + index);
}
