"use client";

import dynamic from "next/dynamic";
import { writeAddress } from "@/formats/address";
import { useMemo, useState } from "react";
import { soundingMidi } from "@/core/fretting";
import { type Grip } from "@/core/grip";
import { type Fingering } from "@/core/hand";
import { type Neighbour } from "@/core/neighbours";
import { isVoicing, type DegreePosition } from "@/core/stack";
import { type PinContent } from "@/server/types";
import { useEvent } from "@/ui/controls";
import { NeighbourStrip } from "@/ui/grip";
import { useHearing } from "@/ui/hear";
import { NeckView, type Range, type ShownGrip } from "@/ui/neck";
import { PinStrip } from "@/ui/pins";
import { NoteText } from "@/ui/text";
import { findPin, useWorkspace } from "@/ui/workspace";
import { GripSection } from "./GripSection";
import { HintStrip } from "./HintStrip";
import { NeckTools } from "./NeckTools";
import { useAddress } from "./useAddress";
import { useAfterPaint } from "./useAfterPaint";
import { useGrips } from "./useGrips";
import { useListing } from "./useListing";
import { useMarks } from "./useMarks";
import { following, useNeckKeys } from "./useNeckKeys";
import { useNeighbours } from "./useNeighbours";

const FirstUse = dynamic(() => import("./FirstUse").then((part) => part.FirstUse));
const StageView = dynamic(() => import("./StageView").then((part) => part.StageView));

const NO_NEIGHBOURS: readonly Neighbour[] = [];

/** Map a chord on the neck, see its grips usual first, and take one in hand. */
export function NeckScreen() {
  return useWorkspace().isFirst ? <FirstUse /> : <Neck />;
}

function Neck() {
  const { guitar, choice, choose, pins, pin, unpin, profile } = useWorkspace();
  const { stack, leastNotes, labels, thickOnTop, spacing, stage } = choice;
  const [mapOnly, setMapOnly] = useState(false);
  const { listing, orders, list, nextOrder } = useListing();
  const [tapped, setTapped] = useState<DegreePosition | null>(null);
  const { map, answer, isCurrent, failed } = useGrips(listing);
  const { positions, naturalsOn } = useMarks(map);
  const { grip, fingering } = answer ?? {};
  const inFront = map === answer?.map && !mapOnly && Boolean(grip);
  const shown = useMemo(
    (): ShownGrip | null =>
      inFront && grip && fingering ? { fingering, tones: grip.tones } : null,
    [inFront, grip, fingering],
  );
  // The neck is painted first; the list and the close-up may follow a frame later.
  const listed = useAfterPaint(answer);
  useAddress(writeAddress(choice));

  const take = useEvent((next: Grip | undefined, way: Fingering | undefined = next?.best) => {
    if (!way) return;
    setMapOnly(false);
    choose({ chosen: { fretting: way.fretting, fingers: way.fingers } });
  });
  const takeThrough = useEvent((position: DegreePosition) => {
    setTapped(position);
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
    shown && isCurrent
      ? {
          guitarId: guitar.id,
          tuningMidi: choice.tuningMidi,
          root: choice.root,
          stack,
          leastNotes,
          fretting: shown.fingering.fretting,
          fingers: shown.fingering.fingers,
        }
      : null;
  const pinned = content ? findPin(pins, content) : undefined;
  const togglePin = useEvent(() => {
    if (pinned) unpin(pinned);
    else if (content) pin(content);
  });

  const listedNeighbours = useNeighbours(listed);
  // For a moment the list may still belong to the grip before.
  const neighbours = listed?.grip === answer?.grip ? listedNeighbours : NO_NEIGHBOURS;
  const takeNeighbour = useEvent(({ stack: other, grip: { best, tones } }: Neighbour) => {
    setMapOnly(false);
    const played = tones.filter((tone) => tone !== null).sort((a, b) => a - b);
    choose({
      // In free mode most neighbours are in the same list.
      ...(isVoicing({ stack, leastNotes }, played) ? {} : { stack: other, leastNotes: null }),
      chosen: { fretting: best.fretting, fingers: best.fingers },
    });
  });
  const { sounding, hear } = useHearing();
  const hearGrip = useEvent((manner: Parameters<typeof hear>[1]) => {
    if (shown) hear(soundingMidi(map.neck, shown.fingering.fretting), manner);
  });
  useNeckKeys({
    step,
    togglePin,
    toggleMap: () => setMapOnly(!mapOnly),
    nextOrder,
    otherFingers: () => {
      if (grip && fingering && answer) take(grip, following(answer.ways, fingering));
    },
    hear: hearGrip,
    neighbours,
    takeNeighbour,
  });

  const neckView = (
    <NeckView
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
    return (
      <StageView
        answer={listed}
        neckView={neckView}
        sounding={sounding}
        onHear={hearGrip}
        onStep={step}
      />
    );
  }
  return (
    <div className="space-y-2.5">
      <h1 className="sr-only">Neck</h1>
      <NeckTools answer={listed} positions={positions} />
      {neckView}
      {map !== answer?.map && leastNotes !== null && (
        <p role="status" className="text-lg">
          <NoteText>{`Finding every voicing of ${map.chordName}…`}</NoteText>
        </p>
      )}
      {failed && <p role="alert">The grips could not be worked out. Reload the page.</p>}
      {listed && (
        <GripSection
          answer={listed}
          inFront={inFront}
          isCurrent={isCurrent}
          pinned={pinned !== undefined}
          onTake={take}
          onTogglePin={togglePin}
          listing={listing}
          orders={orders}
          tapped={tapped}
          onList={list}
          thickOnTop={thickOnTop}
          sounding={sounding}
          onHear={hearGrip}
        />
      )}
      {/* What stands below the list waits for it, and keeps its room, so that nothing jumps. */}
      {listed && (
        <div className="min-h-26">
          {inFront && neighbours.length > 0 && (
            <NeighbourStrip neighbours={neighbours} onTake={takeNeighbour} />
          )}
        </div>
      )}
      {listed && <HintStrip />}
      {(listed || failed) && <PinStrip />}
    </div>
  );
}
