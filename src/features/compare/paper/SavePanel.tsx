import { type Paper } from "@/formats/paper";
import { Download, FolderOpen, Link, Printer, Save, Trash2 } from "lucide-react";
import { writeCompareAddress } from "@/formats/address";
import { compareCsv } from "@/formats/csv";
import { newId, useDraft, useRig, useTell } from "@/session";
import { type SavedComparison } from "@/state";
import { type Current } from "@/ui/computed";
import { TextField } from "@/ui/controls";
import { copyAddress, download, fileName, PAPER_OPTIONS, saveJson, savePdf } from "@/ui/save";
import { comparePicture } from "./comparePicture";
import { type CompareResults } from "@/features/compare/results";
import { fetchComparison } from "@/features/compare/results";
import { type ShownComparison } from "@/features/compare/results";

interface KeepPanelProps {
  readonly shown: ShownComparison;
  readonly answers: CompareResults;
  readonly onSheet: () => void;
}

/** Save a comparison, open or delete one, print it, or export it as a file. */
export function SavePanel({ shown, answers, onSheet }: KeepPanelProps) {
  const { comparisons, change } = useRig();
  const tell = useTell();
  const { comparison } = shown;
  const [name, setName, forgetName] = useDraft("name of a comparison", "");
  const [opened, setOpened, forgetOpened] = useDraft<SavedComparison | null>(
    "opened comparison",
    null,
  );
  const saved = comparisons.find(({ id }) => id === opened?.id);

  const save = async () => {
    const id = newId();
    const value = { name, comparison };
    const undo = () => void change({ act: "delete", kind: "comparison", id });
    const added = change(
      { act: "add", kind: "comparison", id, value },
      { text: `${name} is saved.`, undo },
    );
    forgetName();
    const made = await added;
    if (made) setOpened({ id, name, revision: made.revision ?? 0 });
    else setName(name);
  };
  const saveChanges = async ({ id, revision }: SavedComparison, called: string) => {
    const before = await fetchComparison(id);
    const set = { act: "set", kind: "comparison", id } as const;
    const undo = async () => {
      if (!before) return;
      const undone = await change({ ...set, fields: { comparison: before.comparison } });
      if (undone) setOpened({ id, name: called, revision: undone.revision ?? revision });
    };
    const made = await change(
      { ...set, fields: { comparison }, basedOn: revision },
      { text: `${called} is saved.`, ...(before && { undo: () => void undo() }) },
    );
    // Where another window was first, this one is kept under a name of its own.
    if (made?.notice !== undefined) forgetOpened();
    else if (made) setOpened({ id, name: called, revision: made.revision ?? revision });
  };
  const open = async (id: number) => {
    const found = await fetchComparison(id);
    if (!found) {
      tell({ text: "That comparison could not be fetched. Is Tenon still running?" });
      return;
    }
    shown.set(found.comparison);
    setOpened({ id, name: found.name, revision: found.revision });
  };
  const saveCsv = () => {
    const columns = answers.columns.map(({ column, weighed, counts, route, cost, score }) => ({
      tuning: column.tuning,
      guitarName: column.guitar.name,
      weighed,
      counts: settled(counts),
      travelMm: settled(route)?.travelMm ?? null,
      shifts: settled(route)?.shifts ?? null,
      turned: cost.turned,
      minutes: cost.minutes,
      score,
    }));
    const file = new Blob([compareCsv(columns)], { type: "text/csv;charset=utf-8" });
    const names = columns.map(({ tuning }) => tuning.name);
    download(file, `${fileName(comparison.chords, "in", ...names)}.csv`);
  };
  const savePaper = async (paper: Paper) => {
    try {
      const picture = comparePicture(called, answers);
      await savePdf("compare", paper, picture, fileName(called));
    } catch (error) {
      console.warn(error);
      tell({ text: "The PDF could not be made. Is Tenon still running?" });
    }
  };
  const called = name.trim() || saved?.name || comparison.chords.slice(0, 60) || "Comparison";
  const copy = async () =>
    tell({ text: await copyAddress(writeCompareAddress(comparison), "comparison") });
  return (
    <div role="group" aria-label="Save or export" className="panel space-y-3 p-3">
      <div className="flex flex-wrap items-end gap-2">
        <form
          className="flex flex-wrap items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void save();
          }}
        >
          <TextField
            label="Save as"
            className="w-56"
            maxLength={60}
            value={name}
            onChange={({ target }) => setName(target.value)}
          />
          <button type="submit" className="button" disabled={name.trim() === ""}>
            <Save size={18} aria-hidden="true" />
            Save
          </button>
        </form>
        {opened && saved && (
          <button
            type="button"
            className="button"
            onClick={() => void saveChanges(opened, saved.name)}
          >
            <Save size={18} aria-hidden="true" />
            {`Save changes to ${saved.name}`}
          </button>
        )}
        <button type="button" className="button" onClick={onSheet}>
          <Printer size={18} aria-hidden="true" />
          Print or save as PNG
        </button>
        {PAPER_OPTIONS.map(([paper, paperName]) => (
          <button
            key={paper}
            type="button"
            className="button"
            disabled={answers.state.kind !== "ready"}
            onClick={() => void savePaper(paper)}
          >
            <Download size={18} aria-hidden="true" />
            {`Save as PDF, ${paperName}`}
          </button>
        ))}
        <button
          type="button"
          className="button"
          disabled={answers.state.kind !== "ready"}
          onClick={saveCsv}
        >
          <Download size={18} aria-hidden="true" />
          Save as CSV
        </button>
        <button
          type="button"
          className="button"
          onClick={() => saveJson(called, { comparison: { name: called, comparison } })}
        >
          <Download size={18} aria-hidden="true" />
          Save as a Tenon file
        </button>
        <button type="button" className="button" onClick={() => void copy()}>
          <Link size={18} aria-hidden="true" />
          Copy the address
        </button>
      </div>
      <SavedList onOpen={({ id }) => void open(id)} />
    </div>
  );
}

function SavedList({ onOpen }: { readonly onOpen: (saved: SavedComparison) => void }) {
  const { comparisons, change } = useRig();
  if (comparisons.length === 0) return <p className="text-muted">Nothing saved yet.</p>;
  const remove = ({ id, name }: SavedComparison) =>
    void change(
      { act: "delete", kind: "comparison", id },
      {
        text: `${name} is deleted.`,
        undo: () =>
          void change({ act: "restore", kind: "comparison", id }, { text: `${name} is back.` }),
      },
    );
  return (
    <ul aria-label="Saved comparisons" className="flex flex-wrap gap-2">
      {comparisons.map((saved) => (
        <li key={saved.id} className="flex items-stretch rounded-lg border border-line">
          <button
            type="button"
            className="flex min-h-11 items-center gap-2 rounded-l-lg px-3 font-medium hover:bg-picked"
            aria-label={`Open ${saved.name}`}
            onClick={() => onOpen(saved)}
          >
            <FolderOpen size={18} aria-hidden="true" />
            {saved.name}
          </button>
          <button
            type="button"
            aria-label={`Delete ${saved.name}`}
            className="min-w-11 rounded-r-lg border-l border-line text-muted hover:bg-picked hover:text-ink"
            onClick={() => remove(saved)}
          >
            <Trash2 size={18} aria-hidden="true" className="mx-auto" />
          </button>
        </li>
      ))}
    </ul>
  );
}

/** What is known; a file leaves the rest blank. */
function settled<T>(outcome: Current<T | null>): T | null {
  return outcome.kind === "ready" ? outcome.value : null;
}
