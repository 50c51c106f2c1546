import { useState } from "react";
import { Plus } from "lucide-react";
import {
  DIRECTIONS,
  DRILL_KINDS,
  MOVED_VOICINGS,
  type Direction,
  type DrillRig,
  type MovedVoicing,
} from "@/core/drill";
import { type Guitar } from "@/state";
import { type DrillStanding } from "@/wire";
import { ChoiceButton, SelectField } from "@/ui/controls";
import { NoteText, spokenNotes } from "@/ui/text";
import { moveKey, ownMove } from "./ownMove";
import { type PlacedDrill } from "@/features/practice/state";
import { KIND_WORDS } from "@/features/practice/state";

interface DrillListProps {
  readonly rig: DrillRig;
  readonly guitar: Guitar;
  readonly placed: readonly PlacedDrill[];
  readonly standings: ReadonlyMap<string, DrillStanding>;
  readonly onPlay: (drill: string) => void;
  readonly onAdd: (drill: string) => void;
}

const DIRECTION_WORDS = { up: "up", down: "down", both: "both ways" } as const;
const FRETS = Array.from({ length: 13 }, (_, fret) => [fret, String(fret)] as const);

/** Every drill there is for this guitar, by kind. */
export function DrillList({ rig, guitar, placed, standings, onPlay, onAdd }: DrillListProps) {
  const kinds = DRILL_KINDS.filter((kind) => placed.some(({ drill }) => drill.kind === kind));
  const [chosen, setChosen] = useState(kinds[0] ?? "know");
  const kind = kinds.includes(chosen) ? chosen : (kinds[0] ?? "know");
  return (
    <section aria-label="All drills" className="space-y-3">
      <div className="flex flex-wrap items-center gap-2">
        <h2 className="mr-2 text-xl font-semibold">All drills</h2>
        {kinds.map((each) => (
          <ChoiceButton
            key={each}
            pressed={kind === each}
            onPress={() => setChosen(each)}
            className="px-3"
          >
            {KIND_WORDS[each]}
          </ChoiceButton>
        ))}
      </div>
      <ul aria-label={KIND_WORDS[kind]} className="grid gap-2 sm:grid-cols-2">
        {placed
          .filter(({ drill }) => drill.kind === kind)
          .map(({ drill }) => (
            <li
              key={drill.key}
              className="flex items-stretch rounded-lg border border-line bg-surface"
            >
              <button
                type="button"
                className="min-h-11 min-w-0 flex-1 rounded-l-lg px-3 py-2 text-left hover:bg-picked"
                onClick={() => onPlay(drill.key)}
              >
                <span className="block leading-tight font-semibold">
                  <NoteText>{drill.name}</NoteText>
                </span>
                <span className="block text-[15px] leading-snug text-muted">
                  {standingText(standings.get(drill.key)) ?? <NoteText>{drill.say}</NoteText>}
                </span>
              </button>
              <button
                type="button"
                aria-label={`Add ${spokenNotes(drill.name)} to today`}
                title="Add to today"
                className="min-w-11 border-l border-line text-muted hover:bg-picked hover:text-ink"
                onClick={() => onAdd(drill.key)}
              >
                <Plus size={18} aria-hidden="true" className="mx-auto" />
              </button>
            </li>
          ))}
      </ul>
      {kind === "move" && <OwnMove rig={rig} guitar={guitar} onPlay={onPlay} />}
    </section>
  );
}

function standingText(standing: DrillStanding | undefined): string | null {
  if (!standing) return null;
  const share = `${Math.round(standing.cleanShare * 100)}% clean lately`;
  const bpm = standing.ladder.at(-1)?.bpm;
  return bpm === undefined ? share : `${share}, last at ${bpm}`;
}

interface OwnMoveProps {
  readonly rig: DrillRig;
  readonly guitar: Guitar;
  readonly onPlay: (drill: string) => void;
}

/** A move of the player's own: any two frets on any pair of strings. */
function OwnMove({ rig, guitar, onPlay }: OwnMoveProps) {
  const strings = rig.neck.midi.length;
  const [voicing, setVoicing] = useState<MovedVoicing>("R 5");
  const [string, setString] = useState(0);
  const [from, setFrom] = useState(3);
  const [to, setTo] = useState(7);
  const [direction, setDirection] = useState<Direction>("both");
  const key = moveKey(rig, string, from, to, direction, voicing);
  const found = ownMove(rig, guitar, key);
  return (
    <div role="group" aria-label="A move of your own" className="flex flex-wrap items-end gap-3">
      <SelectField
        label="Voicing"
        value={voicing}
        options={MOVED_VOICINGS.map((each) => [each, each] as const)}
        onChange={setVoicing}
      />
      <SelectField
        label="From string"
        value={string}
        options={Array.from(
          { length: strings - 1 },
          (_, index) => [index, String(strings - index)] as const,
        )}
        onChange={setString}
      />
      <SelectField label="From fret" value={from} options={FRETS} onChange={setFrom} />
      <SelectField label="To fret" value={to} options={FRETS} onChange={setTo} />
      <SelectField
        label="Which way"
        value={direction}
        options={DIRECTIONS.map((each) => [each, DIRECTION_WORDS[each]] as const)}
        onChange={setDirection}
      />
      <button
        type="button"
        className="button"
        disabled={!found || from === to}
        onClick={() => onPlay(key)}
      >
        Practise this move
      </button>
      {found && from !== to && (
        <p className="w-full text-[17px] text-muted">
          <NoteText>{found.drill.say}</NoteText>
        </p>
      )}
      {!found && <p className="text-muted">Your hand cannot hold that there.</p>}
    </div>
  );
}
