"use client";

import { useMemo, useState } from "react";
import { type Manner } from "@/audio";
import { soundingMidi } from "@/core/fretting";
import { type Grip } from "@/core/grip";
import { type Fingering } from "@/core/hand";
import { type Neighbour } from "@/core/neighbours";
import { fitsChordForm, type DegreePosition } from "@/core/voicing";
import { writeAddress } from "@/formats/address";
import { useAddress, useHearing, useInstrument, useRig, useView } from "@/session";
import { findPin, type PinContent } from "@/state";
import { onDemand, TryAgain, useEvent } from "@/ui/controls";
import { GripReasons } from "@/ui/grip";
import { NeckDrawing, type Range, type ShownGrip } from "@/ui/neck";
import { NoteText } from "@/ui/text";
import { GripCloseUp } from "./GripCloseUp";
import { GripColumn } from "./GripColumn";
import { HintStrip } from "./HintStrip";
import { NeckTools } from "./NeckTools";
import { NeighbourStrip } from "./NeighbourStrip";
import { PinStrip } from "./PinStrip";
import { useAfterPaint } from "./useAfterPaint";
import { useGrips } from "./useGrips";
import { useListing } from "./useListing";
import { useMarks } from "./useMarks";
import { following, useNeckKeys } from "./useNeckKeys";
import { useNeighbours } from "./useNeighbours";

const FirstUse = onDemand("The first screen", () =>
  import("./FirstUse").then((part) => part.FirstUse),
);
const StageView = onDemand(
  "The stage view",
  () => import("./StageView").then((part) => part.StageView),
  ({ neckView }) => neckView,
);

const NO_NEIGHBOURS: readonly Neighbour[] = [];

/** Map a chord on the neck, see its grips usual first, and take one in hand. */
export function NeckScreen() {
  return useView().isFirst ? <FirstUse /> : <Neck />;
}

