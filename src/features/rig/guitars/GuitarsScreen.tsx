"use client";

import { useMemo, useState } from "react";
import { Plus } from "lucide-react";
import { makeNeck } from "@/core/neck";
import { newId, useDraft, useFoundDraft, useInstrument, useRig } from "@/session";
import { contentOf, newGuitar, type Guitar, type GuitarContent } from "@/state";
import { changedFields } from "@/wire";
import { saveJson } from "@/ui/save";
import { useEvent } from "@/ui/controls";
import { PlainNeck } from "@/ui/neck";
import { GuitarCard } from "./GuitarCard";
import { GuitarFields } from "./GuitarFields";
import { toForm, type GuitarForm } from "./guitarForm";

/** What is typed for a guitar but not saved, and the last valid guitar it described. */
interface Draft {
  readonly form: GuitarForm;
  readonly guitar: GuitarContent;
}

type Open = number | "new";

const NO_DRAFTS: readonly (readonly [Open, Draft])[] = [];

/** The player's guitars: add, change, copy, delete; the neck follows what is typed. */
export function GuitarsScreen() {
  const { guitars, profile, change } = useRig();
  const { guitar: inHand, chooseGuitar } = useInstrument();
  const [wanted, setOpen] = useState<Open>(inHand.id);
  const [draftList, setDraftList] = useDraft("guitars", NO_DRAFTS);
  const hasFound = useFoundDraft("guitars");
  const drafts = useMemo(() => new Map(draftList), [draftList]);
  const [round, setRound] = useState(0);
  const saved = guitars.find(({ id }) => id === wanted);
  const open: Open = saved || wanted === "new" ? wanted : inHand.id;
  const base: GuitarContent =
    open === "new" ? newGuitar(6, "New guitar") : contentOf(saved ?? inHand);
  const draft = drafts.get(open);
  const shown = draft?.guitar ?? base;
  const neck = useMemo(() => {
    const made = makeNeck({ ...shown, midi: shown.usualMidi });
    return made.ok ? made.value : null;
  }, [shown]);

  const forget = (key: Open) => {
    setDraftList(draftList.filter(([other]) => other !== key));
    // An open form starts over from what is saved.
    setRound((count) => count + 1);
  };
  const keep = useEvent((form: GuitarForm, guitar: GuitarContent | null) => {
    const isChanged = JSON.stringify(form) !== JSON.stringify(toForm(base));
    if (!isChanged && !draft) return;
    setDraftList([...new Map(drafts).set(open, { form, guitar: guitar ?? shown })]);
  });
  const save = async (guitar: GuitarContent) => {
    const id = open === "new" ? newId() : open;
    const isTaken = open === "new" ? add(id, guitar, "saved") : saveChanges(id, guitar);
    const kept = draftList;
    forget(open);
    setOpen(id);
    if (await isTaken) return;
    setDraftList(kept);
    setOpen(open);
  };
  const add = (id: number, guitar: GuitarContent, done: string) =>
    change(
      { act: "add", kind: "guitar", id, value: { ...guitar, tunedMidi: guitar.usualMidi } },
      {
        text: `${guitar.name} is ${done}.`,
        undo: () => void change({ act: "delete", kind: "guitar", id }),
      },
    );
  const saveChanges = (id: number, guitar: GuitarContent) => {
    const set = { act: "set", kind: "guitar", id } as const;
    const before = { ...base, tunedMidi: (saved ?? inHand).tunedMidi };
    return change(
      { ...set, fields: changedFields(base, guitar) },
      {
        text: `${guitar.name} is saved.`,
        undo: () =>
          void change({ ...set, fields: changedFields({ ...guitar, tunedMidi: [] }, before) }),
      },
    );
  };
  const duplicate = (guitar: Guitar) => {
    const id = newId();
    const name = `${guitar.name} copy`.slice(0, 60);
    void add(id, { ...contentOf(guitar), name }, "added");
    setOpen(id);
  };
  const saveFile = (guitar: Guitar) =>
    saveJson(guitar.name, { guitar: { ...contentOf(guitar), tunedMidi: guitar.tunedMidi } });
  const remove = ({ id, name }: Guitar) =>
    void change(
      { act: "delete", kind: "guitar", id },
      {
        text: `${name} and its pins are deleted.`,
        undo: () =>
          void change({ act: "restore", kind: "guitar", id }, { text: `${name} is back.` }),
      },
    );

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
                isInUse={guitar.id === inHand.id}
                isUnsaved={drafts.has(guitar.id)}
                onOpen={() => setOpen(guitar.id)}
                onUse={() => chooseGuitar(guitar)}
                onDuplicate={() => duplicate(guitar)}
                onSaveFile={() => saveFile(guitar)}
                onDelete={() => remove(guitar)}
              />
            ))}
          </ul>
        </section>
        <section aria-label={open === "new" ? "New guitar" : shown.name}>
          <GuitarFields
            key={`${open} ${round} ${hasFound}`}
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
