import { memo, useState } from "react";
import { CHORDS, degreesOf, voicingName, VOICINGS, type NamedVoicing } from "@/core/voicing";
import { type NeckView, type OwnVoicing } from "@/state";
import { ChoiceButton, onDemand } from "@/ui/controls";
import { NoteText, spokenNotes, withSigns } from "@/ui/text";
import { isOtherChord } from "./mapPresets";
import { VoicingColumn } from "./VoicingColumn";
import { usualMinNotes } from "./usualMinNotes";

const VoicingsDialog = onDemand("Your voicings", () =>
  import("./VoicingsDialog").then((part) => part.VoicingsDialog),
);

/** The width of a voicing's button: its column with the room round it, and its name. */
const COLUMN_PX = 38;
const LETTER_PX = 6.2;

interface VoicingPickerProps extends Pick<
  NeckView,
  "voicing" | "minNotes" | "mapped" | "naturals"
> {
  readonly strings: number;
  readonly ownVoicings: readonly OwnVoicing[];
  readonly show: (part: Partial<NeckView>) => void;
}

/** So many voicings stand as columns; the others in the list beside them. */
const COLUMNS = 6;

/**
 * The first voicings as little columns of marks; then the others, own ones, and chords in any doubling. Gets what it shows as props, so that a
 * new root alone does not re-render it.
 */
export const VoicingPicker = memo(function VoicingPicker(props: VoicingPickerProps) {
  const { voicing, minNotes, mapped, strings, show } = props;
  const [isEditing, setIsEditing] = useState(false);
  return (
    <div
      role="group"
      aria-labelledby="voicing-label"
      className="flex flex-wrap items-center gap-x-2 gap-y-1.5"
    >
      <span id="voicing-label" className="sr-only">
        Voicing
      </span>
      <div className="flex flex-wrap gap-0.5">
        {VOICINGS.slice(0, COLUMNS).map(({ name, semitones }) => (
          <ChoiceButton
            key={name}
            pressed={minNotes === null && semitones.join() === voicing.join()}
            label={spokenNotes(name)}
            onPress={() => show({ voicing: semitones, minNotes: null })}
            widthPx={COLUMN_PX + LETTER_PX * name.length}
            className="flex items-center gap-1 overflow-hidden pr-1 pl-1 whitespace-nowrap"
          >
            <VoicingColumn voicing={semitones} />
            <span className="figures text-[17px] font-semibold">
              <NoteText>{name}</NoteText>
            </span>
          </ChoiceButton>
        ))}
      </div>
      <ChordFormSelect {...props} onEdit={() => setIsEditing(true)} />
      {minNotes !== null && (
        <select
          aria-label="Minimum number of strings"
          className="field w-24 px-1.5"
          value={Math.min(minNotes, strings)}
          onChange={({ target }) => show({ minNotes: Number(target.value) })}
        >
          {Array.from({ length: strings - 1 }, (_, index) => index + 2).map((min) => (
            <option key={min} value={min}>
              {`${min} or more`}
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
            show({ voicing: degrees, minNotes: usualMinNotes(degrees, strings), mapped: null });
          }}
        >
          Grips of this map
        </button>
      )}
      {isEditing && <VoicingsDialog onClose={() => setIsEditing(false)} />}
    </div>
  );
});

const EDIT = "edit";
const NONE = "none";

/** The other voicings, own ones, and the common chords in free mode: any doubling on enough strings. */
function ChordFormSelect(props: VoicingPickerProps & { readonly onEdit: () => void }) {
  const { voicing, minNotes, strings, ownVoicings, show, onEdit } = props;
  const isColumn = VOICINGS.slice(0, COLUMNS).some(({ semitones }) => isSame(semitones, voicing));
  const more = VOICINGS.slice(COLUMNS);
  // One note more or less may lead to a voicing that is not among the common ones.
  const further: readonly NamedVoicing[] =
    minNotes !== null || isColumn || more.some(({ semitones }) => isSame(semitones, voicing))
      ? more
      : [...more, { name: voicingName(voicing), semitones: voicing }];
  const free = minNotes === null ? null : degreesOf(voicing).join();
  const chord = CHORDS.find(({ semitones }) => degreesOf(semitones).join() === free);
  const own = ownVoicings.find(
    (each) => each.voicing.join() === voicing.join() && each.minNotes === minNotes,
  );
  const isUnnamed = free !== null && !chord && !own;
  const unlisted = () => {
    if (isUnnamed) return voicingName(voicing);
    return minNotes !== null || isColumn ? NONE : `voicing ${voicingNameOf(further, voicing)}`;
  };
  const take = (value: string) => {
    if (value === EDIT) return onEdit();
    const listed = further.find(({ name }) => value === `voicing ${name}`);
    if (listed) return show({ voicing: listed.semitones, minNotes: null });
    const ownVoicing = ownVoicings.find(({ id }) => value === `own ${id}`);
    if (ownVoicing) return show({ voicing: ownVoicing.voicing, minNotes: ownVoicing.minNotes });
    const taken = CHORDS.find(({ name }) => name === value)?.semitones;
    if (taken) show({ voicing: taken, minNotes: usualMinNotes(taken, strings) });
  };
  return (
    <select
      aria-label="Own voicings and chords in any voicing"
      className="field w-28 px-1.5"
      value={own ? `own ${own.id}` : (chord?.name ?? unlisted())}
      onChange={({ target }) => take(target.value)}
    >
      <option value={NONE} disabled hidden>
        more…
      </option>
      {isUnnamed && (
        <option value={voicingName(voicing)} disabled>
          {`any ${voicingName(voicing)}`}
        </option>
      )}
      <optgroup label="More voicings">
        {further.map(({ name }) => (
          <option key={name} value={`voicing ${name}`}>
            {withSigns(name)}
          </option>
        ))}
      </optgroup>
      <optgroup label="Own voicings">
        {ownVoicings.map(({ id, name }) => (
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

function voicingNameOf(voicings: readonly NamedVoicing[], voicing: readonly number[]): string {
  return voicings.find(({ semitones }) => isSame(semitones, voicing))?.name ?? voicingName(voicing);
}
