import { useState } from "react";
import { checkFretting, readFretting, type Fretting } from "@/core/fretting";
import { type Pin } from "@/state";
import { ChoiceButton, TextField } from "@/ui/controls";
import { FretText } from "@/ui/grip";
import { NoteText } from "@/ui/text";
import { type ColumnResult } from "@/features/compare/results";

interface ShapeBarProps {
  /** The column in which the shape is played. */
  readonly answer: ColumnResult;
  readonly shape: Fretting | null;
  readonly pins: readonly Pin[];
  readonly onShape: (shape: Fretting) => void;
}

/** Which shape to hold: one of the chords' best grips, a pinned one, or typed frets. */
export function ShapeBar({ answer, shape, pins, onShape }: ShapeBarProps) {
  const { column, weighed } = answer;
  const { neck, tuning } = column;
  const grips = (weighed?.chords ?? []).flatMap(({ chord, grips: [best] }) =>
    best ? [{ name: chord.name, fretting: best.grip.fretting }] : [],
  );
  const pinned = pins
    .filter(({ tuningMidi }) => tuningMidi.join() === tuning.midi.join())
    .map(({ fretting }) => ({ name: "Pinned", fretting }));
  const shapes = [...grips, ...pinned].filter(
    ({ fretting }, index, all) =>
      all.findIndex((other) => other.fretting.join() === fretting.join()) === index,
  );
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
      <FretsField
        key={shape?.join()}
        label={`Shape in ${tuning.name}, thick string first`}
        shape={shape}
        read={(text) => {
          const frets = readFretting(text);
          return frets.ok ? checkFretting(neck, frets.value) : frets;
        }}
        onShape={onShape}
      />
      <div role="group" aria-label="Shapes to pick from" className="flex flex-wrap gap-1">
        {shapes.map(({ name, fretting }) => (
          <ChoiceButton
            key={fretting.join()}
            pressed={fretting.join() === shape?.join()}
            onPress={() => onShape(fretting)}
            className="px-2.5"
          >
            <span className="mr-2 font-semibold">
              <NoteText>{name}</NoteText>
            </span>
            <FretText fretting={fretting} />
          </ChoiceButton>
        ))}
      </div>
    </div>
  );
}

interface FretsFieldProps {
  readonly label: string;
  readonly shape: Fretting | null;
  readonly read: (text: string) => ReturnType<typeof readFretting>;
  readonly onShape: (shape: Fretting) => void;
}

function FretsField({ label, shape, read, onShape }: FretsFieldProps) {
  const [text, setText] = useState(shape?.map((fret) => fret ?? "x").join(" ") ?? "");
  const result = read(text);
  const isNew = result.ok && result.value.join() !== shape?.join();
  const take = () => {
    if (result.ok && isNew) onShape(result.value);
  };
  return (
    <TextField
      label={label}
      className="w-72"
      value={text}
      problem={result.ok || text.trim() === "" ? undefined : result.problem.message}
      onChange={({ target }) => setText(target.value)}
      onBlur={take}
      onKeyDown={({ key }) => key === "Enter" && take()}
    />
  );
}
