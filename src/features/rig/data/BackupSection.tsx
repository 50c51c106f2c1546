import { useState } from "react";
import { Download } from "lucide-react";
import { type Result } from "@/core/result";
import { useTell } from "@/session";
import { AppDialog, FileButton, Section } from "@/ui/controls";
import { TimeText } from "@/ui/text";

/** How many there are of each, as the server names them. */
type Counts = Readonly<Record<string, number>>;

interface CheckedBackup {
  readonly madeAt: string;
  readonly counts: Counts;
  readonly current: Counts;
}

interface Preview extends CheckedBackup {
  readonly file: File;
}

/** Everything in one file, out and in. */
export function BackupSection() {
  const tell = useTell();
  const [preview, setPreview] = useState<Preview | null>(null);
  const look = async (file: File) => {
    const checked = await send(file, false);
    if (typeof checked === "string") tell({ text: checked });
    else setPreview({ ...checked, file });
  };
  const restore = async ({ file }: Preview) => {
    setPreview(null);
    const restored = await send(file, true);
    if (typeof restored === "string") tell({ text: restored });
    else location.reload();
  };
  return (
    <Section title="Backup">
      <p className="text-lg">
        Everything in one file: guitars, tunings, songs, practice and all the rest, to read anywhere
        and to restore here.
      </p>
      <div className="flex flex-wrap gap-2">
        <a className="button button-primary" href="/data/backup" download>
          <Download size={18} aria-hidden="true" />
          Save a backup
        </a>
        <FileButton
          label="A backup to restore"
          accept=".zip,application/zip"
          onFile={(file) => void look(file)}
        >
          Restore a backup
        </FileButton>
        <a className="button" href="/data/export" download>
          <Download size={18} aria-hidden="true" />
          Save as JSON
        </a>
      </div>
      {preview && (
        <AppDialog title="What would change" onClose={() => setPreview(null)}>
          <div className="space-y-3">
            <p className="text-lg">
              This backup was made <TimeText iso={preview.madeAt} />. It takes the place of all that
              is here now, which is kept beside it.
            </p>
            <table className="figures w-full text-left text-lg">
              <thead>
                <tr className="text-[15px] text-muted">
                  <th scope="col" className="py-1 font-normal">
                    <span className="sr-only">What</span>
                  </th>
                  <th scope="col" className="py-1 text-right font-normal">
                    Now
                  </th>
                  <th scope="col" className="py-1 text-right font-normal">
                    In the backup
                  </th>
                </tr>
              </thead>
              <tbody>
                {Object.entries(preview.counts).map(([name, count]) => (
                  <tr key={name} className="border-t border-line">
                    <th scope="row" className="py-1 font-normal first-letter:uppercase">
                      {name}
                    </th>
                    <td className="py-1 text-right">{preview.current[name] ?? 0}</td>
                    <td className="py-1 text-right font-semibold">{count}</td>
                  </tr>
                ))}
              </tbody>
            </table>
            <div className="flex flex-wrap gap-2">
              <button
                type="button"
                className="button button-primary"
                onClick={() => void restore(preview)}
              >
                Restore it
              </button>
              <button type="button" className="button" onClick={() => setPreview(null)}>
                Leave everything as it is
              </button>
            </div>
          </div>
        </AppDialog>
      )}
    </Section>
  );
}

/** What the server finds in a backup, or why it cannot be restored. */
async function send(file: File, isMeant: boolean): Promise<CheckedBackup | string> {
  try {
    const response = await fetch(`/data/backup${isMeant ? "?restore=1" : ""}`, {
      method: "POST",
      headers: { "Content-Type": "application/zip" },
      body: file,
    });
    const result = (await response.json()) as Result<CheckedBackup>;
    return result.ok ? result.value : result.problem.message;
  } catch {
    return "The backup could not be read. Is Tenon still running?";
  }
}
