import { useState } from "react";
import { askServer, useTell } from "@/session";
import { type DataFacts } from "@/wire";
import { copyContents, TimeText } from "@/ui/text";

const REASONS: Readonly<Record<string, string>> = {
  daily: "daily",
  "before-upgrade": "before an update",
};

/** Copies to go back to; what is replaced is kept beside them. */
export function CopyList({ copies }: Pick<DataFacts, "copies">) {
  const tell = useTell();
  const [asked, setAsked] = useState<string | null>(null);
  if (copies.length === 0) return <p className="text-lg">None yet.</p>;
  const goBack = async (name: string) => {
    setAsked(null);
    const problem = await askServer("/data/restore", { copy: name });
    if (problem === null) location.reload();
    else tell({ text: problem });
  };
  return (
    <ul className="space-y-2">
      {copies.map((copy) => (
        <li key={copy.name} className="panel flex flex-wrap items-center gap-3 p-3">
          <p className="min-w-0 flex-1 basis-60 text-lg">
            <TimeText iso={copy.madeAt} />, {REASONS[copy.reason] ?? copy.reason}
            <span className="block text-[15px] text-muted">
              {asked === copy.name
                ? "It replaces your data, which is kept beside it."
                : copyContents(copy)}
            </span>
          </p>
          {asked === copy.name ? (
            <>
              <button type="button" className="button" onClick={() => void goBack(copy.name)}>
                Yes, restore it
              </button>
              <button type="button" className="button" onClick={() => setAsked(null)}>
                Cancel
              </button>
            </>
          ) : (
            <button type="button" className="button" onClick={() => setAsked(copy.name)}>
              Restore
            </button>
          )}
        </li>
      ))}
    </ul>
  );
}
