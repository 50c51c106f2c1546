import { useEffect, useState } from "react";
import { ClipboardPaste } from "lucide-react";
import { AppDialog, FileButton, useEvent, WorkLine } from "@/ui/controls";
import { KeptAs } from "./KeptAs";
import { useFilePreview } from "./useFilePreview";

interface BringInDialogProps {
  /** Dropped or chosen already. */
  readonly file: File | null;
  readonly onClose: () => void;
}

/** A file or a text that is brought in: what was understood of it, before anything is kept. */
export function BringInDialog({ file, onClose }: BringInDialogProps) {
  const { looked, look, shown, forget } = useFilePreview();
  const [text, setText] = useState("");
  const lookAt = useEvent((chosen: File) => void look(chosen, chosen.name));
  useEffect(() => {
    if (file) lookAt(file);
  }, [file, lookAt]);
  const title = looked.kind === "read" ? `What ${looked.name} holds` : "Bring in a file";
  return (
    <AppDialog title={title} onClose={onClose} wide={looked.kind === "read"}>
      {looked.kind === "read" ? (
        <KeptAs preview={looked.preview} onBack={forget} onClose={onClose} />
      ) : (
        <div className="space-y-4">
          <p className="text-lg">
            Chord sheets, tablature, MusicXML, MIDI files, tables of chords or tunings, and Tenon’s
            own files. Nothing is kept before you say so.
          </p>
          <div
            className="rounded-lg border-2 border-dashed border-line p-4"
            onDragOver={(event) => event.preventDefault()}
            onDrop={(event) => {
              const [dropped] = event.dataTransfer.files;
              if (!dropped) return;
              event.preventDefault();
              event.stopPropagation();
              lookAt(dropped);
            }}
          >
            <FileButton label="A file to bring in" isPrimary onFile={lookAt}>
              Choose a file
            </FileButton>
            <span className="ml-3 text-muted">or drop one here</span>
          </div>
          <label className="block">
            <span className="text-lg font-semibold">Or paste a text</span>
            <textarea
              className="figures mt-1 block min-h-40 w-full rounded-lg border border-line bg-surface p-3 font-mono text-[15px]"
              spellCheck={false}
              value={text}
              onChange={({ target }) => setText(target.value)}
            />
          </label>
          <button
            type="button"
            className="button"
            disabled={text.trim() === ""}
            onClick={() => void look(new Blob([text]), "the pasted text")}
          >
            <ClipboardPaste size={18} aria-hidden="true" />
            Look at the text
          </button>
          <WorkLine work={shown} />
          <p
            role="status"
            className={looked.kind === "refused" ? "text-lg text-warning" : "text-lg"}
          >
            {looked.kind === "refused" && `${looked.name}: ${looked.message}`}
          </p>
        </div>
      )}
    </AppDialog>
  );
}
