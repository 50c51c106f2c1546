import { type Result } from "@/core/result";
import { download } from "./download";

/** Papers, and what players call them. */
export const PDF_PAPERS = [
  ["a4", "A4"],
  ["letter", "Letter"],
] as const;
export type PdfPaper = (typeof PDF_PAPERS)[number][0];

/** Has what a page shows drawn on paper, and saves it. Throws an Error with words where it cannot be. */
export async function savePdf(
  kind: "neck" | "compare",
  paper: PdfPaper,
  picture: object,
  name: string,
): Promise<void> {
  const response = await fetch("/files/picture", {
    method: "POST",
    body: JSON.stringify({ kind, paper, picture }),
  });
  if (!response.ok) {
    const { problem } = (await response.json()) as Extract<Result<never>, { readonly ok: false }>;
    throw new Error(problem.message);
  }
  download(await response.blob(), `${name}.pdf`);
}
