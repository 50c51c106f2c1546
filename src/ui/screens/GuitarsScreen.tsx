"use client";

import { useMemo, useState } from "react";
import { Plus } from "lucide-react";
import { makeNeck } from "@/core/neck";
import { UNKNOWN_STRING, usualMidi } from "@/core/tuning";
import { bringBackGuitar, changeGuitar, createGuitar, removeGuitar } from "@/server/actions";
import { type Guitar, type GuitarContent } from "@/server/types";
import { useEvent } from "@/ui/controls";
import { GuitarCard, GuitarFields, toForm, type GuitarForm } from "@/ui/guitars";
import { PlainNeck } from "@/ui/neck";
import { useWorkspace } from "@/ui/workspace";

/** What is typed for a guitar but not saved, and the last that made sense of it. */
interface Draft {
  readonly form: GuitarForm;
  readonly guitar: GuitarContent;
}

type Open = number | "new";

/** The player's guitars: add, change, copy, let go; the neck follows what is typed. */
export function GuitarsScreen() {
  const { guitars, guitar: inHand, profile, chooseGuitar, change } = useWorkspace();
  const [wanted, setOpen] = useState<Open>(inHand.id);
  const [drafts, setDrafts] = useState<ReadonlyMap<Open, Draft>>(new Map());
  const [round, setRound] = useState(0);
  const saved = guitars.find(({ id }) => id === wanted);
  const open: Open = saved || wanted === "new" ? wanted : inHand.id;
  const base: GuitarContent = open === "new" ? newGuitar() : contentOf(saved ?? inHand);
  const draft = drafts.get(open);
  const shown = draft?.guitar ?? base;
  const neck = useMemo(() => {
    const made = makeNeck({ ...shown, midi: shown.usualMidi });
    return made.ok ? made.value : null;
  }, [shown]);

  const forget = (key: Open) => {
    setDrafts((old) => new Map([...old].filter(([other]) => other !== key)));
    // A form that is open starts anew from what is saved.
    setRound((count) => count + 1);
  };
  const keep = useEvent((form: GuitarForm, guitar: GuitarContent | null) => {
    const isChanged = JSON.stringify(form) !== JSON.stringify(toForm(base));
    if (!isChanged && !draft) return;
    setDrafts((old) => new Map(old).set(open, { form, guitar: guitar ?? shown }));
  });
  const save = async (guitar: GuitarContent) => {
    const work = open === "new" ? createGuitar(guitar) : changeGuitar(open, guitar);
    const rig = await change(work, { text: `${guitar.name} is saved.` });
    if (!rig) return;
    forget(open);
    setOpen(open === "new" ? (rig.guitars.at(-1)?.id ?? inHand.id) : open);
  };
  const duplicate = async (guitar: Guitar) => {
    const copy = { ...contentOf(guitar), name: `${guitar.name} copy`.slice(0, 60) };
    const rig = await change(createGuitar(copy), { text: `${copy.name} is added.` });
    const added = rig?.guitars.at(-1);
    if (added) setOpen(added.id);
  };
  const remove = ({ id, name }: Guitar) =>
    void change(removeGuitar(id), {
      text: `${name} and its pins are deleted.`,
      undo: () => void change(bringBackGuitar(id), { text: `${name} is back.` }),
    });

  return (
    <div className="space-y-5">
      {neck && (
        <PlainNeck
          neck={neck}
          leftHanded={shown.leftHanded}
          accidentals={profile.accidentals}
          label={`Neck of ${shown.name}`}
        />
      )}
      <div className="grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,25rem)_minmax(0,1fr)]">
        <section aria-labelledby="guitars-title">
          <div className="mb-2 flex items-center justify-between">
            <h2 id="guitars-title" className="text-xl font-semibold">
              Guitars
            </h2>
            <button type="button" className="button" onClick={() => setOpen("new")}>
              <Plus size={18} aria-hidden="true" />
              New guitar
            </button>
          </div>
          <ul className="space-y-2">
            {guitars.map((guitar) => (
              <GuitarCard
                key={guitar.id}
                guitar={guitar}
                isOpen={guitar.id === open}
                isInHand={guitar.id === inHand.id}
                isUnsaved={drafts.has(guitar.id)}
                onOpen={() => setOpen(guitar.id)}
                onTake={() => chooseGuitar(guitar)}
                onDuplicate={() => void duplicate(guitar)}
                onDelete={() => remove(guitar)}
              />
            ))}
          </ul>
        </section>
        <section aria-label={open === "new" ? "New guitar" : shown.name}>
          <GuitarFields
            key={`${open} ${round}`}
            start={draft?.form ?? toForm(base)}
            isNew={open === "new"}
            onDraft={keep}
            onSave={(guitar) => void save(guitar)}
            onDiscard={() => {
              forget(open);
              if (open === "new") setOpen(inHand.id);
            }}
          />
        </section>
      </div>
    </div>
  );
}

function newGuitar(): GuitarContent {
  const neck = makeNeck({ midi: usualMidi(6) });
  if (!neck.ok) throw new Error(neck.problem.message);
  const { midi: usual, ...measures } = neck.value;
  return {
    ...measures,
    name: "New guitar",
    usualMidi: usual,
    leftHanded: false,
    bridge: "fixed",
    strings: usual.map(() => UNKNOWN_STRING),
  };
}

function contentOf({ id, tunedMidi, ...content }: Guitar): GuitarContent {
  return content;
}
