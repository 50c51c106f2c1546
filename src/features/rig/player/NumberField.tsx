import { useState } from "react";
import { TextField } from "@/ui/controls";

interface NumberFieldProps {
  readonly label: string;
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly unit: string;
  readonly onChange: (value: number) => void;
  readonly className?: string;
}

/** A number that is saved as soon as it is valid; until then the old one stays. */
export function NumberField(props: NumberFieldProps) {
  const { label, value, low, high, unit, onChange, className } = props;
  const [typed, setTyped] = useState<string | null>(null);
  const [seen, setSeen] = useState(value);
  // Changed from elsewhere, it is not what was typed here any more.
  if (value !== seen) {
    setSeen(value);
    if (Number(typed) !== value) setTyped(null);
  }
  const text = typed ?? String(value);
  const problem = problemOf(text, low, high, unit);
  return (
    <TextField
      label={`${label}, ${unit}`}
      inputMode="decimal"
      className={className}
      value={text}
      problem={problem}
      onChange={({ target }) => {
        setTyped(target.value);
        if (!problemOf(target.value, low, high, unit)) onChange(Number(target.value));
      }}
      onBlur={() => !problem && setTyped(null)}
    />
  );
}

function problemOf(text: string, low: number, high: number, unit: string): string | undefined {
  const value = Number(text);
  const isFine = text.trim() !== "" && value >= low && value <= high;
  return isFine ? undefined : `'${text.trim()}': write ${low} to ${high} ${unit}`;
}
