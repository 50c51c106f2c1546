import { useState } from "react";
import { ChevronDown, Minus, Plus } from "lucide-react";
import { type Arrangement } from "@/core/arrangement";
import { type Tuning } from "@/core/tuning";
import { ChoiceButton } from "@/ui/controls";
import { NoteText } from "@/ui/text";
import { sectionName } from "@/features/song/state";

interface SongBarProps {
  readonly name: string;
  readonly tuning: Tuning;
  readonly arrangement: Arrangement;
  readonly section: number;
  readonly isListOpen: boolean;
  readonly onName: (name: string) => void;
  readonly onList: () => void;
  readonly onTempo: (bpm: number) => void;
  readonly onTuning: () => void;
  readonly onSection: (section: number) => void;
}

const [SLOWEST, FASTEST] = [30, 300];
/** More sections are chosen from a list. */
const MAX_BUTTONS = 5;

/** What song this is, how fast, in what tuning, and which section is looked at. */
export function SongBar(props: SongBarProps) {
  const { name, tuning, arrangement, section, isListOpen } = props;
  const { sectionKeys, tempoBpm } = arrangement;
  return (
    <div className="flex min-w-0 flex-wrap items-end gap-x-4 gap-y-2">
      <div className="min-w-0">
        <span className="field-label">Song</span>
        <div className="flex items-center gap-1">
          <NameField key={name} name={name} onName={props.onName} />
          <button
            type="button"
            className="button px-2.5"
            aria-label="Your songs"
            aria-expanded={isListOpen}
            onClick={props.onList}
          >
            <ChevronDown size={20} aria-hidden="true" />
          </button>
        </div>
      </div>
      <TempoField key={tempoBpm} bpm={tempoBpm} onTempo={props.onTempo} />
      <div>
        <span className="field-label">Tuning</span>
        <button type="button" className="button" aria-haspopup="dialog" onClick={props.onTuning}>
          <NoteText>{tuning.name}</NoteText>
        </button>
      </div>
      {sectionKeys.length > 1 && sectionKeys.length <= MAX_BUTTONS && (
        <div role="group" aria-label="Section">
          <span className="field-label">Section</span>
          <div className="flex gap-0.5">
            {sectionKeys.map((key, index) => (
              <ChoiceButton
                key={index}
                pressed={index === section}
                onPress={() => props.onSection(index)}
                className="px-3"
              >
                {sectionName(key)}
              </ChoiceButton>
            ))}
          </div>
        </div>
      )}
      {sectionKeys.length > MAX_BUTTONS && (
        <label>
          <span className="field-label">Section</span>
          <select
            className="field"
            value={section}
            onChange={({ target }) => props.onSection(Number(target.value))}
          >
            {sectionKeys.map((key, index) => (
              <option key={index} value={index}>
                {sectionName(key)}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  );
}

function NameField({
  name,
  onName,
}: {
  readonly name: string;
  readonly onName: (name: string) => void;
}) {
  const [draft, setDraft] = useState(name);
  const commit = () => {
    const next = draft.trim();
    if (next !== "" && next !== name) onName(next);
    else setDraft(name);
  };
  return (
    <input
      aria-label="Name of the song"
      className="min-h-11 w-64 max-w-full rounded-lg border border-transparent bg-transparent px-1 text-[28px] leading-tight font-bold hover:border-line"
      value={draft}
      maxLength={60}
      spellCheck={false}
      onChange={({ target }) => setDraft(target.value)}
      onBlur={commit}
      onKeyDown={({ key, currentTarget }) => {
        if (key === "Enter") currentTarget.blur();
        if (key === "Escape") setDraft(name);
      }}
    />
  );
}

function TempoField({
  bpm,
  onTempo,
}: {
  readonly bpm: number;
  readonly onTempo: (bpm: number) => void;
}) {
  const [draft, setDraft] = useState(String(bpm));
  const typed = Number(draft.replace(",", "."));
  const isFine = typed >= SLOWEST && typed <= FASTEST;
  const take = (next: number) => onTempo(Math.min(FASTEST, Math.max(SLOWEST, next)));
  return (
    <div>
      <label htmlFor="tempo" className="field-label">
        Tempo
      </label>
      <div className="flex items-center">
        <button
          type="button"
          className="button rounded-r-none px-2.5"
          aria-label="Slower"
          onClick={() => take(bpm - 2)}
        >
          <Minus size={18} aria-hidden="true" />
        </button>
        <input
          id="tempo"
          inputMode="decimal"
          className="field figures w-16 rounded-none border-line text-center"
          aria-invalid={isFine ? undefined : true}
          aria-describedby={isFine ? undefined : "tempo-problem"}
          value={draft}
          onChange={({ target }) => setDraft(target.value)}
          onBlur={() => {
            if (isFine && typed !== bpm) take(typed);
            else setDraft(String(bpm));
          }}
          onKeyDown={({ key, currentTarget }) => {
            if (key === "Enter") currentTarget.blur();
          }}
        />
        <button
          type="button"
          className="button rounded-l-none px-2.5"
          aria-label="Faster"
          onClick={() => take(bpm + 2)}
        >
          <Plus size={18} aria-hidden="true" />
        </button>
      </div>
      {!isFine && (
        <p id="tempo-problem" role="alert" className="text-[15px] text-warning">
          {`${SLOWEST} to ${FASTEST}`}
        </p>
      )}
    </div>
  );
}
