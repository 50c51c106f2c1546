import { X } from "lucide-react";
import { retuneSteps } from "@/core/retuning";
import { type Guitar } from "@/state";
import { useNames } from "@/ui/names";
import { NoteText, spokenNotes } from "@/ui/text";
import { retuneText } from "@/features/compare/results";
import { type ColumnResult } from "@/features/compare/results";
import { retuneMinutesText } from "@/features/compare/results";

interface ColumnHeadProps {
  readonly answer: ColumnResult;
  readonly isBest: boolean;
  /** Whether others stand beside it on other guitars. */
  readonly showsGuitar: boolean;
  /** The guitars that have its strings. */
  readonly guitars: readonly Guitar[];
  /** Null on paper. */
  readonly onGuitar: ((guitar: Guitar) => void) | null;
  /** The total effort goes under the name where there is no room beside it. */
  readonly isCompact: boolean;
  /** Null on paper. */
  readonly onChange: (() => void) | null;
  /** Null where it is the last one, and on paper. */
  readonly onRemove: (() => void) | null;
}

/** A tuning's name, what it takes to get there, and what all chords together ask of the hand. */
export function ColumnHead(props: ColumnHeadProps) {
  const { answer, isBest, showsGuitar, isCompact, onChange, onRemove } = props;
  const names = useNames();
  const { guitars, onGuitar } = props;
  const { column, weighed, route } = answer;
  const { tuning, guitar, neck } = column;
  const totals = weighed?.totals;
  return (
    <div className={`h-full border-t-4 pt-1.5 ${isBest ? "border-root" : "border-inverse"}`}>
      <div className="flex items-start justify-between gap-1">
        <h2 className="min-w-0 text-xl leading-tight font-bold">
          {onChange ? (
            <button
              type="button"
              aria-haspopup="dialog"
              aria-label={`Change ${spokenNotes(tuning.name)}`}
              className="min-h-11 text-left hover:underline"
              onClick={onChange}
            >
              <NoteText>{tuning.name}</NoteText>
            </button>
          ) : (
            <NoteText>{tuning.name}</NoteText>
          )}
        </h2>
        <div className="flex items-center">
          {totals && !isCompact && (
            <p className="figures text-right text-2xl leading-none font-bold">
              {totals.effort.toFixed(0)}
              <span className="block text-[15px] font-normal text-muted">effort</span>
            </p>
          )}
          {onRemove && (
            <button
              type="button"
              aria-label={`Remove ${spokenNotes(tuning.name)}`}
              className="min-h-11 min-w-9 text-muted hover:text-ink print:hidden"
              onClick={onRemove}
            >
              <X size={18} aria-hidden="true" className="mx-auto" />
            </button>
          )}
        </div>
      </div>
      {totals && isCompact && (
        <p className="figures text-xl leading-none font-bold">
          {totals.effort.toFixed(0)}
          <span className="ml-1.5 text-[15px] font-normal text-muted">effort</span>
        </p>
      )}
      <p className="figures text-[16px] font-semibold">
        {/* What sounds, with a capo on. */}
        <NoteText>{names.letters(neck.midi)}</NoteText>
      </p>
      {onGuitar && guitars.length > 1 && (
        <select
          aria-label={`Guitar for ${spokenNotes(tuning.name)}`}
          className="field my-1 max-w-full"
          value={guitar.id}
          onChange={({ target }) => {
            const chosen = guitars.find(({ id }) => id === Number(target.value));
            if (chosen) onGuitar(chosen);
          }}
        >
          {guitars.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      )}
      <p className="text-[15px] leading-snug text-muted">
        <NoteText>{costText(answer, showsGuitar ? `${guitar.name}: ` : "")}</NoteText>
      </p>
      <p className="text-[15px] leading-snug text-muted">
        {isBest && <span className="font-semibold text-ink">Serves best. </span>}
        {route.kind === "waiting" && "…"}
        {route.kind === "failed" && "Its route could not be worked out"}
        {route.kind === "ready" &&
          route.value &&
          `Hand travels ${Math.round(route.value.travelMm)} mm`}
      </p>
    </div>
  );
}

function costText({ column, cost }: ColumnResult, guitar: string): string {
  const { tunedMidi } = column.guitar;
  const steps = retuneSteps(tunedMidi, column.tuning.midi) ?? [];
  if (steps.length === 0) return guitar ? `${guitar}tuned to it now` : "Tuned to it now";
  return `${guitar}${retuneText(steps, tunedMidi.length)}; ${retuneMinutesText(cost.minutes)}`;
}
