"use client";

import { useState } from "react";
import { ArrowRight, Download } from "lucide-react";
import { pitchTexts, type Midi } from "@/core/pitch";
import { samePitches, type Tuning } from "@/core/tuning";
import { useInstrument, useRig, useTuningShelf, useView } from "@/session";
import { callTuning } from "@/state";
import { onDemand } from "@/ui/controls";
import { useNames } from "@/ui/names";
import { saveRows } from "@/ui/save";
import { NoteText, spokenNotes } from "@/ui/text";
import { GaugeAdviceView } from "./GaugeAdviceView";
import { NearTunings } from "./NearTunings";
import { RetuneSheetView } from "./RetuneSheetView";
import { useRetuneSheet } from "./useRetuneSheet";

const TuningDialog = onDemand("The list of tunings", () =>
  import("@/ui/tuning").then((part) => part.TuningDialog),
);

/** From any tuning to any other on the guitar in hand: what to turn, how to hear it, what it does. */
export function RetuneScreen() {
  const { guitar, chooseTuning } = useInstrument();
  const { view } = useView();
  const { ownTunings, profile, change } = useRig();
  const shelf = useTuningShelf();
  const [from, setFrom] = useState<readonly Midi[] | null>(null);
  const [changing, setChanging] = useState<"from" | "to" | null>(null);
  const start = from?.length === guitar.usualMidi.length ? from : guitar.tunedMidi;
  const target = view.tuningMidi;
  const sheet = useRetuneSheet(guitar, start, target);
  const call = (midi: readonly Midi[]) => callTuning(midi, ownTunings, profile.accidentals);
  const [fromTuning, toTuning] = [call(start), call(target)];
  const done = () => {
    const before = guitar.tunedMidi;
    setFrom(null);
    const set = { act: "set", kind: "guitar", id: guitar.id } as const;
    void change(
      { ...set, fields: { tunedMidi: target } },
      {
        text: `${guitar.name} is in ${toTuning.name}.`,
        undo: () => void change({ ...set, fields: { tunedMidi: before } }),
      },
    );
  };

  const saveSheet = () => {
    const from = pitchTexts(sheet.strings.map((step) => step.from));
    const to = pitchTexts(sheet.strings.map((step) => step.to));
    saveRows(
      `${fromTuning.name} to ${toTuning.name}`,
      ["string", "from", "to", "half steps", "hz"],
      sheet.order.flatMap((string) => {
        const step = sheet.strings[string];
        const number = sheet.strings.length - string;
        return step
          ? [[number, from[string] ?? "", to[string] ?? "", step.semitones, step.hz.toFixed(2)]]
          : [];
      }),
    );
  };

  return (
    <div className="space-y-5">
      <div className="flex flex-wrap items-center gap-3">
        <TuningButton
          label="From"
          tuning={fromTuning}
          note={samePitches(start, guitar.tunedMidi) ? "current tuning" : null}
          onPress={() => setChanging("from")}
        />
        <ArrowRight size={28} aria-hidden="true" className="text-muted" />
        <TuningButton label="To" tuning={toTuning} note={null} onPress={() => setChanging("to")} />
        <p className="ml-auto text-lg text-muted">{guitar.name}</p>
        {sheet.order.length > 0 && (
          <button type="button" className="button" onClick={() => void saveSheet()}>
            <Download size={18} aria-hidden="true" />
            CSV
          </button>
        )}
      </div>
      <RetuneSheetView
        key={`${guitar.id} ${start.join()} ${target.join()}`}
        guitar={guitar}
        sheet={sheet}
        onDone={done}
      >
        <GaugeAdviceView guitar={guitar} to={target} />
      </RetuneSheetView>
      {sheet.order.length === 0 && <NearTunings current={start} onChoose={chooseTuning} />}
      {changing && (
        <TuningDialog
          title={changing === "from" ? "Currently tuned to" : `Tune ${guitar.name} to`}
          shelf={shelf}
          current={changing === "from" ? start : target}
          onlyHere
          onChoose={(midi) => {
            if (changing === "from") setFrom(midi);
            else chooseTuning(midi);
            setChanging(null);
          }}
          onClose={() => setChanging(null)}
        />
      )}
    </div>
  );
}

interface TuningButtonProps {
  readonly label: string;
  readonly tuning: Tuning;
  readonly note: string | null;
  readonly onPress: () => void;
}

function TuningButton({ label, tuning, note, onPress }: TuningButtonProps) {
  const names = useNames();
  return (
    <button
      type="button"
      aria-haspopup="dialog"
      aria-label={`${label}: ${spokenNotes(tuning.name)}. Change`}
      onClick={onPress}
      className="panel min-h-16 px-4 py-1.5 text-left hover:border-ink"
    >
      <span className="block text-[15px] text-muted">
        {label}
        {note && `, ${note}`}
      </span>
      <span className="text-xl font-bold">
        <NoteText>{tuning.name}</NoteText>
      </span>
      <span className="figures ml-3 text-lg text-muted">
        <NoteText>{names.letters(tuning.midi)}</NoteText>
      </span>
    </button>
  );
}
