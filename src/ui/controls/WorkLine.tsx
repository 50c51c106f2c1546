interface WorkLineProps {
  readonly work: {
    readonly text: string;
    /** From 0 to 1; null where nobody knows yet. */
    readonly share: number | null;
    readonly cancel: () => void;
  } | null;
}

const PERCENT = 100;

/** What is being worked on, how far it is, and a way to end it; nothing where nothing is. */
export function WorkLine({ work }: WorkLineProps) {
  return (
    <div aria-live="polite" className={work ? "flex flex-wrap items-center gap-3" : "contents"}>
      {work && (
        <>
          <span className="text-lg">{work.text}</span>
          {work.share !== null && (
            <>
              <progress className="work-bar w-40" aria-label={work.text} value={work.share} />
              <span className="figures text-lg" aria-hidden="true">
                {`${Math.floor(work.share * PERCENT)}%`}
              </span>
            </>
          )}
          <button type="button" className="button" onClick={work.cancel}>
            Cancel
          </button>
        </>
      )}
    </div>
  );
}
