import { useState } from "react";
import { Minus, Plus } from "lucide-react";
import { MAX_TEMPO_BPM, MIN_TEMPO_BPM, withinTempo } from "@/core/song";
import { ChoiceButton } from "@/ui/controls";
import { NoteText } from "@/ui/text";

interface EditPanelProps {
  readonly tempoBpm: number;
  readonly tuningName: string;
  readonly isChartShown: boolean;
  readonly onTempo: (bpm: number) => void;
  readonly onTuning: () => void;
  readonly onChart: () => void;
}

/** Tempo and tuning of the song, and the switch for its chart. */
export function EditPanel(props: EditPanelProps) {
  const { tempoBpm, tuningName, isChartShown, onTempo, onTuning, onChart } = props;
  return (
    <div
      role="group"
      aria-label="Edit"
      className="panel flex flex-wrap items-end gap-x-4 gap-y-2 px-3 py-2"
    >
      <TempoField key={tempoBpm} bpm={tempoBpm} onTempo={onTempo} />
      <div>
        <span className="field-label">The song wants</span>
        <button type="button" className="button" aria-haspopup="dialog" onClick={onTuning}>
          <NoteText>{tuningName}</NoteText>
        </button>
      </div>
      <ChoiceButton pressed={isChartShown} onPress={onChart} className="hidden px-3 lg:block">
        Chart beside the route
      </ChoiceButton>
    </div>
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
  const isFine = withinTempo(typed) === typed;
  const take = (next: number) => onTempo(withinTempo(next));
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
          {`${MIN_TEMPO_BPM} to ${MAX_TEMPO_BPM}`}
        </p>
      )}
    </div>
  );
}
