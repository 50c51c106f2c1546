import { useState } from "react";
import { Download } from "lucide-react";
import { type Result } from "@/core/result";
import { useTell } from "@/session";
import { AppDialog, FileButton } from "@/ui/controls";

/** What a file of rounds held, and what came of it. */
interface ReadFile {
  readonly found: number;
  readonly refused: number;
  readonly problems: readonly string[];
  readonly imported: {
    readonly added: number;
    readonly known: number;
    readonly batch: number;
  } | null;
}

interface Preview extends ReadFile {
  readonly name: string;
  readonly text: string;
}

/** Room for a log of many years. */
const LARGEST_BYTES = 40_000_000;

/** The log as a table, out and in; what came in can be taken back. */
export function LogTools({ onChanged }: { readonly onChanged: () => void }) {
  const tell = useTell();
  const [preview, setPreview] = useState<Preview | null>(null);

  const look = async (file: File) => {
    if (file.size > LARGEST_BYTES) {
      tell({ text: `${file.name} is larger than 40 MB, which no log is. Nothing was added.` });
      return;
    }
    try {
      const text = await file.text();
      const read = await send(text, false);
      if (typeof read === "string") tell({ text: read });
      else setPreview({ ...read, name: file.name, text });
    } catch {
      tell({ text: "That file could not be read. Is Tenon still running?" });
    }
  };
  const keep = async ({ text }: Preview) => {
    setPreview(null);
    const read = await send(text, true).catch(
      () => "The rounds could not be added. Is Tenon still running?",
    );
    if (typeof read === "string") {
      tell({ text: read });
      return;
    }
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
      <a className="button" href="/rounds/csv" download>
        <Download size={18} aria-hidden="true" /> Save as a table
      </a>
      <FileButton
        label="A table of rounds"
        accept=".csv,.tsv,.txt,text/csv"
        onFile={(file) => void look(file)}
      >
        Bring in a table
      </FileButton>
      {preview && (
        <AppDialog title={`What ${preview.name} holds`} onClose={() => setPreview(null)}>
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
              <button type="button" className="button" onClick={() => setPreview(null)}>
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

/** What the server makes of a table, or what is wrong with it in words. */
async function send(text: string, isKept: boolean): Promise<ReadFile | string> {
  const response = await fetch(`/rounds/csv${isKept ? "?keep=1" : ""}`, {
    method: "POST",
    headers: { "Content-Type": "text/csv" },
    body: text,
  });
  const result = (await response.json()) as Result<ReadFile>;
  return result.ok ? result.value : result.problem.message;
}