function Neck() {
  const { guitar } = useInstrument();
  const { view, show } = useView();
  const { pins, pin, unpin, profile } = useRig();
  const { voicing, minNotes, labels, thickOnTop, spacing, stage } = view;
  const [mapOnly, setMapOnly] = useState(false);
  const lister = useListing();
  const { listing, orders, list } = lister;
  const { map, answer, state } = useGrips(listing);
  const { positions, naturalsOn } = useMarks(map);
  const { grip, fingering } = answer ?? {};
  const inFront = map === answer?.map && !mapOnly && Boolean(grip);
  const shown = useMemo(
    (): ShownGrip | null =>
      inFront && grip && fingering ? { fingering, tones: grip.tones } : null,
    [inFront, grip, fingering],
  );
  // The neck is painted first; the list and the close-up can follow a frame later.
  const listed = useAfterPaint(answer);
  // A shape that moved with the root stands in the address where it is now.
  const moved = view.chosen && answer?.fingering;
  useAddress(writeAddress(moved ? { ...view, chosen: moved } : view));

  const take = useEvent((next: Grip | undefined, way: Fingering | undefined = next?.best) => {
    if (!way) return;
    setMapOnly(false);
    // The first of the list is what comes by itself: it is no shape to keep.
    const isFirst = next !== undefined && next === answer?.grips[0] && way === next.best;
    show({ chosen: isFirst ? null : { fretting: way.fretting, fingers: way.fingers } });
  });
  const takeThrough = useEvent((position: DegreePosition) => {
    lister.tap(position);
    const { string, fret } = position;
    take(answer?.grips.find((candidate) => candidate.fretting[string] === fret));
  });
  const setRange = useEvent((frets: Range | null) =>
    list({ filter: { ...listing.filter, frets } }),
  );
  const step = (by: number) => {
    const { grips = [], index = 0 } = answer ?? {};
    take(grips[Math.max(0, Math.min(index + by, grips.length - 1))]);
  };

  // While a new question is open, what is shown belongs to the old one and is not to be pinned.
  const content: PinContent | null =
    shown && state.kind === "ready"
      ? {
          guitarId: guitar.id,
          tuningMidi: view.tuningMidi,
          root: view.root,
          voicing,
          minNotes,
          fretting: shown.fingering.fretting,
          fingers: shown.fingering.fingers,
        }
      : null;
  const pinned = content ? findPin(pins, content) : undefined;
  const isPinned = pinned !== undefined;
  const togglePin = useEvent(() => {
    if (pinned) unpin(pinned);
    else if (content) pin(content);
  });
  const pinState = useMemo(
    () => ({ isPinned, isReady: inFront, toggle: togglePin }),
    [isPinned, inFront, togglePin],
  );

  const listedNeighbours = useNeighbours(listed);
  // For a moment the list may still belong to the previous grip.
  const neighbours = listed?.grip === answer?.grip ? listedNeighbours : NO_NEIGHBOURS;
  const takeNeighbour = useEvent(({ voicing: other, grip: { best, tones } }: Neighbour) => {
    setMapOnly(false);
    const played = tones.filter((tone) => tone !== null).sort((a, b) => a - b);
    show({
      // In free mode most neighbours are in the same list.
      ...(fitsChordForm({ voicing, minNotes }, played) ? {} : { voicing: other, minNotes: null }),
      chosen: { fretting: best.fretting, fingers: best.fingers },
    });
  });
  const hearing = useHearing();
  const hearGrip = useEvent((manner: Manner) => {
    if (shown) hearing.hear(soundingMidi(map.neck, shown.fingering.fretting), manner);
  });
  const hearBar = useMemo(() => ({ ...hearing, hear: hearGrip }), [hearing, hearGrip]);
  useNeckKeys({
    step,
    togglePin,
    toggleMap: () => setMapOnly(!mapOnly),
    nextOrder: () => list({ order: following(orders, listing.order) }),
    otherFingers: () => {
      if (grip && fingering && answer) take(grip, following(answer.fingerings, fingering));
    },
    hear: hearGrip,
    neighbours,
    takeNeighbour,
  });

  const neckView = (
    <NeckDrawing
      neck={map.neck}
      root={map.shownRoot}
      accidentals={profile.accidentals}
      leftHanded={guitar.leftHanded}
      thickOnTop={thickOnTop}
      spacing={spacing}
      stage={stage}
      positions={positions}
      labels={labels}
      naturalsOn={naturalsOn}
      grip={shown}
      mapOnly={mapOnly || answer?.grips.length === 0}
      range={listing.filter.frets}
      onRange={setRange}
      onChoose={takeThrough}
    />
  );
  if (stage && listed) {
    return <StageView answer={listed} neckView={neckView} hearing={hearBar} onStep={step} />;
  }
  return (
    <div className="space-y-2.5">
      <h1 className="sr-only">Neck</h1>
      <NeckTools answer={listed} positions={positions} />
      {neckView}
      {map !== answer?.map && state.kind === "waiting" && minNotes !== null && (
        <p role="status" className="text-lg">
          <NoteText>{`Finding every voicing of ${map.chordName}…`}</NoteText>
        </p>
      )}
      {state.kind === "failed" && (
        <TryAgain onRetry={state.retry}>The grips could not be worked out.</TryAgain>
      )}
      {listed && (
        <div
          className="grid gap-x-6 gap-y-5 md:grid-cols-2 xl:grid-cols-[minmax(0,1.12fr)_minmax(0,1fr)_minmax(0,0.75fr)]"
          aria-busy={state.kind === "waiting"}
        >
          <GripColumn answer={listed} inFront={inFront} lister={lister} onTake={take} />
          <GripCloseUp answer={listed} pin={pinState} hearing={hearBar} onTake={take} />
          {listed.fingering && (
            <GripReasons
              neck={listed.map.neck}
              player={listed.map.player}
              a4Hz={profile.a4Hz}
              fingering={listed.fingering}
            />
          )}
        </div>
      )}
      {/* What is below the list waits for it, and its space is reserved, so that nothing jumps. */}
      {listed && (
        <div className="min-h-26">
          {inFront && neighbours.length > 0 && (
            <NeighbourStrip neighbours={neighbours} onTake={takeNeighbour} />
          )}
        </div>
      )}
      {listed && <HintStrip />}
      {(listed || state.kind === "failed") && <PinStrip />}
    </div>
  );
}
