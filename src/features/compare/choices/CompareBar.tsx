import { voicingName, VOICINGS, type NamedVoicing } from "@/core/voicing";
import { MAX_STRINGS } from "@/core/tuning";
import { useRig } from "@/session";
import { HOLDS, type ComparedBy } from "@/state";
import { ChoiceButton, SelectField } from "@/ui/controls";
import { withSigns } from "@/ui/text";
import { ChordsField } from "./ChordsField";
import { type ShownComparison } from "@/features/compare/results";

const HOLD_NAMES: Readonly<Record<ComparedBy, string>> = {
  chord: "Chord",
  pitches: "Pitches",
  shape: "Shape",
};

const REDUCED = "reduced";
const MIN_NOTES = Array.from({ length: MAX_STRINGS - 1 }, (_, index) => {
  const min = index + 2;
  return [min, `${min} strings or more`] as const;
});

/** What is compared: the chords, how they are played, and what stays the same. */
export function CompareBar({ shown }: { readonly shown: ShownComparison }) {
  const { ownVoicings } = useRig();
  const { comparison, set, preview, commit } = shown;
  const { chords, powerChordVoicing, allAsPowerChords, minNotes, hold } = comparison;
  const own = ownVoicings.flatMap(({ name, voicing, minNotes: min }) =>
    min === null ? [{ name, semitones: voicing }] : [],
  );
  const listed = uniqueVoicings([...VOICINGS, ...own]);
  const isListed = listed.some(({ semitones }) => semitones.join() === powerChordVoicing.join());
  const other = { name: voicingName(powerChordVoicing), semitones: powerChordVoicing };
  const voicings = isListed ? listed : [other, ...listed];
  return (
    <>
      <ChordsField
        text={chords}
        onPreview={(text) => preview({ chords: text })}
        onCommit={commit}
      />
      <div className="flex min-w-0 gap-3 max-sm:w-full max-sm:[&_label]:min-w-0 max-sm:[&_label]:flex-1 max-sm:[&_select]:w-full">
        <SelectField
          label="Power chords as"
          value={powerChordVoicing.join()}
          options={voicings.map(
            ({ name, semitones }) => [semitones.join(), withSigns(name)] as const,
          )}
          onChange={(value) => set({ powerChordVoicing: value.split(",").map(Number) })}
        />
        <SelectField
          label="Other chords"
          value={allAsPowerChords ? REDUCED : minNotes}
          options={[[REDUCED, "as power chords"], ...MIN_NOTES]}
          onChange={(value) =>
            set(
              typeof value === "string"
                ? { allAsPowerChords: true }
                : { allAsPowerChords: false, minNotes: value },
            )
          }
        />
      </div>
      <div role="group" aria-labelledby="hold-label">
        <span id="hold-label" className="field-label">
          Hold the same
        </span>
        <div className="flex gap-0.5">
          {HOLDS.map((each) => (
            <ChoiceButton
              key={each}
              pressed={each === hold}
              onPress={() => set({ hold: each })}
              className="px-3"
            >
              {HOLD_NAMES[each]}
            </ChoiceButton>
          ))}
        </div>
      </div>
    </>
  );
}

/** Each voicing under the first of its names. */
function uniqueVoicings(voicings: readonly NamedVoicing[]): readonly NamedVoicing[] {
  const keyOf = ({ semitones }: NamedVoicing) => semitones.join();
  return voicings.filter(
    (voicing, index) => voicings.findIndex((other) => keyOf(other) === keyOf(voicing)) === index,
  );
}
