import { useState } from "react";
import { Download } from "lucide-react";
import { useFileWork, type Looked } from "@/session";
import { AppDialog, FileButton, Section, WorkLine } from "@/ui/controls";
import { TimeText } from "@/ui/text";
import { type BackupPreview } from "@/wire";

/** Everything in one file, out and in. */
export function BackupSection() {
  const { shown, save, look, take } = useFileWork();
  const [preview, setPreview] = useState<Looked<BackupPreview> | null>(null);
  const leave = () => {
    preview?.file.drop();
    setPreview(null);
  };
  const restore = async ({ file }: Looked<BackupPreview>) => {
    setPreview(null);
    const restored = await take<BackupPreview>(file, "/data/backup?restore=1", "Restoring");
    if (restored) location.reload();
  };
  return (
    <Section title="Backup">
      <p className="text-lg">
        Everything in one file: guitars, tunings, songs, practice and all the rest, to read anywhere
        and to restore here.
      </p>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="button button-primary" onClick={() => void save("backup")}>
          <Download size={18} aria-hidden="true" />
          Save a backup
        </button>
        <FileButton
          label="A backup to restore"
          accept=".zip,application/zip"
          onFile={(chosen) =>
            void look<BackupPreview>(chosen, "/data/backup", "backup").then(setPreview)
          }
        >
          Restore a backup
        </FileButton>
        <button type="button" className="button" onClick={() => void save("json")}>
          <Download size={18} aria-hidden="true" />
          Save as JSON
        </button>
      </div>
      <WorkLine work={shown} />
      {preview && (
        <AppDialog title="What would change" onClose={leave}>
          <div className="space-y-3">
            <p className="text-lg">
              This backup was made <TimeText iso={preview.found.madeAt} />. It takes the place of
              all that is here now, which is kept beside it.
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
                {Object.entries(preview.found.counts).map(([name, count]) => (
                  <tr key={name} className="border-t border-line">
                    <th scope="row" className="py-1 font-normal first-letter:uppercase">
                      {name}
                    </th>
                    <td className="py-1 text-right">{preview.found.current[name] ?? 0}</td>
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
              <button type="button" className="button" onClick={leave}>
                Leave everything as it is
              </button>
            </div>
          </div>
        </AppDialog>
      )}
    </Section>
  );
}
