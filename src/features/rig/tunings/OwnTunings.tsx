import { type FormEvent } from "react";
import { Download, Pencil, Trash2 } from "lucide-react";
import { type Midi } from "@/core/pitch";
import { useDraft, useRig } from "@/session";
import { type OwnTuning } from "@/state";
import { download } from "@/ui/save";
import { TuningRow } from "@/ui/tuning";

interface OwnTuningsProps {
  readonly tunings: readonly OwnTuning[];
  readonly current: readonly Midi[];
  readonly onChoose: (midi: readonly Midi[]) => void;
}

/** The tunings the player named: rename them, delete them and undo that. */
export function OwnTunings({ tunings, current, onChoose }: OwnTuningsProps) {
  return (
    <section aria-labelledby="own-title">
      <div className="mb-2 flex flex-wrap items-center justify-between gap-2">
        <h2 id="own-title" className="text-xl font-semibold">
          Your own
        </h2>
        {tunings.length > 0 && (
          <button type="button" className="button" onClick={() => void saveTable(tunings)}>
            <Download size={18} aria-hidden="true" />
            Save as a table
          </button>
        )}
      </div>
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

/** All of them in a file that Tenon, or a spreadsheet, reads. */
async function saveTable(tunings: readonly OwnTuning[]): Promise<void> {
  const { tuningsCsv } = await import("@/formats/csv");
  download(new Blob([tuningsCsv(tunings)], { type: "text/csv;charset=utf-8" }), "tunings.csv");
}

interface OwnTuningRowProps {
  readonly tuning: OwnTuning;
  readonly selected: boolean;
  readonly onChoose: (midi: readonly Midi[]) => void;
}

function OwnTuningRow({ tuning, selected, onChoose }: OwnTuningRowProps) {
  const { change } = useRig();
  const { id, name, midi } = tuning;
  const [newName, setNewName] = useDraft<string | null>(`new name of tuning ${id}`, null);
  const rename = (event: FormEvent) => {
    event.preventDefault();
    const given = newName?.trim() ?? "";
    setNewName(null);
    if (given && given !== name) {
      const rename = { act: "set", kind: "tuning", id } as const;
      void change(
        { ...rename, fields: { name: given } },
        {
          text: `Renamed to ${given}.`,
          undo: () => void change({ ...rename, fields: { name } }),
        },
      );
    }
  };
  const remove = () =>
    void change(
      { act: "delete", kind: "tuning", id },
      {
        text: `${name} is deleted.`,
        undo: () =>
          void change({ act: "restore", kind: "tuning", id }, { text: `${name} is back.` }),
      },
    );

  if (newName !== null) {
    return (
      <li>
        <form onSubmit={rename} className="flex gap-1 p-1">
          <input
            autoFocus
            aria-label={`New name for ${name}`}
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
