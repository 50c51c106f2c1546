import { useMemo } from "react";
import { type Midi } from "@/core/pitch";
import { nearTunings, type NearTuning } from "@/core/retuning";
import { TUNINGS } from "@/core/tuning";
import { useRig } from "@/session";
import { callTuning } from "@/state";
import { NoteText } from "@/ui/text";

interface NearTuningsProps {
  readonly current: readonly Midi[];
  readonly onChoose: (midi: readonly Midi[]) => void;
}

const MAX_SHOWN = 12;

/** Tunings that take little turning from the current one, each with what to turn. */
export function NearTunings({ current, onChoose }: NearTuningsProps) {
  const { ownTunings, profile } = useRig();
  const { accidentals } = profile;
  const near = useMemo(() => {
    const own = ownTunings.map(({ midi }) => callTuning(midi, ownTunings, accidentals));
    return nearTunings(current, [...own, ...TUNINGS], MAX_SHOWN);
  }, [current, ownTunings, accidentals]);
  if (near.length === 0) return null;
  return (
    <section aria-labelledby="near-tunings">
      <h2 id="near-tunings" className="mb-2 text-xl font-semibold">
        Near your tuning
      </h2>
      <ul className="grid gap-2 sm:grid-cols-2 lg:grid-cols-3">
        {near.map((each) => (
          <li key={each.tuning.midi.join()}>
            <button
              type="button"
              className="panel min-h-16 w-full px-4 py-1.5 text-left hover:border-ink"
              onClick={() => onChoose(each.tuning.midi)}
            >
              <span className="block text-xl font-bold">
                <NoteText>{each.tuning.name}</NoteText>
              </span>
              <span className="text-[17px] text-muted">{stepsText(each)}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** "strings 6 and 1 down 2 half steps", "4 strings, up to 3 half steps". */
function stepsText({ tuning, steps }: NearTuning): string {
  const sizes = new Set(steps.map(({ semitones }) => semitones));
  const [only = 0] = sizes;
  const most = Math.max(...steps.map(({ semitones }) => Math.abs(semitones)));
  if (steps.length === tuning.midi.length && sizes.size === 1) return `all strings ${wayOf(only)}`;
  if (steps.length > MAX_NAMED || sizes.size > 1) {
    return `${steps.length} strings, up to ${most === 1 ? "a half step" : `${most} half steps`}`;
  }
  const numbers = steps.map(({ string }) => tuning.midi.length - string);
  return `string${numbers.length > 1 ? "s" : ""} ${numbers.join(" and ")} ${wayOf(only)}`;
}

const MAX_NAMED = 2;

function wayOf(semitones: number): string {
  const size = Math.abs(semitones);
  return `${semitones < 0 ? "down" : "up"} ${size === 1 ? "a half step" : `${size} half steps`}`;
}
