import { useState } from "react";
import { Download } from "lucide-react";
import { saveFromServer, sendFile, useTell, useWork, type SentFile } from "@/session";
import { AppDialog, FileButton, WorkLine } from "@/ui/controls";
import { MAX_LOG_BYTES, type ReadRounds } from "@/wire";

interface Preview extends ReadRounds {
  readonly name: string;
  readonly file: SentFile;
}

/** The log as a table, out and in; what came in can be taken back. */
export function LogTools({ onChanged }: { readonly onChanged: () => void }) {
  const tell = useTell();
  const { shown, run } = useWork();
  const [preview, setPreview] = useState<Preview | null>(null);

  const save = async () => {
    const saved = await run("Making the table", (options) => saveFromServer("log", options));
    if (saved && !saved.ok) tell({ text: saved.problem.message });
  };
  const look = async (chosen: File) => {
    if (chosen.size > MAX_LOG_BYTES) {
      tell({ text: `${chosen.name} is larger than 40 MB, which no log is. Nothing was added.` });
      return;
    }
    const sent = await run("Sending the table", (options) => sendFile(chosen, options));
    if (!sent) return;
    if (!sent.ok) return tell({ text: sent.problem.message });
    const file = sent.value;
    const read = await run("Reading the table", (options) =>
      file.ask<ReadRounds>("/rounds/csv", options),
    );
    if (read?.ok) return setPreview({ ...read.value, name: chosen.name, file });
    file.drop();
    if (read) tell({ text: read.problem.message });
  };
  const leave = () => {
    preview?.file.drop();
    setPreview(null);
  };
  const keep = async ({ file }: Preview) => {
    setPreview(null);
    const read = await run("Adding the rounds", (options) =>
      file.ask<ReadRounds>("/rounds/csv?keep=1", options),
    );
    file.drop();
    if (!read) return onChanged();
    if (!read.ok) {
      tell({ text: read.problem.message });
      return;
    }
    const { added = 0, known = 0, batch } = read.value.imported ?? {};
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
      <button type="button" className="button" onClick={() => void save()}>
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
            <p>{`Understood: ${roundsText(preview.found)}. Lines that were not: ${preview.refused}.`}</p>
            {preview.problems.length > 0 && (
              <ul aria-label="What was not understood" className="max-h-60 space-y-1 overflow-auto">
                {preview.problems.map((problem) => (
                  <li key={problem}>{problem}</li>
                ))}
              </ul>
            )}
            <div className="flex flex-wrap gap-2">
              <button
                type="button"
                className="button button-primary"
                disabled={preview.found === 0}
                onClick={() => void keep(preview)}
              >
                {`Add ${roundsText(preview.found)}`}
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
  return count === 1 ? "1 round" : `${count} rounds`;
}
