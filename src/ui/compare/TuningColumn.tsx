import { type ChordOnNeck } from "@/core/compare";
import { type Neck } from "@/core/neck";
import { pitchText, pitchTextOver, type Note } from "@/core/pitch";
import { type RetuneStep, type Tuning } from "@/core/tuning";
import { type Guitar } from "@/server/types";
import { EffortBar, fingersText, FretText, GripDiagram } from "@/ui/grip";
import { NoteText, spokenNotes } from "@/ui/text";
import { retuneText } from "./retuneText";

interface TuningColumnProps {
  readonly tuning: Tuning;
  readonly guitar: Guitar;
  readonly neck: Neck;
  readonly root: Note;
  readonly chord: ChordOnNeck;
  /** What to turn to get here; null on another guitar, undefined for the tuning one starts from. */
  readonly steps: readonly RetuneStep[] | null | undefined;
  readonly onChange: () => void;
}

/** A chord in one tuning: what it costs to get there, its lowest note, and the easiest grips. */
export function TuningColumn(props: TuningColumnProps) {
  const { tuning, guitar, neck, root, chord, steps, onChange } = props;
  const easiest = chord.grips[0];
  return (
    <section aria-label={tuning.name} className="min-w-0">
      <div
        className={`mb-3 border-t-4 pt-2 ${steps === undefined ? "border-root" : "border-inverse"}`}
      >
        <div className="flex items-start justify-between gap-3">
          <h2 className="text-2xl font-bold">
            <NoteText>{tuning.name}</NoteText>
          </h2>
          <button
            type="button"
            className="button"
            aria-haspopup="dialog"
            aria-label={`Change ${spokenNotes(tuning.name)}`}
            onClick={onChange}
          >
            Change
          </button>
        </div>
        <p className="text-muted">
          <NoteText>{neck.midi.map((midi) => pitchText(midi)).join("  ")}</NoteText>
        </p>
        <dl className="mt-2 grid grid-cols-2 gap-x-4 gap-y-1 text-[16px] lg:grid-cols-[auto_auto_auto_1fr]">
          <Figure name="Easiest">{easiest ? easiest.best.effort.toFixed(1) : "none"}</Figure>
          <Figure name="Lowest">
            {chord.lowestMidi === null ? "none" : pitchTextOver(root, chord.lowestMidi)}
          </Figure>
          <Figure name="Playable">{String(chord.count)}</Figure>
          <Figure name="Retune">
            {steps === undefined
              ? "you are here"
              : retuneText(steps, neck.midi.length, guitar.name)}
          </Figure>
        </dl>
      </div>
      <ol className="space-y-2">
        {chord.grips.map((grip) => (
          <li key={grip.fretting.join()} className="panel flex items-center gap-4 p-2.5">
            <div className="w-[42%] max-w-52 shrink-0">
              <GripDiagram
                neck={neck}
                root={root}
                grip={{ fingering: grip.best, tones: grip.tones }}
                labels="finger"
                leftHanded={guitar.leftHanded}
                growth={1.5}
                pitch={neck.midi.length > 7 ? 14 : 17}
                label={`${spokenNotes(grip.name)} close up`}
              />
            </div>
            <div className="min-w-0 flex-1 space-y-1 text-lg">
              <p>
                <FretText fretting={grip.fretting} />
              </p>
              <p className="text-[16px] text-muted">
                fingers <span className="figures text-ink">{fingersText(grip.best.fingers)}</span>
              </p>
              <p className="figures text-[16px] text-muted">
                <NoteText>{grip.midi.map((midi) => pitchTextOver(root, midi)).join(" ")}</NoteText>
              </p>
              <EffortBar effort={grip.best.effort} />
            </div>
          </li>
        ))}
      </ol>
    </section>
  );
}

function Figure({ name, children }: { readonly name: string; readonly children: string }) {
  return (
    <div>
      <dt className="text-muted">{name}</dt>
      <dd className="figures text-lg font-semibold">
        <NoteText>{children}</NoteText>
      </dd>
    </div>
  );
}
