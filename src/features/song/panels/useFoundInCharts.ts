import { useEffect, useState } from "react";
import { type Result } from "@/core/result";

/** The first line of each song's chart that holds a text, by the song's number. */
type FoundLines = ReadonlyMap<number, string>;

const NONE: FoundLines = new Map();
/** One types on for so long before the charts are searched, in ms. */
const PAUSE_MS = 150;

/** Looks for a text in the charts of all songs, which the server keeps; nothing where it does not answer. */
export function useFoundInCharts(text: string): FoundLines {
  const [found, setFound] = useState({ text: "", lines: NONE });
  useEffect(() => {
    if (text === "") return;
    const ending = new AbortController();
    const timer = setTimeout(() => {
      fetchLines(text, ending.signal).then(
        (lines) => setFound({ text, lines }),
        () => undefined,
      );
    }, PAUSE_MS);
    return () => {
      clearTimeout(timer);
      ending.abort();
    };
  }, [text]);
  return found.text === text ? found.lines : NONE;
}

async function fetchLines(text: string, signal: AbortSignal): Promise<FoundLines> {
  const response = await fetch(`/songs/find?for=${encodeURIComponent(text)}`, { signal });
  const result = (await response.json()) as Result<readonly { id: number; line: string }[]>;
  return result.ok ? new Map(result.value.map(({ id, line }) => [id, line])) : NONE;
}
