import { Volume2 } from "lucide-react";

interface LoudnessProps {
  /** 0 silent to 1, the loudest Tenon goes. */
  readonly value: number;
  readonly className?: string;
  readonly onChange: (value: number) => void;
}

const CAUTION =
  "Keep it down and take breaks: loud practice harms hearing. Keep to the rules of your place.";

/** The volume, with the warning about loud practice. */
export function Loudness({ value, className, onChange }: LoudnessProps) {
  return (
    <div className={className}>
      <label className="flex min-h-11 items-center gap-2">
        <Volume2 size={20} aria-hidden="true" className="shrink-0" />
        <input
          type="range"
          aria-label="Loudness"
          min={0}
          max={1}
          step={0.05}
          value={value}
          className="w-full min-w-20 accent-ink"
          onChange={({ target }) => onChange(Number(target.value))}
        />
      </label>
      <p className="max-w-72 text-[15px] leading-tight text-muted">{CAUTION}</p>
    </div>
  );
}
