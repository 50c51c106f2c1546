import { memo } from "react";
import { degreeName } from "@/core/pitch";
import { degreesOf } from "@/core/voicing";
import { type NeckView } from "@/state";
import { ChoiceButton } from "@/ui/controls";
import { NoteText, spokenNotes } from "@/ui/text";
import { MAP_PRESETS, presetOf, takePreset, type ShownMap } from "./mapPresets";

const DEGREES = Array.from({ length: 12 }, (_, degree) => degree);

interface DegreePickerProps extends ShownMap {
  readonly show: (part: Partial<NeckView>) => void;
}

/**
 * The degrees on the neck: those of the chord, a preset, or any that the player taps. Gets what it shows as props, so that a
 * new root alone does not re-render it.
 */
export const DegreePicker = memo(function DegreePicker(props: DegreePickerProps) {
  const { naturals, mapped, voicing, show } = props;
  const shown = naturals ? [] : (mapped ?? degreesOf(voicing));
  const preset = presetOf(props);
  return (
    <div role="group" aria-label="Map" className="flex flex-wrap items-center gap-1.5">
      <select
        aria-label="What the map shows"
        className="field w-36 px-2"
        value={preset ?? "own"}
        onChange={({ target }) => show(takePreset(target.value, props))}
      >
        {MAP_PRESETS.map(({ name }) => (
          <option key={name} value={name}>
            {name}
          </option>
        ))}
        {preset === null && <option value="own">my own map</option>}
      </select>
      <div className="grid grid-cols-12 gap-0.5">
        {DEGREES.map((degree) => (
          <ChoiceButton
            key={degree}
            pressed={shown.includes(degree)}
            label={`Map ${spokenDegree(degree)}`}
            onPress={() => show(toggleDegree(shown, degree))}
            className="figures min-w-6.5 text-[17px] sm:w-7.5"
          >
            <NoteText>{degreeName(degree)}</NoteText>
          </ChoiceButton>
        ))}
      </div>
    </div>
  );
});

/** What changes where a degree is put on the map, or taken off it. */
export function toggleDegree(shown: readonly number[], degree: number) {
  const mapped = shown.includes(degree)
    ? shown.filter((each) => each !== degree)
    : [...shown, degree].sort((a, b) => a - b);
  return { mapped, naturals: false };
}

function spokenDegree(degree: number): string {
  return degree === 0 ? "root" : spokenNotes(degreeName(degree));
}
