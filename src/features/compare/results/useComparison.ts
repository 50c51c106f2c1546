import { useCallback, useMemo, useState } from "react";
import {
  chordOf,
  countChords,
  readChord,
  readProgression,
  type Chord,
  type CountedChord,
} from "@/core/chart";
import { suggestTuning } from "@/core/compare";
import { type Neck } from "@/core/neck";
import { noteText, type Note } from "@/core/pitch";
import { type ChordForm } from "@/core/voicing";
import { nameTuning, type Tuning } from "@/core/tuning";
import { useComparisonDocument, useInstrument, useRig, useView } from "@/session";
import { DEFAULT_COMPARISON, guitarFor, neckOf, type Comparison, type Guitar } from "@/state";

/** A tuning to compare, on the guitar it is looked at on. */
export interface Column {
  readonly guitar: Guitar;
  readonly tuning: Tuning;
  readonly neck: Neck;
}

export interface ShownComparison {
  readonly comparison: Comparison;
  readonly columns: readonly Column[];
  /** In the order they are played; empty where the text cannot be read. */
  readonly sequence: readonly Chord[];
  readonly chords: readonly CountedChord[];
  /** Why the chords cannot be read. */
  readonly problem: string | null;
  /** Changes a part, as one step for undo. */
  readonly set: (part: Partial<Comparison>) => void;
  /** Shows a part at once, before it is set; for what changes with every key or pixel. */
  readonly preview: (part: Partial<Comparison>) => void;
  /** Sets what was shown. */
  readonly commit: () => void;
}

/** What Compare shows: the last comparison, or the current chord and tuning next to another. */
export function useComparison(): ShownComparison {
  const { voicing, minNotes: voices } = useView().view;
  const { comparison: saved, setComparison } = useComparisonDocument();
  const { guitars, profile } = useRig();
  const { guitar, tuning, root } = useInstrument();
  const { accidentals } = profile;
  const [draft, setDraft] = useState<Partial<Comparison>>({});
  const base = useMemo((): Comparison => {
    if (saved) return saved;
    const other = suggestTuning(tuning.midi, guitar.usualMidi);
    return {
      ...DEFAULT_COMPARISON,
      columns: [tuning.midi, other.midi].map((midi) => ({ guitarId: guitar.id, midi })),
      ...chordsOf(root, { voicing, minNotes: voices }),
    };
  }, [saved, voicing, voices, guitar, tuning, root]);
  const comparison = useMemo((): Comparison => {
    const whole = { ...base, ...draft };
    // A guitar may have been deleted, or given other strings, since the comparison was made.
    const fitting = whole.columns.filter(({ midi }) => guitarFor(guitars, guitar, midi.length));
    if (fitting.length === whole.columns.length) return whole;
    const present = { guitarId: guitar.id, midi: tuning.midi };
    return { ...whole, columns: fitting.length > 0 ? fitting : [present] };
  }, [base, draft, guitars, guitar, tuning]);

  const set = useCallback(
    (part: Partial<Comparison>) => {
      setComparison({ ...comparison, ...part });
      setDraft({});
    },
    [setComparison, comparison],
  );
  const preview = useCallback(
    (part: Partial<Comparison>) => setDraft((old) => ({ ...old, ...part })),
    [],
  );
  const commit = useCallback(() => {
    if (Object.keys(draft).length > 0) set({});
  }, [draft, set]);

  const {
    columns: tunings,
    chords: text,
    powerChordVoicing,
    allAsPowerChords,
    minNotes,
  } = comparison;
  const columns = useMemo(
    () =>
      tunings.flatMap(({ guitarId, midi }): Column[] => {
        const named = guitars.find(({ id }) => id === guitarId) ?? guitar;
        const on = guitarFor(guitars, named, midi.length);
        return on
          ? [{ guitar: on, tuning: nameTuning(midi, accidentals), neck: neckOf(on, midi) }]
          : [];
      }),
    [tunings, guitars, guitar, accidentals],
  );
  const read = useMemo(
    () => readProgression(text, { powerChordVoicing, allAsPowerChords, minNotes }),
    [text, powerChordVoicing, allAsPowerChords, minNotes],
  );
  const sequence = useMemo(() => (read.ok ? read.value : []), [read]);
  const chords = useMemo(() => countChords(sequence), [sequence]);
  const problem = read.ok ? null : read.problem.message;
  return { comparison, columns, sequence, chords, problem, set, preview, commit };
}

/** The chord on the neck, as it is typed. */
function chordsOf(
  root: Note,
  chordForm: ChordForm,
): Pick<Comparison, "chords" | "powerChordVoicing"> {
  const { voicing, minNotes } = chordForm;
  const five = `${noteText(root)}5`;
  if (minNotes === null) return { chords: five, powerChordVoicing: voicing };
  const { name } = chordOf(root, chordForm);
  return {
    chords: readChord(name).ok ? name : five,
    powerChordVoicing: DEFAULT_COMPARISON.powerChordVoicing,
  };
}
