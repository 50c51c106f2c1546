import { type Result } from "@/core/result";
import { useEvent } from "@/ui/controls";
import { type FileToSave } from "@/wire";
import { useTell } from "./notices";
import { saveFromServer, sendFile, useWork, type SentFile } from "./work";

/** An uploaded file, and what the server found in it. */
export interface Looked<T> {
  readonly file: SentFile;
  readonly found: T;
}

/** Has the server make or read files, one at a time, with progress and cancel. Problems are shown as notices. */
export function useFileWork() {
  const tell = useTell();
  const { shown, run } = useWork();

  /** The value of a result; null after a problem, which is shown, or where there is no result. */
  const told = <T>(result: Result<T> | null): T | null => {
    if (result && !result.ok) tell({ text: result.problem.message });
    return result?.ok ? result.value : null;
  };

  /** Has the server make a file, which the browser saves. */
  const save = useEvent(async (kind: FileToSave) => {
    told(await run("Making the file", (options) => saveFromServer(kind, options)));
  });

  /** Sends a file and has it looked at; answers null where that was cancelled or cannot be. */
  const look = async <T>(chosen: File, path: string, what: string): Promise<Looked<T> | null> => {
    const sending = (options: Parameters<typeof sendFile>[1]) => sendFile(chosen, options);
    const file = told(await run(`Sending the ${what}`, sending));
    if (!file) return null;
    const found = told(await run(`Reading the ${what}`, (options) => file.ask<T>(path, options)));
    if (found === null) file.drop();
    return found === null ? null : { file, found };
  };

  /** Has the server take what it looked at; answers null where that was cancelled or cannot be. */
  const take = async <T>(file: SentFile, path: string, text: string): Promise<T | null> => {
    const taken = told(await run(text, (options) => file.ask<T>(path, options)));
    file.drop();
    return taken;
  };
  return { shown, save, look, take };
}
