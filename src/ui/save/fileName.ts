/** A name for a file from what a picture shows: "C#5 in Drop D, grip" becomes "C-sharp-5-in-drop-d-grip". */
export function fileName(...parts: readonly string[]): string {
  return parts
    .join(" ")
    .replaceAll("#", " sharp ")
    .replaceAll(/(?<=\b[A-G])b/g, " flat ")
    .replaceAll("/", " over ")
    .replaceAll(/[^\p{L}\p{N}]+/gu, "-")
    .replaceAll(/^-|-$/g, "")
    .toLowerCase();
}
