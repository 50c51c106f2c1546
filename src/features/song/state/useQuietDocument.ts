import { useEffect, useState } from "react";
import { type SongDocument } from "./useSongDocument";

/** Reading a longer chart takes too long to do it at every key. */
const LONG_CHART = 12_000;
const QUIET_MS = 500;

/** The document. While the player types in a long chart, the version from before the typing. */
export function useQuietDocument(document: SongDocument): SongDocument {
  const [quiet, setQuiet] = useState(document);
  const { chart } = document.song;
  const isTyping = chart.length > LONG_CHART && chart !== quiet.song.chart;
  useEffect(() => {
    if (!isTyping) return;
    const timer = setTimeout(() => setQuiet(document), QUIET_MS);
    return () => clearTimeout(timer);
  }, [document, isTyping]);
  if (!isTyping && quiet !== document) setQuiet(document);
  return isTyping ? quiet : document;
}
