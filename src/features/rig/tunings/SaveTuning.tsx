import { type FormEvent } from "react";
import { type Midi } from "@/core/pitch";
import { newId, useDraft, useRig } from "@/session";

/** Gives the tuning on the neck a name of the player's own. */
export function SaveTuning({ midi }: { readonly midi: readonly Midi[] }) {
  const { change } = useRig();
  const [name, setName, forgetName] = useDraft("name of a tuning", "");
  const save = (event: FormEvent) => {
    event.preventDefault();
    const given = name.trim();
    if (!given) return;
    const id = newId();
    void change(
      { act: "add", kind: "tuning", id, value: { name: given, midi } },
      {
        text: `${given} is saved.`,
        undo: () => void change({ act: "delete", kind: "tuning", id }),
      },
    ).then((isTaken) => {
      if (!isTaken) setName(given);
    });
    forgetName();
  };
  return (
    <form onSubmit={save} className="flex gap-1.5">
      <input
        aria-label="A name of your own"
        placeholder="A name of your own"
        maxLength={60}
        value={name}
        onChange={(event) => setName(event.target.value)}
        className="field w-48 min-w-0"
      />
      <button type="submit" className="button" disabled={!name.trim()}>
        Save it
      </button>
    </form>
  );
}
