"use client";

import { useCallback, useMemo, useState } from "react";
import {
  ArrowDownToLine,
  ArrowLeftToLine,
  ArrowRightToLine,
  ArrowUpToLine,
  Eraser,
} from "lucide-react";
import { type Fingering } from "@/core/hand";
import { moveShape, type ShapeMove, type ShapeReading } from "@/core/reading";
import { useInstrument, usePlayer, useRig, useSettings, useView } from "@/session";
import { KEPT_ACROSS } from "@/state";
import { ChoiceButton, TextField, TryAgain, useKeys } from "@/ui/controls";
import { FingerChoice, FretText, GripDiagram, GripReasons } from "@/ui/grip";
import { useNames } from "@/ui/names";
import { NeckGrip, PlainNeck, TapLayer } from "@/ui/neck";
import { NAME_KEYS } from "./nameKeys";
import { ReadingText } from "./ReadingText";
import { ShapeOffers } from "./ShapeOffers";
import { StepButtons } from "./StepButtons";
import { useRecentShapes } from "./useRecentShapes";
import { useShape } from "./useShape";

/** Put notes on the neck, or type their frets: what is it called, and how is it fingered? */
export function NameScreen({ start }: { readonly start: string }) {
  const { neck, guitar } = useInstrument();
  const { profile } = useRig();
  const { view } = useView();
  const { note } = useNames();
  const { settings, set } = useSettings();
  const { text, fretting, problem, reading, state, write, tap, put } = useShape(start);
  const noteAt = useCallback(
    (string: number, fret: number) => note((neck.midi[string] ?? 0) + fret),
    [neck, note],
  );
  // Only what the page came with is scrolled to: under a tapping finger the neck stands still.
  const [first] = useState(fretting);
  const shown = useMemo(() => (reading ? shownGrip(reading) : null), [reading]);
  const clear = () => write("");
  const recent = useRecentShapes(reading?.isNamed ? reading.fretting : null);
  const move = (way: ShapeMove) => {
    const moved = moveShape(neck, fretting, way, settings.keepsAcross);
    if (moved) put(moved);
  };
  const { leftHanded } = guitar;
  const { thickOnTop } = view;
  useKeys(NAME_KEYS, {
    along: (place) => move((place === 1) === leftHanded ? "down" : "up"),
    across: (place) => move((place === 0) === thickOnTop ? "thicker" : "thinner"),
    clear,
  });

  return (
    <div className="space-y-4">
      <h1 className="sr-only">Name a shape</h1>
      <div className="flex flex-wrap items-end gap-3">
        <TextField
          label="Frets, thick string first"
          value={text}
          placeholder={neck.midi.map(() => "x").join(" ")}
          problem={problem ?? undefined}
          onChange={({ target }) => write(target.value)}
          className="figures w-72"
        />
        <button type="button" className="button" onClick={clear} disabled={text === ""}>
          <Eraser size={18} aria-hidden="true" />
          Clear
        </button>
        <div role="group" aria-label="Move the shape" className="flex gap-1">
          {MOVE_BUTTONS.map(([way, label, Icon]) => (
            <button
              key={way}
              type="button"
              className="button px-3"
              aria-label={label}
              disabled={moveShape(neck, fretting, way, settings.keepsAcross) === null}
              onClick={() => move(way)}
            >
              <Icon size={18} aria-hidden="true" />
            </button>
          ))}
        </div>
        <div role="group" aria-label="Across strings, keep" className="flex items-center gap-1">
          {KEPT_ACROSS.map((kept) => (
            <ChoiceButton
              key={kept}
              pressed={settings.keepsAcross === kept}
              label={`Across strings, keep the ${kept}`}
              className="px-3"
              onPress={() => set({ keepsAcross: kept })}
            >
              Keep {kept}
            </ChoiceButton>
          ))}
        </div>
        <p className="min-w-60 flex-1 text-muted">
          Tap the notes of a shape on the neck, or write its frets.
          <span className="pointer-coarse:hidden"> The arrow keys move all of it.</span>
        </p>
      </div>
      <PlainNeck
        neck={neck}
        leftHanded={leftHanded}
        thickOnTop={thickOnTop}
        spacing={view.spacing}
        accidentals={profile.accidentals}
        label={`Neck, thick string ${thickOnTop ? "on top" : "at the bottom"}`}
        inSight={first}
        marks={(scale) => (
          <>
            {shown && reading && (
              <NeckGrip
                scale={scale}
                openMidi={neck.midi}
                grip={shown}
                root={reading.root}
                labels="degree"
                sizeAt={scale.gripSize}
              />
            )}
            <TapLayer
              scale={scale}
              frets={neck.frets}
              fretting={fretting}
              noteAt={noteAt}
              onTap={tap}
            />
          </>
        )}
      />
      {state.kind === "failed" && (
        <TryAgain onRetry={state.retry}>This shape could not be read.</TryAgain>
      )}
      {reading && <Reading reading={reading} onPut={put} />}
      {!reading && text === "" && <ShapeOffers recent={recent} onPut={put} />}
    </div>
  );
}

const MOVE_BUTTONS = [
  ["down", "A fret towards the nut", ArrowLeftToLine],
  ["up", "A fret up the neck", ArrowRightToLine],
  ["thicker", "A string thicker", ArrowDownToLine],
  ["thinner", "A string thinner", ArrowUpToLine],
] as const;

interface ReadingProps {
  readonly reading: ShapeReading;
  readonly onPut: (fretting: ShapeReading["fretting"]) => void;
}

/** The name large, what sounds, how it is held and why, and what one note would change. */
function Reading({ reading, onPut }: ReadingProps) {
  const { neck, guitar } = useInstrument();
  const { a4Hz } = useRig().profile;
  const { player } = usePlayer();
  const { view } = useView();
  const [fingers, setFingers] = useState("");
  const { fingerings, fretting, tones, root, name, steps } = reading;
  const fingering = fingerings.find((way) => way.fingers.join() === fingers) ?? fingerings[0];
  return (
    <div className="grid gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]">
      <div className="space-y-4">
        <ReadingText reading={reading} />
        <StepButtons steps={steps} strings={neck.midi.length} onPut={onPut} />
      </div>
      {fingering && (
        <section
          aria-labelledby="held-title"
          className="grid content-start gap-x-6 gap-y-3 sm:grid-cols-2"
        >
          <div>
            <h2 id="held-title" className="mb-2 text-xl font-semibold">
              <FretText fretting={fretting} />
            </h2>
            <GripDiagram
              neck={neck}
              root={root}
              grip={{ fingering, tones }}
              labels="finger"
              stringGapPx={neck.midi.length > 7 ? 20 : 25}
              leftHanded={guitar.leftHanded}
              thickOnTop={view.thickOnTop}
              growth={1.5}
              explained={fingering}
              label={`${name} close up`}
            />
          </div>
          <FingerChoice
            fingerings={fingerings}
            chosen={fingering}
            onChoose={({ fingers }) => setFingers(fingers.join())}
          />
        </section>
      )}
      {fingering && <GripReasons neck={neck} player={player} a4Hz={a4Hz} fingering={fingering} />}
    </div>
  );
}

/** A shape as the neck draws it; without fingers where it cannot be held. */
function shownGrip({ fingerings, fretting, tones }: ShapeReading) {
  const fingers: Fingering["fingers"] = fingerings[0]?.fingers ?? fretting.map(() => 0);
  return { fingering: { fretting, fingers }, tones };
}
