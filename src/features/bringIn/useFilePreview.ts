import { useState } from "react";
import { sendFile, useWork } from "@/session";
import { type FilePreview } from "@/wire";

const MAX_BYTES = 16 * 1024 * 1024;

/** What of a file is known. */
export type Looked =
  | { readonly kind: "nothing" }
  | { readonly kind: "refused"; readonly name: string; readonly message: string }
  | { readonly kind: "read"; readonly name: string; readonly preview: FilePreview };

/** Looks at files on the server; nothing of them is kept. */
export function useFilePreview() {
  const { shown, run } = useWork();
  const [looked, setLooked] = useState<Looked>({ kind: "nothing" });
  const look = async (content: Blob, name: string) => {
    if (content.size > MAX_BYTES) {
      setLooked({ kind: "refused", name, message: "It is larger than 16 MB, which no song is." });
      return;
    }
    setLooked({ kind: "nothing" });
    const read = await run(`Reading ${name}`, async (options) => {
      const sent = await sendFile(content, options);
      if (!sent.ok) return sent;
      try {
        return await sent.value.ask<FilePreview>("/files/read", options);
      } finally {
        sent.value.drop();
      }
    });
    if (!read) return;
    setLooked(
      read.ok
        ? { kind: "read", name, preview: read.value }
        : { kind: "refused", name, message: read.problem.message },
    );
  };
  return { looked, look, shown, forget: () => setLooked({ kind: "nothing" }) };
}
