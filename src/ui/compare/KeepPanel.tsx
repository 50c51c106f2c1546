import { useState } from "react";
import { Download, FolderOpen, Link, Printer, Save, Trash2 } from "lucide-react";
import { writeCompareAddress } from "@/formats/address";
import { compareCsv } from "@/formats/csv";
import { bringBackComparison, keepComparison, removeComparison } from "@/server/actions";
import { type SavedComparison } from "@/server/types";
import { TextField } from "@/ui/controls";
import { copyAddress, download, fileName } from "@/ui/save";
import { useWorkspace } from "@/ui/workspace";
import { type CompareAnswers } from "./useCompareAnswers";
import { type ShownComparison } from "./useComparison";

interface KeepPanelProps {
  readonly shown: ShownComparison;
  readonly answers: CompareAnswers;
  readonly onSheet: () => void;
}

/** Keep a comparison, open or let go of one, print it, or take it along as a file. */
export function KeepPanel({ shown, answers, onSheet }: KeepPanelProps) {
  const { change, tell } = useWorkspace();
  const { comparison } = shown;
  const [name, setName] = useState("");
  const keep = async () => {
    const kept = await change(keepComparison({ name, comparison }), { text: `${name} is kept.` });
    if (kept) setName("");
  };
  const saveCsv = () => {
    const columns = answers.columns.map(({ column, weighed, counts, route, cost, score }) => ({
      tuning: column.tuning,
      guitarName: column.guitar.name,
      weighed,
      counts: counts ?? null,
      travelMm: route?.travelMm ?? null,
      shifts: route?.shifts ?? null,
      turned: cost.turned,
      minutes: cost.minutes,
      score,
    }));
    const file = new Blob([compareCsv(columns)], { type: "text/csv;charset=utf-8" });
    const names = columns.map(({ tuning }) => tuning.name);
    download(file, `${fileName(comparison.chords, "in", ...names)}.csv`);
  };
  const copy = async () =>
    tell({ text: await copyAddress(writeCompareAddress(comparison), "comparison") });
  return (
    <div role="group" aria-label="Keep or take along" className="panel space-y-3 p-3">
      <div className="flex flex-wrap items-end gap-2">
        <form
          className="flex flex-wrap items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void keep();
          }}
        >
          <TextField
            label="Keep it as"
            className="w-56"
            maxLength={60}
            value={name}
            onChange={({ target }) => setName(target.value)}
          />
          <button type="submit" className="button" disabled={name.trim() === ""}>
            <Save size={18} aria-hidden="true" />
            Keep
          </button>
        </form>
        <button type="button" className="button" onClick={onSheet}>
          <Printer size={18} aria-hidden="true" />
          Print or save as PNG
        </button>
        <button type="button" className="button" disabled={!answers.isCurrent} onClick={saveCsv}>
          <Download size={18} aria-hidden="true" />
          Save as CSV
        </button>
        <button type="button" className="button" onClick={() => void copy()}>
          <Link size={18} aria-hidden="true" />
          Copy the address
        </button>
      </div>
      <SavedList onOpen={({ comparison: saved }) => shown.set(saved)} />
    </div>
  );
}

function SavedList({ onOpen }: { readonly onOpen: (saved: SavedComparison) => void }) {
  const { comparisons, change } = useWorkspace();
  if (comparisons.length === 0) return <p className="text-muted">Nothing is kept yet.</p>;
  const remove = ({ id, name }: SavedComparison) =>
    void change(removeComparison(id), {
      text: `${name} is deleted.`,
      undo: () => void change(bringBackComparison(id), { text: `${name} is back.` }),
    });
  return (
    <ul aria-label="Kept comparisons" className="flex flex-wrap gap-2">
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
