import { useMemo } from "react";
import { type Midi } from "@/core/pitch";
import { samePitches } from "@/core/tuning";
import { type Guitar } from "@/state";
import { AppDialog } from "@/ui/controls";
import { NoteText } from "@/ui/text";
import { SayTuning } from "./SayTuning";
import { rowsLayout, tuningLists, type TuningShelf } from "./tuningLists";
import { TuningRow } from "./TuningRow";
import { useSaying } from "./useSaying";

interface TuningDialogProps {
  readonly title: string;
  readonly shelf: TuningShelf;
  readonly current: readonly Midi[];
  readonly onChoose: (midi: readonly Midi[]) => void;
  readonly onClose: () => void;
  /** Only tunings for the guitar in hand. */
  readonly onlyHere?: boolean;
}

/** Pick a tuning from the lists, or say one: typing both reads it and narrows the lists. */
export function TuningDialog(props: TuningDialogProps) {
  const { title, shelf, current, onChoose, onClose, onlyHere = false } = props;
  const { guitars, guitar } = shelf;
  const saying = useSaying(shelf, guitar, onlyHere);
  const { text, reading } = saying;
  const owners = useMemo(
    () => (onlyHere ? [guitar] : oneForEachCount([guitar, ...guitars])),
    [guitar, guitars, onlyHere],
  );
  const listed = useMemo(
    () =>
      owners
        .map((owner) => ({
          owner,
          lists: tuningLists(shelf, owner.usualMidi.length, text),
        }))
        .filter(({ lists }) => lists.length > 0),
    [owners, shelf, text],
  );

  return (
    <AppDialog title={title} onClose={onClose}>
      <SayTuning saying={saying} current={current} onChoose={onChoose} action="Use it" autoFocus />
      <div className="mt-2 max-h-[50vh] overflow-y-auto pr-1">
        {listed.map(({ owner, lists }) => (
          <section key={owner.id} aria-label={owner.name} className="mb-5">
            <h3 className="text-lg font-semibold">
              {`${owner.name}, ${owner.usualMidi.length} strings`}
            </h3>
            {lists.map((list) => (
              <div key={list.title} role="group" aria-label={list.title}>
                <h4 className="mt-2 mb-0.5 text-[15px] text-muted">{list.title}</h4>
                <div className={rowsLayout(owner.usualMidi.length)}>
                  {list.tunings.map((tuning) => (
                    <TuningRow
                      key={tuning.name + tuning.midi.join()}
                      tuning={tuning}
                      selected={samePitches(tuning.midi, current)}
                      onChoose={onChoose}
                    />
                  ))}
                </div>
              </div>
            ))}
          </section>
        ))}
        {listed.length === 0 && reading.tunings.length === 0 && !reading.problem && (
          <p className="text-muted">
            <NoteText>{`No tuning called ${text} here.`}</NoteText>
          </p>
        )}
      </div>
    </AppDialog>
  );
}

/** The player's guitars, one for each number of strings. */
function oneForEachCount(guitars: readonly Guitar[]): readonly Guitar[] {
  return guitars.filter(
    ({ usualMidi }, index) =>
      guitars.findIndex((other) => other.usualMidi.length === usualMidi.length) === index,
  );
}
