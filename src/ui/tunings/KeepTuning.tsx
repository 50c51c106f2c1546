import { useState, type FormEvent } from "react";
import { keepTuning } from "@/server/actions";
import { type Midi } from "@/core/pitch";
import { useWorkspace } from "@/ui/workspace";

/** Gives the tuning on the neck a name of the player's own. */
export function KeepTuning({ midi }: { readonly midi: readonly Midi[] }) {
  const { change } = useWorkspace();
  const [name, setName] = useState("");
  const keep = (event: FormEvent) => {
    event.preventDefault();
    const given = name.trim();
    if (!given) return;
    void change(keepTuning({ name: given, midi }), { text: `${given} is kept.` }).then(
      (rig) => rig && setName(""),
    );
  };
  return (
    <form onSubmit={keep} className="flex gap-1.5">
      <input
        aria-label="A name of your own"
        placeholder="A name of your own"
        maxLength={60}
        value={name}
        onChange={(event) => setName(event.target.value)}
        className="field w-48 min-w-0"
      />
      <button type="submit" className="button" disabled={!name.trim()}>
        Keep it
      </button>
    </form>
  );
}
