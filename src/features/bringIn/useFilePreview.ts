import { useState } from "react";
import { type Result } from "@/core/result";
import { type FilePreview } from "@/wire";

const MAX_BYTES = 16 * 1024 * 1024;

/** What of a file is known. */
export type Looked =
  | { readonly kind: "nothing" }
  | { readonly kind: "reading"; readonly name: string }
  | { readonly kind: "refused"; readonly name: string; readonly message: string }
  | { readonly kind: "read"; readonly name: string; readonly preview: FilePreview };

/** Looks at files on the server; nothing of them is kept. */
export function useFilePreview() {
  const [looked, setLooked] = useState<Looked>({ kind: "nothing" });
  const look = async (content: Blob, name: string) => {
    if (content.size > MAX_BYTES) {
      setLooked({ kind: "refused", name, message: "It is larger than 16 MB, which no song is." });
      return;
    }
    setLooked({ kind: "reading", name });
    try {
      const response = await fetch("/files/read", {
        method: "POST",
        headers: { "Content-Type": "application/octet-stream" },
        body: content,
      });
      const result = (await response.json()) as Result<FilePreview>;
      setLooked(
        result.ok
          ? { kind: "read", name, preview: result.value }
          : { kind: "refused", name, message: result.problem.message },
      );
    } catch {
      setLooked({ kind: "refused", name, message: "Tenon does not answer. Is it still running?" });
    }
  };
  return { looked, look, forget: () => setLooked({ kind: "nothing" }) };
}
