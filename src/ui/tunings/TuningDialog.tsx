import { useMemo, useState, type FormEvent } from "react";
import { type Midi } from "@/core/pitch";
import { readTuning, samePitches, TUNINGS, type Tuning } from "@/core/tuning";
import { type Guitar } from "@/server/types";
import { NoteText } from "@/ui/text";
import { guitarFor, useWorkspace } from "@/ui/workspace";
import { AppDialog } from "@/ui/controls";
import { TuningRow } from "./TuningRow";

interface TuningDialogProps {
  readonly title: string;
  readonly current: readonly Midi[];
  readonly onChoose: (midi: readonly Midi[]) => void;
  readonly onClose: () => void;
}

/** Pick a tuning from the list, or say one: typing both reads it and narrows the list. */
export function TuningDialog({ title, current, onChoose, onClose }: TuningDialogProps) {
  const { guitars, guitar } = useWorkspace();
  const [text, setText] = useState("");
  const read = useMemo(() => readFor(text, guitar, guitars), [text, guitar, guitars]);
  const listed = useMemo(() => listFor(text, guitar, guitars), [text, guitar, guitars]);
  const best = read?.tunings[0];

  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (best) onChoose(best.midi);
  };

  return (
    <AppDialog title={title} onClose={onClose}>
      <form onSubmit={submit} className="mb-4">
        <label htmlFor="tuning-text" className="field-label">
          A name, or one letter for each string, thick to thin
        </label>
        <div className="flex gap-2">
          <input
            id="tuning-text"
            autoFocus
            autoComplete="off"
            spellCheck={false}
            maxLength={200}
            value={text}
            onChange={(event) => setText(event.target.value)}
            placeholder="Drop C#   or   D A D F# A D"
            aria-describedby="tuning-read"
            aria-invalid={Boolean(read?.problem)}
            className="min-h-12 min-w-0 flex-1 rounded-lg border border-line bg-raised px-3 text-lg"
          />
          <button type="submit" className="button button-primary" disabled={!best}>
            Use it
          </button>
        </div>
        <div id="tuning-read" aria-live="polite" className="mt-2 min-h-7 text-[16px]">
          {read?.problem && <p className="text-warning">{read.problem}</p>}
          {read?.tunings.map((tuning, index) => (
            <TuningRow
              key={tuning.name}
              tuning={tuning}
              note={index === 0 ? "read as" : "or"}
              selected={samePitches(tuning.midi, current)}
              onChoose={onChoose}
            />
          ))}
        </div>
      </form>
      <div className="max-h-[52vh] overflow-y-auto pr-1">
        {listed.map(({ owner, tunings }) => (
          <section key={owner.id} aria-label={owner.name} className="mb-4">
            <h3 className="mb-1 text-[15px] text-muted">
              <NoteText>{`${owner.name}, ${owner.usualMidi.length} strings`}</NoteText>
            </h3>
            <div className="grid gap-x-4 sm:grid-cols-2">
              {tunings.map((tuning) => (
                <TuningRow
                  key={tuning.name}
                  tuning={tuning}
                  selected={samePitches(tuning.midi, current)}
                  onChoose={onChoose}
                />
              ))}
            </div>
          </section>
        ))}
        {listed.length === 0 && !best && !read?.problem && (
          <p className="text-muted">No tuning of that name here.</p>
        )}
      </div>
    </AppDialog>
  );
}

interface Reading {
  readonly tunings: readonly Tuning[];
  readonly problem: string | null;
}

/** What the text means on the guitar at hand; failing that, on another of the player's guitars. */
function readFor(text: string, guitar: Guitar, guitars: readonly Guitar[]): Reading | null {
  if (text.trim() === "") return null;
  const here = readTuning(text, { strings: guitar.usualMidi.length, usual: guitar.usualMidi });
  const read = here.ok ? here : readTuning(text);
  if (read.ok && guitarFor(guitars, guitar, read.value.tuning.midi.length)) {
    return { tunings: [read.value.tuning, ...read.value.alternatives], problem: null };
  }
  return { tunings: [], problem: here.ok ? null : here.problem.message };
}

/** The catalogue by guitar, the one at hand first, narrowed to names that hold the text. */
function listFor(text: string, guitar: Guitar, guitars: readonly Guitar[]) {
  const counts = new Map<number, Guitar>();
  for (const owner of [guitar, ...guitars]) {
    if (!counts.has(owner.usualMidi.length)) counts.set(owner.usualMidi.length, owner);
  }
  const wanted = text.trim().toLowerCase();
  return [...counts]
    .map(([strings, owner]) => ({
      owner,
      tunings: TUNINGS.filter(
        ({ midi, name }) => midi.length === strings && name.toLowerCase().includes(wanted),
      ),
    }))
    .filter(({ tunings }) => tunings.length > 0);
}
