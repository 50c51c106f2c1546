import { useState } from "react";
import { Pencil, Trash2 } from "lucide-react";
import { RESULTS, type RoundResult } from "@/core/recall";
import { nameTuning } from "@/core/tuning";
import { useRig } from "@/session";
import { STEPS } from "@/core/drill";
import { LONGEST_NOTE } from "@/state";
import { type LoggedRound, type LogView } from "@/wire";
import { SelectField, TextField } from "@/ui/controls";
import { NoteText, spokenNotes, TimeText } from "@/ui/text";
import { offText, RESULT_WORDS, STEP_WORDS } from "@/features/practice/state";

interface RoundsTableProps {
  readonly view: LogView;
  readonly onMore: () => void;
  readonly onChanged: () => void;
}

/** The rounds themselves, the newest first; each can be corrected and deleted. */
export function RoundsTable({ view, onMore, onChanged }: RoundsTableProps) {
  const [editing, setEditing] = useState<number | null>(null);
  return (
    <section aria-label="Rounds" className="space-y-2">
      <h2 className="text-xl font-semibold">Rounds</h2>
      {sittingsOf(view.rounds).map((rounds) => (
        <section key={rounds[0]?.id} className="space-y-1">
          <h3 className="figures flex flex-wrap gap-x-3 pt-2 text-muted">
            <TimeText iso={new Date(rounds.at(-1)?.atMs ?? 0).toISOString()} />
            <span>{sittingWords(rounds)}</span>
          </h3>
          <ul aria-label="Rounds" className="space-y-1">
            {rounds.map((round) => (
              <li key={round.id} className="rounded-lg border border-line bg-surface px-3 py-1">
                <RoundLine
                  round={round}
                  isEdited={editing === round.id}
                  onEdit={() => setEditing((old) => (old === round.id ? null : round.id))}
                  onChanged={() => {
                    setEditing(null);
                    onChanged();
                  }}
                />
              </li>
            ))}
          </ul>
        </section>
      ))}
      {view.next !== null && (
        <button type="button" className="button" onClick={onMore}>
          Older rounds
        </button>
      )}
    </section>
  );
}

/** A longer pause between rounds starts another sitting. */
const APART_MS = 30 * 60_000;

/** Groups rounds into sittings. The rounds are ordered from the newest. */
function sittingsOf(rounds: readonly LoggedRound[]): readonly (readonly LoggedRound[])[] {
  const sittings: LoggedRound[][] = [];
  for (const round of rounds) {
    const open = sittings.at(-1);
    const after = open?.at(-1);
    if (open && after && after.atMs - round.atMs < APART_MS) open.push(round);
    else sittings.push([round]);
  }
  return sittings;
}

/** "12 rounds, 9 clean". */
function sittingWords(rounds: readonly LoggedRound[]): string {
  const clean = rounds.filter(({ result }) => result === "clean").length;
  return `${rounds.length} ${rounds.length === 1 ? "round" : "rounds"}, ${clean} clean`;
}

interface RoundLineProps {
  readonly round: LoggedRound;
  readonly isEdited: boolean;
  readonly onEdit: () => void;
  readonly onChanged: () => void;
}

function RoundLine({ round, isEdited, onEdit, onChanged }: RoundLineProps) {
  const { change, guitars, profile } = useRig();
  const { id, name, result, note } = round;
  const guitar = guitars.find((each) => each.id === round.guitarId)?.name;
  const tuning =
    round.tuningMidi.length > 0 ? nameTuning(round.tuningMidi, profile.accidentals).name : null;
  const remove = async () => {
    const undo = () => {
      void change({ act: "restore", kind: "round", id }).then(onChanged);
    };
    await change({ act: "delete", kind: "round", id }, { text: "The round is deleted.", undo });
    onChanged();
  };
  const told = [
    round.bpm === null ? null : `${Math.round(round.bpm)} bpm`,
    STEPS.indexOf(round.step) < STEPS.length - 1 ? STEP_WORDS[round.step].toLowerCase() : null,
    round.medianMs === null ? null : offText(round.medianMs),
    round.spreadMs === null ? null : `spread ${Math.round(round.spreadMs)} ms`,
    guitar ?? null,
    tuning,
    note === "" ? null : note,
  ].filter((text) => text !== null);
  return (
    <>
      <div className="flex items-center gap-3">
        <div className="min-w-0 flex-1">
          <p className="leading-tight">
            <span className="font-semibold">
              <NoteText>{name}</NoteText>
            </span>
            {` · ${RESULT_WORDS[result]}`}
          </p>
          <p className="figures text-[15px] leading-tight text-muted">
            <TimeText iso={new Date(round.atMs).toISOString()} />
            {told.map((text) => (
              <NoteText key={text}>{` · ${text}`}</NoteText>
            ))}
          </p>
        </div>
        <button
          type="button"
          aria-expanded={isEdited}
          aria-label={`Correct ${spokenNotes(name)}`}
          className="min-h-11 min-w-11 text-muted hover:text-ink"
          onClick={onEdit}
        >
          <Pencil size={17} aria-hidden="true" className="mx-auto" />
        </button>
        <button
          type="button"
          aria-label={`Delete ${spokenNotes(name)}`}
          className="min-h-11 min-w-11 text-muted hover:text-ink"
          onClick={() => void remove()}
        >
          <Trash2 size={17} aria-hidden="true" className="mx-auto" />
        </button>
      </div>
      {isEdited && <RoundForm round={round} onChanged={onChanged} />}
    </>
  );
}

function RoundForm({
  round,
  onChanged,
}: {
  readonly round: LoggedRound;
  readonly onChanged: () => void;
}) {
  const { change } = useRig();
  const [result, setResult] = useState<RoundResult>(round.result);
  const [note, setNote] = useState(round.note);
  const save = async () => {
    const { id, result: before, note: noteBefore } = round;
    const undo = () => {
      const fields = { result: before, note: noteBefore };
      void change({ act: "set", kind: "round", id, fields }).then(onChanged);
    };
    const fields = { result, note: note.trim() };
    await change(
      { act: "set", kind: "round", id, fields },
      { text: "The round is corrected.", undo },
    );
    onChanged();
  };
  return (
    <form
      className="flex flex-wrap items-end gap-3 pb-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <SelectField
        label="How it went"
        value={result}
        options={RESULTS.map((each) => [each, RESULT_WORDS[each]] as const)}
        onChange={setResult}
      />
      <TextField
        label="Note"
        className="min-w-60 flex-1"
        value={note}
        maxLength={LONGEST_NOTE}
        onChange={({ target }) => setNote(target.value)}
      />
      <button type="submit" className="button button-primary">
        Save
      </button>
    </form>
  );
}
