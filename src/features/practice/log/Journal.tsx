import { useState } from "react";
import { Pencil, Trash2 } from "lucide-react";
import { newId, useRig } from "@/session";
import { LONGEST_NOTE } from "@/state";
import { type LoggedNote } from "@/wire";
import { TextField } from "@/ui/controls";
import { TimeText } from "@/ui/text";
import { localTime } from "@/features/practice/state";

interface JournalProps {
  readonly notes: readonly LoggedNote[];
  readonly onChanged: () => void;
}

/** What the player writes about a sitting. */
export function Journal({ notes, onChanged }: JournalProps) {
  const { change } = useRig();
  const [text, setText] = useState("");
  /** The note that is corrected; null while a new one is written. */
  const [edited, setEdited] = useState<LoggedNote | null>(null);
  const add = async () => {
    const written = text.trim();
    if (written === "") return;
    setText("");
    if (edited) {
      const { id, text: before } = edited;
      setEdited(null);
      const set = (to: string) =>
        ({ act: "set", kind: "journal", id, fields: { text: to } }) as const;
      const undo = () => {
        void change(set(before)).then(onChanged);
      };
      await change(set(written), { text: "The note is corrected.", undo });
      onChanged();
      return;
    }
    await change(
      { act: "add", kind: "journal", id: newId(), value: { ...localTime(), text: written } },
      { text: "The note is kept." },
    );
    onChanged();
  };
  const remove = async (id: number) => {
    const undo = () => {
      void change({ act: "restore", kind: "journal", id }).then(onChanged);
    };
    await change({ act: "delete", kind: "journal", id }, { text: "The note is deleted.", undo });
    onChanged();
  };
  return (
    <section aria-label="Notes" className="panel space-y-3 p-4">
      <h2 className="text-xl font-semibold">Notes</h2>
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <TextField
          label={edited ? "Correct the note" : "About today"}
          className="min-w-0 flex-1"
          value={text}
          maxLength={LONGEST_NOTE}
          onChange={({ target }) => setText(target.value)}
        />
        <button type="submit" className="button">
          Keep
        </button>
      </form>
      <ul aria-label="Notes" className="space-y-1">
        {notes.map(({ id, atMs, text: written, ...rest }) => (
          <li key={id} className="flex items-start gap-2">
            <p className="min-w-0 flex-1">
              <span className="figures mr-2 text-muted">
                <TimeText iso={new Date(atMs).toISOString()} />
              </span>
              {written}
            </p>
            <button
              type="button"
              aria-label={`Correct the note: ${written.slice(0, 40)}`}
              className="min-h-11 min-w-11 text-muted hover:text-ink"
              onClick={() => {
                setEdited({ id, atMs, text: written, ...rest });
                setText(written);
              }}
            >
              <Pencil size={17} aria-hidden="true" className="mx-auto" />
            </button>
            <button
              type="button"
              aria-label={`Delete the note: ${written.slice(0, 40)}`}
              className="min-h-11 min-w-11 text-muted hover:text-ink"
              onClick={() => void remove(id)}
            >
              <Trash2 size={17} aria-hidden="true" className="mx-auto" />
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
