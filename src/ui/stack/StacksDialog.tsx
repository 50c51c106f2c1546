import { useState } from "react";
import { AudioLines, Plus } from "lucide-react";
import { pitchClassOf, type Midi } from "@/core/pitch";
import { stackName, type Stack } from "@/core/stack";
import { changeStack, keepStack } from "@/server/actions";
import { type OwnStack, type OwnStackContent } from "@/server/types";
import { AppDialog, TextField } from "@/ui/controls";
import { useHearing } from "@/ui/hear";
import { NoteText } from "@/ui/text";
import { useNames, useWorkspace } from "@/ui/workspace";
import { OwnStackList } from "./OwnStackList";
import { StackLadder } from "./StackLadder";
import { usualLeast } from "./usualLeast";

/** The player's own stacks: put together by degree and register, heard while building, kept and ordered. */
export function StacksDialog({ onClose }: { readonly onClose: () => void }) {
  const { choice, choose, root, neck, change } = useWorkspace();
  const names = useNames();
  const { hear } = useHearing();
  const { stack: chosen, leastNotes } = choice;
  const [open, setOpen] = useState<OwnStack | null>(null);
  const [made, setMade] = useState<OwnStackContent>({ name: "", stack: chosen, leastNotes });
  const strings = neck.midi.length;
  const pitches = pitchesOf(made.stack, pitchClassOf(root), neck.midi[0] ?? 0);
  const name = made.name.trim() || stackName(made.stack);
  const canKeep = made.stack.length > 1 && made.stack.length <= strings;
  const content = { ...made, name };

  const start = (stack: OwnStack | null) => {
    setOpen(stack);
    setMade(stack ?? { name: "", stack: [0], leastNotes: null });
  };
  const toggle = (tone: number) => {
    const has = made.stack.includes(tone);
    const stack = has
      ? made.stack.filter((each) => each !== tone)
      : [...made.stack, tone].sort((a, b) => a - b);
    setMade({ ...made, stack });
    hear(pitchesOf(stack, pitchClassOf(root), neck.midi[0] ?? 0), "strum");
  };
  const keep = async () => {
    const { id = null, ...before } = open ?? {};
    const rig =
      id === null
        ? await change(keepStack(content), { text: `${name} is kept.` })
        : await change(changeStack(id, content), {
            text: `${name} is changed.`,
            undo: () => void change(changeStack(id, before)),
          });
    if (rig) start(null);
  };
  const use = () => {
    choose({ stack: made.stack, leastNotes: made.leastNotes });
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
              <span className="field-label">Where its tones lie</span>
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
              disabled={!canKeep}
              onClick={() => void keep()}
            >
              {open ? "Save the change" : "Keep it"}
            </button>
            <button
              type="button"
              className="button button-primary"
              disabled={!canKeep}
              onClick={use}
            >
              Show it on the neck
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
