import { memo } from "react";
import { Check } from "lucide-react";
import { type Advice, type Arrangement, type SongChange, type SongRoute } from "@/core/arrangement";
import { lastValue, type Computed } from "@/ui/computed";
import { KeyCap, TryAgain } from "@/ui/controls";
import { fingersWords, NoteText } from "@/ui/text";
import { ADVICE_WORDS, barWords, HOLDS_WORDS, moveWords, msText, tempoText } from "./words";

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
          <dd>{moveWords(change)}</dd>
          <dt className="text-muted">Fingers</dt>
          <dd>{fingersWords(change)}</dd>
          <dt className="text-muted">Needs</dt>
          <dd>
            <TimeNeeded change={change} />
          </dd>
          <dt className="text-muted">Clean to</dt>
          <dd className="figures">
            {change.cleanTempoBpm === null
              ? "any tempo"
              : `${tempoText(change.cleanTempoBpm)} a minute`}
            {isWorst ? ", the first to break" : ""}
          </dd>
        </dl>
        <button type="button" className="button" aria-pressed={isOnNeck} onClick={onNeck}>
          {isOnNeck ? "Back to the way" : "Both grips on the neck"}
        </button>
      </div>
      <Tips advice={advice} change={change} onTake={onTake} />
    </section>
  );
});

function TimeNeeded({ change }: { readonly change: SongChange }) {
  const { neededMs, availableMs, slackMs, holds } = change;
  return (
    <span className="figures">
      {`${msText(neededMs)} of ${msText(availableMs)}: `}
      <strong className={holds === "impossible" ? "text-warning" : ""}>{HOLDS_WORDS[holds]}</strong>
      {slackMs >= 0 ? `, ${msText(slackMs)} to spare` : `, ${msText(-slackMs)} short`}
    </span>
  );
}

interface TipsProps {
  readonly advice: Computed<readonly Advice[] | null>;
  readonly change: SongChange;
  readonly onTake: (advice: Advice) => void;
}

function Tips({ advice, change, onTake }: TipsProps) {
  if (change.holds === "comfortable" && change.cleanTempoBpm === null) return null;
  const tips = lastValue(advice) ?? [];
  return (
    <div className="space-y-1.5" aria-busy={advice.kind === "waiting"}>
      <h3 className="font-semibold">What helps</h3>
      {advice.kind === "failed" && (
        <TryAgain onRetry={advice.retry}>This could not be worked out.</TryAgain>
      )}
      {advice.kind === "waiting" && <p className="text-muted">Trying what helps…</p>}
      {advice.kind === "ready" && tips.length === 0 && (
        <p className="text-muted">Nothing that was tried makes this change faster.</p>
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
                  <NoteText>{ADVICE_WORDS[tip.kind](tip.chord)}</NoteText>
                  <span className="figures block text-[15px] text-muted">{gainWords(tip)}</span>
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

/** "Song clean to 124, 18 more" */
function gainWords({ cleanTempoBpm, gainBpm, changeTempoBpm }: Advice): string {
  const change = changeTempoBpm === null ? "no move here" : `here to ${tempoText(changeTempoBpm)}`;
  if (cleanTempoBpm === null) return `${change}; the song at any tempo`;
  const more = Math.round(gainBpm);
  return `${change}; song to ${tempoText(cleanTempoBpm)}${more > 0 ? `, ${more} more` : ", as before"}`;
}
