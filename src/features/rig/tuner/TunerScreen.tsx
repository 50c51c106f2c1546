"use client";

import { useState } from "react";
import { Mic, MicOff, Volume2, Waves } from "lucide-react";
import { playTone } from "@/audio";
import { centsOver, frequencyHz } from "@/core/pitch";
import { useInstrument, useRig } from "@/session";
import { ChoiceButton, KeyCap, useKeys } from "@/ui/controls";
import { useNames } from "@/ui/names";
import { NoteText, spokenNotes } from "@/ui/text";
import { IN_TUNE_CENTS, TunerDial } from "./TunerDial";
import { TUNER_KEYS } from "./tunerKeys";
import { useTuner } from "./useTuner";

const TONE_S = 4;
/** Steps in which the example string can be put out of tune, in cents. */
const DETUNE_STEP = 5;
const MAX_DETUNED = 45;
/** A drift smaller than this, in cents, is not worth a word. */
const DRIFT_SHOWN = 1;

/** Tune by microphone, or try it on a computed string that is off by a known amount. */
export function TunerScreen() {
  const { tuning, guitar } = useInstrument();
  const { profile } = useRig();
  const names = useNames();
  const tuner = useTuner();
  const [picked, setPicked] = useState<number | null>(null);
  const [detune, setDetune] = useState(-15);
  const strings = tuning.midi.length;
  const targets = tuning.midi.map((midi) => frequencyHz(midi, profile.a4Hz));
  const { reading } = tuner;
  const heard = reading && nearest(targets, reading.hz);
  const string = picked ?? heard ?? 0;
  const targetHz = targets[string] ?? 0;
  const cents = reading ? centsOver(targetHz, reading.hz) : null;
  const driftCents = reading ? centsOver(1, reading.driftRatio) : 0;
  const texts = names.strings(tuning.midi);
  const target = texts[string] ?? "";
  const advice = cents === null ? "Pluck one string and let it ring." : adviceFor(cents);

  useKeys(TUNER_KEYS, {
    string: (place) => {
      if (place < strings) setPicked(strings - 1 - place);
    },
    nearest: () => setPicked(null),
    thinner: () => setPicked(Math.min(strings - 1, string + 1)),
    thicker: () => setPicked(Math.max(0, string - 1)),
    hear: () => void playTone(targetHz, TONE_S),
  });

  return (
    <div className="mx-auto max-w-5xl space-y-4">
      <div role="group" aria-labelledby="string-label">
        <span id="string-label" className="field-label">
          <NoteText>{`String, ${tuning.name} on ${guitar.name}`}</NoteText>
        </span>
        <div className="flex flex-wrap gap-1">
          <ChoiceButton
            pressed={picked === null}
            onPress={() => setPicked(null)}
            className="px-4 text-lg"
          >
            The nearest
          </ChoiceButton>
          {texts.map((text, index) => (
            <ChoiceButton
              key={index}
              pressed={picked === index}
              label={`String ${strings - index}, ${spokenNotes(text)}`}
              onPress={() => setPicked(index)}
              className="figures px-3 text-lg"
            >
              {strings - index} <NoteText>{text}</NoteText>
            </ChoiceButton>
          ))}
        </div>
      </div>

      <TunerDial cents={cents} isLive={reading?.isLive ?? false} />

      <div className="flex flex-wrap items-baseline gap-x-8 gap-y-1">
        <p className="figures text-5xl font-bold" data-testid="cents">
          {cents === null ? "–" : centsText(cents, reading?.isRough ?? false)}{" "}
          <span className="text-xl font-normal text-muted">cents</span>
        </p>
        <p className="text-3xl font-semibold">
          String {strings - string} <NoteText>{target}</NoteText>
        </p>
        <p className="figures text-xl text-muted">
          {reading ? `${reading.hz.toFixed(2)} of ` : ""}
          {targetHz.toFixed(2)} Hz
        </p>
      </div>
      <p className="min-h-8 text-2xl" aria-live="polite">
        {advice}
      </p>
      <p className="min-h-6 text-muted">
        {reading && !reading.isLive && "Held: the string has faded. "}
        {reading?.isRough && "The lowest partial is hardly there, so this may read sharp. "}
        {Math.abs(driftCents) >= DRIFT_SHOWN &&
          `Drifted ${signed(driftCents)} cents since it was plucked.`}
      </p>
      {tuner.problem && (
        <p role="alert" className="text-warning">
          {tuner.problem}
        </p>
      )}

      <div className="flex flex-wrap items-end gap-2">
        {tuner.source === "microphone" ? (
          <button type="button" className="button text-lg" onClick={tuner.stop}>
            <MicOff size={20} aria-hidden="true" />
            Stop listening
          </button>
        ) : (
          <button
            type="button"
            className="button button-primary text-lg"
            onClick={tuner.listenToMicrophone}
          >
            <Mic size={20} aria-hidden="true" />
            Listen
          </button>
        )}
        <button
          type="button"
          className="button text-lg"
          onClick={() => void playTone(targetHz, TONE_S)}
        >
          <Volume2 size={20} aria-hidden="true" />
          Hear the target
          <KeyCap of={TUNER_KEYS.hear[0]} />
        </button>
        <div className="ml-auto flex items-end gap-2">
          <label>
            <span className="field-label">Example detuned by, cents</span>
            <input
              type="number"
              className="field figures w-28"
              min={-MAX_DETUNED}
              max={MAX_DETUNED}
              step={DETUNE_STEP}
              value={detune}
              onChange={({ target: { valueAsNumber } }) =>
                Number.isFinite(valueAsNumber) &&
                setDetune(Math.max(-MAX_DETUNED, Math.min(MAX_DETUNED, valueAsNumber)))
              }
            />
          </label>
          <button
            type="button"
            className="button text-lg"
            onClick={() => tuner.pluckExample(targetHz * 2 ** (detune / 1200))}
          >
            <Waves size={20} aria-hidden="true" />
            Pluck an example
          </button>
        </div>
      </div>
      <p className="text-[15px] text-muted">
        Keep it down, and rest your ears now and then: loud practice harms hearing.
      </p>
    </div>
  );
}

/** The index of the string whose target lies nearest. */
function nearest(targets: readonly number[], hz: number): number {
  const off = targets.map((target) => Math.abs(centsOver(target, hz)));
  return off.indexOf(Math.min(...off));
}

function adviceFor(cents: number): string {
  if (Math.abs(cents) <= IN_TUNE_CENTS) return "In tune.";
  if (Math.abs(cents) > 250) return cents < 0 ? "Far too low." : "Far too high.";
  return cents < 0 ? "Flat: wind it up." : "Sharp: go below, then up to it.";
}

function centsText(cents: number, isRough: boolean): string {
  return `${isRough ? "about " : ""}${signed(cents)}`;
}

function signed(cents: number): string {
  const rounded = cents.toFixed(1);
  return cents >= 0.05 ? `+${rounded}` : rounded.replace("-", "−");
}
