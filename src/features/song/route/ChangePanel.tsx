import { memo } from "react";
import { Check } from "lucide-react";
import { type Advice, type Arrangement, type SongChange, type SongRoute } from "@/core/arrangement";
import { lastValue, type Computed } from "@/ui/computed";
import { KeyCap, TryAgain } from "@/ui/controls";
import { moveWords, fingersWords, holdsText, NoteText, tempoText } from "@/ui/text";
import { adviceWords, barWords, mmText, msText } from "@/features/song/state";

interface ChangePanelProps {
  readonly arrangement: Arrangement;
  readonly route: SongRoute;
  /** Between which stops. */
  readonly change: number;
  readonly advice: Computed<readonly Advice[] | null>;
  readonly isOnNeck: boolean;
  readonly onNeck: () => void;
  readonly onTake: (advice: Advice) => void;
}

/** The jump from one grip to the next: what it asks, whether it holds, and what would help. */
export const ChangePanel = memo(function ChangePanel(props: ChangePanelProps) {
  const { arrangement, route, change: at, advice, isOnNeck, onNeck, onTake } = props;
  const change = route.timed.changes[at];
  const [from, to] = [0, 1].map((step) => arrangement.chords[route.played[at + step] ?? -1]);
  if (!change || !from || !to) return null;
  const [held, reached] = [at, at + 1].map((stop) => route.timed.stops[stop]?.fingering);
  const isWorst = route.timed.worst === at;
  return (
    <section
      aria-labelledby="change-title"
      className="panel grid gap-x-8 gap-y-3 p-3 md:grid-cols-2 lg:max-xl:grid-cols-1"
    >
      <div className="space-y-2">
        <h2 id="change-title" className="text-xl font-semibold">
          <NoteText>{`${barWords(from.playedBar)}, ${from.name} to ${to.name}`}</NoteText>
        </h2>
        <dl className="grid grid-cols-[5.5rem_1fr] gap-x-3 gap-y-1 text-[16px]">
          <dt className="text-muted">Move</dt>
          <dd>{held && reached && moveWords(held, reached, change)}</dd>
          <dt className="text-muted">Fingers</dt>
          <dd>{fingersWords(change)}</dd>
          <dt className="text-muted">Tempo</dt>
          <dd className="figures">
            <strong className={change.holds === "too fast" ? "text-warning" : "font-semibold"}>
              {`${VERDICTS[change.holds]} at ${Math.round(arrangement.tempoBpm)} bpm.`}
            </strong>
            {` ${holdsText(change, arrangement.quartersPerBeat)}.${isWorst ? " No change is tighter." : ""}`}
          </dd>
        </dl>
        <Why change={change} />
        <button type="button" className="button" aria-pressed={isOnNeck} onClick={onNeck}>
          {isOnNeck ? "Back to the route" : "Both grips on the neck"}
        </button>
      </div>
      <Tips
        advice={advice}
        change={change}
        quartersPerBeat={arrangement.quartersPerBeat}
        onTake={onTake}
      />
    </section>
  );
});

const VERDICTS: Readonly<Record<SongChange["holds"], string>> = {
  holds: "Holds",
  tight: "Tight",
  "too fast": "Too fast",
};

/** The figures behind the verdict. */
function Why({ change }: { readonly change: SongChange }) {
  const { travelMm, frets, neededMs, availableMs, slackMs } = change;
  const routeKind =
    travelMm > 0 ? `${mmText(travelMm)} ${frets < 0 ? "toward the nut" : "up the neck"}` : "";
  const spare = slackMs >= 0 ? `${msText(slackMs)} to spare` : `${msText(-slackMs)} short`;
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">Why?</summary>
      <p className="figures">
        {`${routeKind ? `The index goes ${routeKind}. ` : ""}The change takes your hand ${msText(neededMs)}; from the last strum of the old grip the song leaves ${msText(availableMs)}: ${spare}.`}
      </p>
    </details>
  );
}

interface TipsProps {
  readonly advice: Computed<readonly Advice[] | null>;
  readonly change: SongChange;
  readonly quartersPerBeat: number;
  readonly onTake: (advice: Advice) => void;
}

function Tips({ advice, change, quartersPerBeat, onTake }: TipsProps) {
  if (change.cleanTempoBpm === null) return null;
  const tips = lastValue(advice) ?? [];
  return (
    <div className="space-y-1.5" aria-busy={advice.kind === "waiting"}>
      <h3 className="font-semibold">What helps</h3>
      {advice.kind === "failed" && (
        <TryAgain onRetry={advice.retry}>This could not be worked out.</TryAgain>
      )}
      {advice.kind === "waiting" && <p className="text-muted">Trying what helps…</p>}
      {advice.kind === "ready" && tips.length === 0 && (
        <p className="text-muted">
          Nothing makes this change faster: letting strums go, scratching, other fingers, other
          places and fewer notes were tried.
        </p>
      )}
      {advice.kind === "ready" && (
        <ul className="space-y-1.5">
          {tips.map((tip, index) => (
            <li key={tip.kind}>
              <button
                type="button"
                className="flex min-h-11 w-full items-center gap-2 rounded-lg border border-line bg-surface px-3 py-1.5 text-left hover:border-ink"
                onClick={() => onTake(tip)}
              >
                <KeyCap of={String(index + 1)} />
                <span className="min-w-0 flex-1">
                  <NoteText>{adviceWords(tip)}</NoteText>
                  <span className="figures block text-[15px] text-muted">
                    {gainWords(tip, quartersPerBeat)}
                  </span>
                </span>
                <Check size={18} aria-hidden="true" className="text-muted" />
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** "Here to 150 bpm; the song to 124 bpm, 18 more" */
function gainWords(
  { cleanTempoBpm, gainBpm, changeTempoBpm }: Advice,
  quartersPerBeat: number,
): string {
  const text = (bpm: number | null) => tempoText(bpm, quartersPerBeat);
  const here = changeTempoBpm === null ? "No move here" : `Here to ${text(changeTempoBpm)}`;
  if (cleanTempoBpm === null) return `${here}; the song to any tempo`;
  const more = Math.round(gainBpm);
  return `${here}; the song to ${text(cleanTempoBpm)}${more > 0 ? `, ${more} more` : ", as before"}`;
}
