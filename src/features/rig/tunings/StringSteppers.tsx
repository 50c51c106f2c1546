import { type KeyboardEvent } from "react";
import { Minus, Plus } from "lucide-react";
import { playTone } from "@/audio";
import { frequencyHz, type Midi } from "@/core/pitch";
import { HIGHEST_STRING_MIDI, LOWEST_STRING_MIDI } from "@/core/tuning";
import { useRig } from "@/session";
import { useNames } from "@/ui/names";
import { type NeckScale } from "@/ui/neck";
import { NoteText, spokenNotes } from "@/ui/text";

interface StringSteppersProps {
  readonly midi: readonly Midi[];
  readonly scale: NeckScale;
  readonly onChange: (midi: readonly Midi[]) => void;
}

/** Px that the steppers need beside the neck. */
export const STEPPER_WIDTH = 176;
const HEIGHT = 30;
const TONE_S = 2;

/** On every string: a half step down, its note, a half step up. The note sounds when pressed. */
export function StringSteppers({ midi, scale, onChange }: StringSteppersProps) {
  const { a4Hz } = useRig().profile;
  const names = useNames();
  const strings = midi.length;
  const move = (string: number, by: number) => {
    const next = (midi[string] ?? 0) + by;
    if (next < LOWEST_STRING_MIDI || next > HIGHEST_STRING_MIDI) return;
    onChange(midi.with(string, next));
  };
  const sound = (string: number) => void playTone(frequencyHz(midi[string] ?? 0, a4Hz), TONE_S);
  const onKeyDown = (event: KeyboardEvent, string: number) => {
    if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      sound(string);
      return;
    }
    const by = { ArrowUp: 1, ArrowDown: -1, PageUp: 12, PageDown: -12 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    move(string, by);
  };
  const texts = names.strings(midi);
  return midi.map((pitch, string) => {
    const text = texts[string] ?? "";
    const number = strings - string;
    const hz = frequencyHz(pitch, a4Hz);
    return (
      <div
        key={string}
        className="absolute flex items-center justify-between text-(--on-slab)"
        style={{
          top: scale.stringY(string) - HEIGHT / 2,
          left: scale.labelX - STEPPER_WIDTH / 2 + 6,
          width: STEPPER_WIDTH - 12,
          height: HEIGHT,
        }}
      >
        <button
          type="button"
          tabIndex={-1}
          aria-label={`String ${number} a half step down`}
          className="stepper"
          onClick={() => move(string, -1)}
        >
          <Minus size={16} aria-hidden="true" />
        </button>
        <div
          role="spinbutton"
          tabIndex={0}
          aria-label={`String ${number}`}
          aria-valuenow={pitch}
          aria-valuetext={spokenNotes(text)}
          aria-valuemin={LOWEST_STRING_MIDI}
          aria-valuemax={HIGHEST_STRING_MIDI}
          className="figures flex h-full flex-1 cursor-pointer items-baseline justify-center gap-1.5 leading-[30px] whitespace-nowrap"
          onKeyDown={(event) => onKeyDown(event, string)}
          onClick={() => sound(string)}
        >
          <span className="text-[18px] font-semibold">
            <NoteText>{text}</NoteText>
          </span>
          <span className="text-[14px] text-(--on-slab-muted)">{hz.toFixed(1)}</span>
        </div>
        <button
          type="button"
          tabIndex={-1}
          aria-label={`String ${number} a half step up`}
          className="stepper"
          onClick={() => move(string, 1)}
        >
          <Plus size={16} aria-hidden="true" />
        </button>
      </div>
    );
  });
}
