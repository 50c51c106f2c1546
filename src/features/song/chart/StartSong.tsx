import { useState } from "react";
import { ClipboardPaste, FileUp } from "lucide-react";
import { parseNote, type Note } from "@/core/pitch";
import { writeForm, writeLoop } from "@/core/song";
import { useBringIn, useTell } from "@/session";
import { SelectField } from "@/ui/controls";
import { withSigns } from "@/ui/text";
import { KEYS } from "@/features/song/state";

interface StartSongProps {
  readonly onText: (text: string) => void;
}

const EXAMPLE = `Tempo: 112
Key: Em

Verse
Texture: muted eighths down
| E5 | G5 . D5 . | E5 | C5 . D5 . |
  Down by the  gate  we  count  the  cars

Chorus
Texture: ringing eighths
|: E5 . D5 . | C5 | G5 | D5 :|
  Hold on,  hold  on
`;

/** A four-chord loop that all styles use (common practice). */
const FOUR_CHORDS = "I V vi IV";

/** Ways to start a song while its chart has no chords. */
export function StartSong({ onText }: StartSongProps) {
  const [key, setKey] = useState("A");
  const bringIn = useBringIn();
  const tell = useTell();
  const paste = async () => {
    try {
      const text = await navigator.clipboard.readText();
      if (text.trim() === "") tell({ text: "There is nothing to paste. Copy a chart first." });
      else onText(text);
    } catch {
      tell({ text: "Your browser keeps what was copied. Press Ctrl V in the chart." });
    }
  };
  const note = parseNote(key);
  const write = (made: (tonic: Note) => string) => {
    if (note.ok) onText(made(note.value));
  };
  return (
    <section aria-label="Begin" className="panel space-y-4 p-4">
      <p className="text-lg">Write chords in the chart, or begin with one of these.</p>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="button min-h-12" onClick={() => void paste()}>
          <ClipboardPaste size={18} aria-hidden="true" />
          Paste a chart
        </button>
        <button type="button" className="button min-h-12" onClick={() => bringIn()}>
          <FileUp size={18} aria-hidden="true" />
          Bring in a file
        </button>
        <button type="button" className="button min-h-12" onClick={() => onText(EXAMPLE)}>
          An example
        </button>
      </div>
      <div className="flex flex-wrap items-end gap-2">
        <SelectField
          label="In the key of"
          value={key}
          options={KEYS.map((each) => [each, withSigns(each)] as const)}
          onChange={setKey}
        />
        <button
          type="button"
          className="button min-h-12"
          onClick={() => write((tonic) => writeForm("blues", tonic, "fives"))}
        >
          Twelve bars
        </button>
        <button
          type="button"
          className="button min-h-12"
          onClick={() => write((tonic) => writeLoop(FOUR_CHORDS, tonic))}
        >
          A four-chord loop
        </button>
      </div>
    </section>
  );
}
