import { useId, type FormEvent } from "react";
import { type Midi } from "@/core/pitch";
import { samePitches } from "@/core/tuning";
import { TuningRow } from "./TuningRow";
import { type Saying } from "./useSaying";

interface SayTuningProps {
  readonly saying: Saying;
  readonly current: readonly Midi[];
  readonly onChoose: (midi: readonly Midi[]) => void;
  readonly action: string;
  readonly autoFocus?: boolean;
}

/** Say a tuning in words, letters or changes; what can be read in several ways is shown as a choice. */
export function SayTuning(props: SayTuningProps) {
  const { saying, current, onChoose, action } = props;
  const { text, setText, highToLow, setHighToLow, reading } = saying;
  const id = useId();
  const [best] = reading.tunings;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (best) onChoose(best.midi);
  };
  return (
    <form onSubmit={submit}>
      <label htmlFor={id} className="field-label">
        A name, letters, or changes: 6 down 2, 2 up 1
      </label>
      <div className="flex gap-2">
        <input
          id={id}
          autoFocus={props.autoFocus}
          autoComplete="off"
          spellCheck={false}
          maxLength={200}
          value={text}
          onChange={(event) => setText(event.target.value)}
          placeholder="Drop C#   or   D A D F# A D"
          aria-describedby={`${id}-read`}
          aria-invalid={Boolean(reading.problem)}
          className="field min-w-0 flex-1"
        />
        <button type="submit" className="button button-primary" disabled={!best}>
          {action}
        </button>
      </div>
      <label className="mt-1 flex min-h-9 w-fit items-center gap-2 text-muted">
        <input
          type="checkbox"
          className="size-5 accent-(--ink)"
          checked={highToLow}
          onChange={(event) => setHighToLow(event.target.checked)}
        />
        Letters run thin to thick
      </label>
      <div id={`${id}-read`} aria-live="polite" className="min-h-7 text-[16px]">
        {reading.problem && <p className="text-warning">{reading.problem}</p>}
        {reading.tunings.map((tuning, index) => (
          <TuningRow
            key={tuning.midi.join()}
            tuning={tuning}
            note={index === 0 ? "read as" : "or"}
            selected={samePitches(tuning.midi, current)}
            onChoose={onChoose}
          />
        ))}
        {reading.remark && <p className="text-muted">{reading.remark}</p>}
      </div>
    </form>
  );
}
