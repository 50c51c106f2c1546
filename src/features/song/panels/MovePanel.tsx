import { useState } from "react";
import { noteText, parseNote } from "@/core/pitch";
import {
  FORM_CHORDS,
  SONG_FORMS,
  LOOPS,
  readKey,
  transposeChart,
  writeForm,
  writeLoop,
  type Chart,
  type SongForm,
  type FormChords,
} from "@/core/song";
import { useRig, useTell } from "@/session";
import { type Guitar } from "@/state";
import { KEYS } from "@/features/song/state";
import { SelectField } from "@/ui/controls";
import { type SongPlanRequest } from "@/worker/client";
import { spokenNotes, withSigns } from "@/ui/text";
import { FormOnNeck } from "./FormOnNeck";

interface MovePanelProps {
  readonly text: string;
  readonly chart: Chart;
  /** The request that the song's own route was planned from. */
  readonly request: SongPlanRequest;
  readonly guitar: Guitar;
  readonly onText: (text: string) => void;
}

const FORM_WORDS: Readonly<Record<SongForm, string>> = {
  blues: "Twelve bars",
  "quick change": "Twelve bars, quick change",
  minor: "Twelve bars, minor",
};
const CHORD_WORDS: Readonly<Record<FormChords, string>> = {
  fives: "power chords",
  sevenths: "sevenths",
  shuffle: "fifth to sixth shuffle",
};

/** Moves the chart to another key, and writes the forms that players practise. */
export function MovePanel({ text, chart, request, guitar, onText }: MovePanelProps) {
  const { profile } = useRig();
  const tell = useTell();
  const key = chart.key === null ? null : readKey(chart.key);
  const [formKey, setFormKey] = useState(key ? noteText(key.tonic) : "A");
  const [form, setForm] = useState<string>("blues");
  const [chords, setChords] = useState<FormChords>("fives");
  const move = (by: { readonly semitones: number } | { readonly toKey: string }) => {
    const moved = transposeChart(text, by, 0, request.neck.midi);
    if (moved.ok) onText(moved.value.text);
    else tell({ text: moved.problem.message });
  };
  const note = parseNote(formKey);
  const known = SONG_FORMS.find((each) => each === form);
  const written = !note.ok
    ? ""
    : known
      ? writeForm(known, note.value, chords)
      : writeLoop(form, note.value);
  const write = () => {
    const isEmpty = text.trim() === "";
    onText(isEmpty ? written : `${text.trimEnd()}\n\n${written.replace(/^Key: .*\n/, "")}`);
  };
  const minor = key?.isMinor ? "m" : "";
  return (
    <div role="group" aria-label="Key and forms" className="panel space-y-4 p-3">
      <div className="flex flex-wrap items-end gap-3">
        <div role="group" aria-labelledby="half-steps">
          <span id="half-steps" className="field-label">
            Half steps
          </span>
          <div className="flex gap-0.5">
            {[-2, -1, 1, 2].map((semitones) => (
              <button
                key={semitones}
                type="button"
                className="button px-3"
                aria-label={`${Math.abs(semitones)} half ${Math.abs(semitones) === 1 ? "step" : "steps"} ${semitones < 0 ? "down" : "up"}`}
                onClick={() => move({ semitones })}
              >
                {semitones > 0 ? `+${semitones}` : `−${-semitones}`}
              </button>
            ))}
          </div>
        </div>
        <SelectField
          label="To the key of"
          value={key ? `${noteText(key.tonic)}${minor}` : ""}
          options={[
            ...(key ? [] : ([["", "no key said"]] as const)),
            ...KEYS.map((each) => [`${each}${minor}`, withSigns(`${each}${minor}`)] as const),
          ]}
          onChange={(toKey) => {
            if (toKey !== "") move({ toKey });
          }}
        />
        <div className="flex flex-wrap items-end gap-3 border-line sm:border-l sm:pl-3">
          <SelectField
            label="Write"
            value={form}
            options={[
              ...SONG_FORMS.map((each) => [each as string, FORM_WORDS[each]] as const),
              ...LOOPS.map(({ name }) => [name, name] as const),
            ]}
            onChange={setForm}
          />
          <SelectField
            label="In"
            value={formKey}
            options={KEYS.map((each) => [each, withSigns(each)] as const)}
            onChange={setFormKey}
          />
          {SONG_FORMS.some((each) => each === form) && (
            <SelectField
              label="With"
              value={chords}
              options={FORM_CHORDS.map((each) => [each, CHORD_WORDS[each]] as const)}
              onChange={setChords}
            />
          )}
          <button type="button" className="button" onClick={write}>
            {text.trim() === "" ? "Write it" : "Add it"}
          </button>
        </div>
      </div>
      <FormOnNeck
        request={{ ...request, text: written }}
        guitar={guitar}
        accidentals={profile.accidentals}
        label={spokenNotes(`Where the roots of ${formKey} lie on the route`)}
      />
    </div>
  );
}
