import { memo } from "react";
import { Pin as PinIcon, PinOff } from "lucide-react";
import { type Fingering, type Grip } from "@/core/hand";
import { EffortParts, FingerChoice, FretText, GripDiagram, GripList } from "@/ui/grip";
import { NoteText, spokenNotes } from "@/ui/text";
import { GripReasons } from "./GripReasons";
import { type GripAnswer } from "./useGrips";

interface GripSectionProps {
  readonly answer: GripAnswer;
  /** Whether a grip is in front; with the map alone none is chosen. */
  readonly inFront: boolean;
  readonly isCurrent: boolean;
  readonly pinned: boolean;
  readonly onTake: (grip: Grip, way?: Fingering) => void;
  readonly onTogglePin: () => void;
}

/** Beside each other: every grip of the chord, and the chosen one close up with its reasons. */
export const GripSection = memo(function GripSection(props: GripSectionProps) {
  const { answer, inFront, isCurrent, pinned, onTake, onTogglePin } = props;
  const { map, grips, index, grip, ways, fingering } = answer;
  const { neck, root, names, leftHanded, tuningName } = map;
  const [easiest] = grips;
  const chordName = easiest ? names.chord(easiest.midi) : "This chord";
  return (
    <div
      className="grid gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]"
      aria-busy={!isCurrent}
    >
      <section aria-labelledby="grips-title">
        <div className="mb-2 flex flex-wrap items-baseline gap-x-3">
          <h2 id="grips-title" className="text-xl font-semibold">
            <NoteText>{`${chordName} in ${tuningName}`}</NoteText>
          </h2>
          <p className="text-muted" aria-live="polite">
            <NoteText>
              {countText(grips.length, names.shift === 0 ? undefined : easiest?.name)}
            </NoteText>
          </p>
        </div>
        {grips.length > 0 && (
          <GripList
            grips={grips}
            root={root}
            chosen={inFront ? index : -1}
            onChoose={onTake}
            label={`Grips of ${spokenNotes(chordName)}, easiest first`}
          />
        )}
      </section>

      {grip && fingering && (
        <section
          aria-labelledby="grip-title"
          className="grid content-start gap-x-6 gap-y-3 sm:grid-cols-2"
        >
          <div>
            <h2 id="grip-title" className="mb-2 text-xl font-semibold">
              <FretText fretting={grip.fretting} />
            </h2>
            <GripDiagram
              neck={neck}
              root={root}
              grip={{ fingering, tones: grip.tones }}
              labels="finger"
              pitch={neck.midi.length > 7 ? 20 : 25}
              leftHanded={leftHanded}
              grows
              label={`${spokenNotes(grip.name)} close up`}
            />
          </div>
          <div className="space-y-3">
            <button
              type="button"
              className="button button-primary w-full text-lg"
              onClick={onTogglePin}
              disabled={!inFront}
            >
              {pinned ? (
                <PinOff size={20} aria-hidden="true" />
              ) : (
                <PinIcon size={20} aria-hidden="true" />
              )}
              {pinned ? "Unpin this grip" : "Pin this grip"}
            </button>
            <FingerChoice ways={ways} chosen={fingering} onChoose={(way) => onTake(grip, way)} />
            <EffortParts fingering={fingering} />
          </div>
        </section>
      )}
      {grip && fingering && <GripReasons map={map} fingering={fingering} />}
    </div>
  );
});

/** How many grips there are, and what sounds where the chord is called by its shape. */
function countText(count: number, sounding: string | undefined): string {
  if (count === 0) return "no playable grip; try another stack or tuning";
  const grips = count === 1 ? "1 playable grip" : `${count} playable grips, easiest first`;
  return sounding === undefined ? grips : `sounds ${sounding}, ${grips}`;
}
