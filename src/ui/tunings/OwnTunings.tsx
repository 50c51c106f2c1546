import { useState, type FormEvent } from "react";
import { Pencil, Trash2 } from "lucide-react";
import { bringBackTuning, removeTuning, renameTuning } from "@/server/actions";
import { type Midi } from "@/core/pitch";
import { type OwnTuning } from "@/server/types";
import { useWorkspace } from "@/ui/workspace";
import { TuningRow } from "./TuningRow";

interface OwnTuningsProps {
  readonly tunings: readonly OwnTuning[];
  readonly current: readonly Midi[];
  readonly onChoose: (midi: readonly Midi[]) => void;
}

/** The tunings the player named: rename them, let them go and take that back. */
export function OwnTunings({ tunings, current, onChoose }: OwnTuningsProps) {
  return (
    <section aria-labelledby="own-title">
      <h2 id="own-title" className="mb-2 text-xl font-semibold">
        Your own
      </h2>
      <ul className="panel min-h-16 p-1">
        {tunings.length === 0 && (
          <li className="p-3 text-muted">
            Turn a string on the neck, then give the tuning a name.
          </li>
        )}
        {tunings.map((tuning) => (
          <OwnTuningRow
            key={tuning.id}
            tuning={tuning}
            selected={tuning.midi.join() === current.join()}
            onChoose={onChoose}
          />
        ))}
      </ul>
    </section>
  );
}

interface OwnTuningRowProps {
  readonly tuning: OwnTuning;
  readonly selected: boolean;
  readonly onChoose: (midi: readonly Midi[]) => void;
}

function OwnTuningRow({ tuning, selected, onChoose }: OwnTuningRowProps) {
  const { change } = useWorkspace();
  const [newName, setNewName] = useState<string | null>(null);
  const { id, name, midi } = tuning;
  const rename = (event: FormEvent) => {
    event.preventDefault();
    const given = newName?.trim() ?? "";
    setNewName(null);
    if (given && given !== name) {
      void change(renameTuning({ id, name: given }), {
        text: `Now called ${given}.`,
        undo: () => void change(renameTuning({ id, name })),
      });
    }
  };
  const remove = () =>
    void change(removeTuning(id), {
      text: `${name} is deleted.`,
      undo: () => void change(bringBackTuning(id), { text: `${name} is back.` }),
    });

  if (newName !== null) {
    return (
      <li>
        <form onSubmit={rename} className="flex gap-1 p-1">
          <input
            autoFocus
            aria-label={`New name of ${name}`}
            maxLength={60}
            value={newName}
            onChange={(event) => setNewName(event.target.value)}
            onKeyDown={(event) => event.key === "Escape" && setNewName(null)}
            className="field min-w-0 flex-1"
          />
          <button type="submit" className="button">
            Rename
          </button>
        </form>
      </li>
    );
  }
  return (
    <li className="flex items-center">
      <div className="min-w-0 flex-1">
        <TuningRow tuning={{ name, kind: "own", midi }} selected={selected} onChoose={onChoose} />
      </div>
      <button
        type="button"
        aria-label={`Rename ${name}`}
        className="min-h-11 min-w-11 text-muted hover:text-ink"
        onClick={() => setNewName(name)}
      >
        <Pencil size={18} aria-hidden="true" className="mx-auto" />
      </button>
      <button
        type="button"
        aria-label={`Delete ${name}`}
        className="min-h-11 min-w-11 text-muted hover:text-ink"
        onClick={remove}
      >
        <Trash2 size={18} aria-hidden="true" className="mx-auto" />
      </button>
    </li>
  );
}
