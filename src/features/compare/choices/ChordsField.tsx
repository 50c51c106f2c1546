import { useState } from "react";
import { readProgression } from "@/core/chart";
import { TextField } from "@/ui/controls";

interface ChordsFieldProps {
  readonly text: string;
  readonly onPreview: (text: string) => void;
  readonly onCommit: () => void;
}

const EXAMPLE = "D5 F5 C5 Bb5, or Am7 D/F# Gsus4";

/** The chords to compare, as they are typed; what cannot be read is reported and changes nothing. */
export function ChordsField({ text, onPreview, onCommit }: ChordsFieldProps) {
  const [typed, setTyped] = useState({ text, of: text });
  // Chords set elsewhere, for instance by undo, replace what was typed.
  const shown = typed.of === text ? typed.text : text;
  const read = readProgression(shown);
  const change = (next: string) => {
    const isFine = readProgression(next).ok;
    setTyped({ text: next, of: isFine ? next : text });
    if (isFine) onPreview(next);
  };
  return (
    <TextField
      label="Chords, in the order played"
      className="min-w-56 flex-1 basis-full sm:basis-0"
      value={shown}
      maxLength={1500}
      placeholder={EXAMPLE}
      problem={read.ok ? undefined : read.problem.message}
      onChange={({ target }) => change(target.value)}
      onBlur={onCommit}
      onKeyDown={({ key }) => key === "Enter" && onCommit()}
    />
  );
}
