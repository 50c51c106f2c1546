import { success, type Result } from "@/core/result";
import { type FileToSave } from "@/wire";
import { askInSteps, type WorkOptions } from "./askInSteps";

/** Has the server make a file, and the browser save it. Throws where the signal ends it. */
export async function saveFromServer(
  kind: FileToSave,
  options: WorkOptions,
): Promise<Result<null>> {
  const made = await askInSteps<{ readonly id: string }>(
    "/data/save",
    JSON.stringify({ kind }),
    options,
  );
  if (!made.ok) return made;
  const link = document.createElement("a");
  link.href = `/data/save?id=${made.value.id}`;
  link.download = "";
  link.click();
  return success(null);
}
