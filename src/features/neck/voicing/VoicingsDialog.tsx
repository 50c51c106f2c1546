import { useState } from "react";
import { AudioLines, Plus } from "lucide-react";
import { pitchClassOf, type Midi } from "@/core/pitch";
import { voicingName, type Voicing } from "@/core/voicing";
import { newId, useDraft, useHearing, useInstrument, useRig, useView } from "@/session";
import { placeAt, type OwnVoicing, type OwnVoicingContent } from "@/state";
import { changedFields } from "@/wire";
import { AppDialog, TextField } from "@/ui/controls";
import { useNames } from "@/ui/names";
import { NoteText } from "@/ui/text";
import { OwnVoicingList } from "./OwnVoicingList";
import { VoicingLadder } from "./VoicingLadder";
import { usualMinNotes } from "./usualMinNotes";

/** A voicing that is being made, or changed. */
interface Making {
  readonly open: OwnVoicing | null;
  readonly made: OwnVoicingContent;
}

const EMPTY: OwnVoicingContent = { name: "", voicing: [0], minNotes: null };

function contentOf({ name, voicing, minNotes }: OwnVoicing): OwnVoicingContent {
  return { name, voicing, minNotes };
}

/** The player's own voicings: built by degree and register, heard while building, saved and ordered. */
export function VoicingsDialog({ onClose }: { readonly onClose: () => void }) {
  const { view, show } = useView();
  const { root, neck } = useInstrument();
  const { ownVoicings, change } = useRig();
  const names = useNames();
  const { hear } = useHearing();
  const { voicing: chosen, minNotes } = view;
  // What is on the neck is the first offer; a voicing half made before is still there.
  const [offer] = useState<Making>({ open: null, made: { name: "", voicing: chosen, minNotes } });
  const [{ open, made }, setMaking, forget] = useDraft("own voicing", offer);
  const strings = neck.midi.length;
  const pitches = pitchesOf(made.voicing, pitchClassOf(root), neck.midi[0] ?? 0);
  const name = made.name.trim() || voicingName(made.voicing);
  const canSave = made.voicing.length > 1 && made.voicing.length <= strings;
  const content = { ...made, name };

  const setMade = (next: OwnVoicingContent) => setMaking({ open, made: next });
  const start = (voicing: OwnVoicing | null) =>
    setMaking({ open: voicing, made: voicing ? contentOf(voicing) : EMPTY });
  const toggle = (tone: number) => {
    const has = made.voicing.includes(tone);
    const voicing = has
      ? made.voicing.filter((each) => each !== tone)
      : [...made.voicing, tone].sort((a, b) => a - b);
    setMade({ ...made, voicing });
    hear(pitchesOf(voicing, pitchClassOf(root), neck.midi[0] ?? 0), "strum");
  };
  const save = async () => {
    const isTaken = open ? saveChanges(open) : saveNew();
    start(null);
    if (!(await isTaken)) setMaking({ open, made });
  };
  const saveNew = () => {
    const id = newId();
    const [{ position } = { position: 0 }] = placeAt(ownVoicings, ownVoicings.length, id);
    return change(
      { act: "add", kind: "voicing", id, value: { ...content, position } },
      {
        text: `${name} is saved.`,
        undo: () => void change({ act: "delete", kind: "voicing", id }),
      },
    );
  };
  const saveChanges = (voicing: OwnVoicing) => {
    const set = { act: "set", kind: "voicing", id: voicing.id } as const;
    const before = contentOf(voicing);
    return change(
      { ...set, fields: changedFields(before, content) },
      {
        text: `${name} is changed.`,
        undo: () => void change({ ...set, fields: changedFields(content, before) }),
      },
    );
  };
  const use = () => {
    show({ voicing: made.voicing, minNotes: made.minNotes });
    forget();
    onClose();
  };

  return (
    <AppDialog title="Own voicings" onClose={onClose} wide>
      <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_18rem]">
        <div className="space-y-4">
          <VoicingLadder voicing={made.voicing} onToggle={toggle} />
          <p
            className="flex min-h-11 flex-wrap items-center gap-x-4 gap-y-2 text-xl"
            aria-live="polite"
          >
            <span className="figures font-semibold">
              <NoteText>{voicingName(made.voicing) || "no tone yet"}</NoteText>
            </span>
            {pitches.length > 0 && (
              <span className="text-muted">
                <NoteText>{`${names.chord(pitches)}: ${pitches.map(names.pitch).join(" ")}`}</NoteText>
              </span>
            )}
            <button type="button" className="button" onClick={() => hear(pitches, "strum")}>
              <AudioLines size={18} aria-hidden="true" />
              Hear it
            </button>
          </p>
          <div className="flex flex-wrap items-end gap-3">
            <TextField
              label="Name"
              value={made.name}
              placeholder={voicingName(made.voicing)}
              maxLength={60}
              onChange={({ target }) => setMade({ ...made, name: target.value })}
              className="w-44"
            />
            <label>
              <span className="field-label">Where its tones go</span>
              <select
                className="field"
                value={made.minNotes ?? "exact"}
                onChange={({ target }) =>
                  setMade({
                    ...made,
                    minNotes: target.value === "exact" ? null : Number(target.value),
                  })
                }
              >
                <option value="exact">just as built</option>
                {minOptions(made.voicing, strings).map((min) => (
                  <option key={min} value={min}>
                    {`anywhere, on ${min} strings or more`}
                  </option>
                ))}
              </select>
            </label>
            <button
              type="button"
              className="button"
              disabled={!canSave}
              onClick={() => void save()}
            >
              {open ? "Save changes" : "Save it"}
            </button>
            <button
              type="button"
              className="button button-primary"
              disabled={!canSave}
              onClick={use}
            >
              Show on the neck
            </button>
          </div>
          {made.voicing.length > strings && (
            <p className="text-warning">{`${made.voicing.length} tones; this guitar has ${strings} strings.`}</p>
          )}
        </div>
        <div className="space-y-2">
          <OwnVoicingList current={open} onOpen={start} />
          <button type="button" className="button w-full" onClick={() => start(null)}>
            <Plus size={18} aria-hidden="true" />
            New voicing
          </button>
        </div>
      </div>
    </AppDialog>
  );
}

/** The voicing as it sounds low on this guitar. */
function pitchesOf(voicing: Voicing, rootClass: number, lowest: Midi): readonly Midi[] {
  const bottom = lowest - Math.min(0, ...voicing);
  const root = bottom + ((((rootClass - bottom) % 12) + 12) % 12);
  return voicing.map((tone) => root + tone);
}

function minOptions(voicing: Voicing, strings: number): readonly number[] {
  const fewest = Math.max(2, Math.min(voicing.length, usualMinNotes(voicing, strings)));
  return Array.from({ length: strings - fewest + 1 }, (_, index) => fewest + index);
}
