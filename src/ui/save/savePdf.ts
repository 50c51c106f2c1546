import { type Result } from "@/core/result";
import { PAPERS, type Paper } from "@/formats/paper";
import { download } from "./download";

const PAPER_NAMES: Readonly<Record<Paper, string>> = { a4: "A4", letter: "Letter" };

/** Papers, and what players call them. */
export const PAPER_OPTIONS = PAPERS.map((paper) => [paper, PAPER_NAMES[paper]] as const);

/** Has what a page shows drawn on paper, and saves it. Throws an Error with words where it cannot be. */
export async function savePdf(
  kind: "neck" | "compare",
  paper: Paper,
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
