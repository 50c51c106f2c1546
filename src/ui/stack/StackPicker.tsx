import { memo } from "react";
import { stackName, STACKS, type NamedStack, type Stack } from "@/core/stack";
import { markRole, MarkShape } from "@/ui/neck";
import { NoteText, spokenNotes } from "@/ui/text";
import { ChoiceButton } from "@/ui/controls";
import { useWorkspace } from "@/ui/workspace";

const COLUMN_HEIGHT = 46;
const MARK_SIZE = 4.5;
const WIDEST_PX = 2.4;

/** The stacks as little columns of marks, spaced by semitones, lowest at the bottom. */
export const StackPicker = memo(function StackPicker() {
  const { choice, choose } = useWorkspace();
  const isCommon = STACKS.some(({ semitones }) => semitones.join() === choice.stack.join());
  // One note more or less may lead to a stack that is not among the common ones.
  const own: NamedStack = { name: stackName(choice.stack), semitones: choice.stack };
  const stacks = isCommon ? STACKS : [...STACKS, own];
  return (
    <div role="group" aria-labelledby="stack-label">
      <span id="stack-label" className="field-label">
        Stack, lowest note first
      </span>
      <div className="flex flex-wrap gap-0.5">
        {stacks.map(({ name, semitones }) => (
          <ChoiceButton
            key={name}
            pressed={semitones.join() === choice.stack.join()}
            label={spokenNotes(name)}
            onPress={() => choose({ stack: semitones })}
            className="flex items-center gap-1.5 pr-2 pl-1.5"
          >
            <StackColumn stack={semitones} />
            <span className="figures text-[17px] font-semibold">
              <NoteText>{name}</NoteText>
            </span>
          </ChoiceButton>
        ))}
      </div>
    </div>
  );
});

function StackColumn({ stack }: { readonly stack: Stack }) {
  const [lowest, highest] = [Math.min(...stack), Math.max(...stack)];
  const room = COLUMN_HEIGHT - 3 * MARK_SIZE;
  // Wide stacks are drawn closer, so that every column stays in its button.
  const pxPerSemitone = Math.min(WIDEST_PX, room / Math.max(highest - lowest, 1));
  const foot = (COLUMN_HEIGHT + (highest - lowest) * pxPerSemitone) / 2;
  const y = (tone: number) => foot - (tone - lowest) * pxPerSemitone;
  const tones = [...stack].sort((a, b) => a - b);
  return (
    <svg width={18} height={COLUMN_HEIGHT} aria-hidden="true" className="rounded bg-slab">
      <line
        x1={9}
        x2={9}
        y1={y(tones[0] ?? 0)}
        y2={y(tones.at(-1) ?? 0)}
        stroke="var(--string)"
        strokeWidth={1}
      />
      {tones.map((tone) => (
        <MarkShape key={tone} role={markRole(tone)} x={9} y={y(tone)} size={MARK_SIZE} />
      ))}
    </svg>
  );
}
