import { useState } from "react";
import { Download } from "lucide-react";
import { useFileWork, useTell, type Looked } from "@/session";
import { AppDialog, FileButton, WorkLine } from "@/ui/controls";
import { MAX_LOG_BYTES, type ReadRounds } from "@/wire";

interface Preview extends Looked<ReadRounds> {
  readonly name: string;
}

/** The log as a table, out and in; what came in can be taken back. */
export function LogTools({ onChanged }: { readonly onChanged: () => void }) {
  const tell = useTell();
  const { shown, save, look: lookAt, take } = useFileWork();
  const [preview, setPreview] = useState<Preview | null>(null);

  const look = async (chosen: File) => {
    if (chosen.size > MAX_LOG_BYTES) {
      tell({ text: `${chosen.name} is larger than 40 MB, which no log is. Nothing was added.` });
      return;
    }
    const looked = await lookAt<ReadRounds>(chosen, "/rounds/csv", "table");
    if (looked) setPreview({ ...looked, name: chosen.name });
  };
  const leave = () => {
    preview?.file.drop();
    setPreview(null);
  };
  const keep = async ({ file }: Preview) => {
    setPreview(null);
    const read = await take<ReadRounds>(file, "/rounds/csv?keep=1", "Adding the rounds");
    if (!read) return onChanged();
    const { added = 0, known = 0, batch } = read.imported ?? {};
    const undo = () => {
      void fetch("/rounds/back", { method: "POST", body: JSON.stringify({ batch }) }).then(
        onChanged,
      );
    };
    const there = known > 0 ? ` ${known} were in it already.` : "";
    const verb = added === 1 ? "is" : "are";
    tell({
      text: `${roundsText(added)} ${verb} added to the log.${there}`,
      ...(added > 0 && { undo }),
    });
    onChanged();
  };
  return (
    <div className="ml-auto flex flex-wrap gap-2">
      <WorkLine work={shown} />
      <button type="button" className="button" onClick={() => void save("log")}>
        <Download size={18} aria-hidden="true" /> Save as a table
      </button>
      <FileButton
        label="A table of rounds"
        accept=".csv,.tsv,.txt,text/csv"
        onFile={(file) => void look(file)}
      >
        Bring in a table
      </FileButton>
      {preview && (
        <AppDialog title={`What ${preview.name} holds`} onClose={leave}>
          <div className="space-y-3">
            <p>{`Understood: ${roundsText(preview.found.found)}. Lines that were not: ${preview.found.refused}.`}</p>
            {preview.found.problems.length > 0 && (
              <ul aria-label="What was not understood" className="max-h-60 space-y-1 overflow-auto">
                {preview.found.problems.map((problem) => (
                  <li key={problem}>{problem}</li>
                ))}
              </ul>
            )}
            <div className="flex flex-wrap gap-2">
              <button
                type="button"
                className="button button-primary"
                disabled={preview.found.found === 0}
                onClick={() => void keep(preview)}
              >
                {`Add ${roundsText(preview.found.found)}`}
              </button>
              <button type="button" className="button" onClick={leave}>
                Leave it
              </button>
            </div>
          </div>
        </AppDialog>
      )}
    </div>
  );
}

function roundsText(count: number): string {
  return count === 1 ? "1 round" : `${count.toLocaleString("en")} rounds`;
}
