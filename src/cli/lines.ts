/**
 * The lines of a text that comes in pieces. A line ends with a line feed, perhaps after a carriage
 * return; a carriage return inside a line is part of it, as JSON Lines have it.
 */
export async function* linesOf(pieces: AsyncIterable<string>): AsyncGenerator<string> {
  let rest = "";
  for await (const piece of pieces) {
    const lines = (rest + piece).split("\n");
    rest = lines.pop() ?? "";
    for (const line of lines) yield line.replace(/\r$/, "");
  }
  if (rest !== "") yield rest.replace(/\r$/, "");
}
