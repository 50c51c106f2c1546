interface RiffOfBarProps {
  readonly riff: readonly string[];
  readonly share: number;
  readonly number: number;
  readonly isChosen: boolean;
  readonly isBlocked: boolean;
  readonly onChoose: (() => void) | null;
}

/** The notes of a riff in a bar of the chart, as typed but without marks. */
export function RiffOfBar({ riff, share, number, isChosen, isBlocked, onChoose }: RiffOfBarProps) {
  const text = riff.join(" ");
  const style = { flexGrow: share, flexBasis: 0 };
  const look = "figures min-w-0 px-0.5 text-left text-[13px] leading-[1.15] font-semibold";
  if (!onChoose) {
    return (
      <span style={style} className={look}>
        {text}
      </span>
    );
  }
  return (
    <button
      type="button"
      aria-pressed={isChosen}
      aria-label={`Riff ${text}, bar ${number}${isBlocked ? ", no place under these limits" : ""}`}
      style={style}
      className={`${look} rounded ${isChosen ? "bg-root text-[#14181b]" : "hover:bg-picked"} ${isBlocked ? "text-warning line-through" : ""}`}
      onClick={onChoose}
    >
      {text}
    </button>
  );
}
