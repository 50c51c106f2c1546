import { type Result } from "@/core/result";

/** Asks the server for something that is no change of data; null where it was done, else why not. */
export async function askServer(path: string, body: object): Promise<string | null> {
  try {
    const response = await fetch(path, { method: "POST", body: JSON.stringify(body) });
    const result = (await response.json()) as Result<null>;
    return result.ok ? null : result.problem.message;
  } catch {
    return "Tenon does not answer. Is it still running?";
  }
}
