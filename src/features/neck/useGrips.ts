import { useCallback, useEffect, useMemo, useState } from "react";
import { findShape } from "@/core/fretting";
import { type Grip, type Taste } from "@/core/grip";
import { type Fingering } from "@/core/hand";
import { type Listing, type Loosening } from "@/core/listing";
import { type Neck } from "@/core/neck";
import { pitchClassOf, type Note } from "@/core/pitch";
import { type ChordForm } from "@/core/voicing";
import { useInstrument, usePlayer, useSettings, useView } from "@/session";
import { lastValue, useComputed, type Computed } from "@/ui/computed";
import { useNames, type Names } from "@/ui/names";
import { ask, compute, computeAside, type GripsResponse } from "@/worker/client";
import { useAfterPaint } from "./useAfterPaint";

/** A chord on a neck. */
export interface ChordMap {
  readonly neck: Neck;
  readonly root: Note;
  readonly chordForm: ChordForm;
  /** How the player names the root and its chords. */
  readonly names: Names;
  readonly shownRoot: Note;
  readonly leftHanded: boolean;
  readonly player: Taste;
  readonly tuningName: string;
  /** The chord as this player names it, whether or not it can be played. */
  readonly chordName: string;
}

/** The worker's answer for one map; the two are always shown as one. */
export interface GripsState {
  readonly map: ChordMap;
  /** The grips that pass the filter, in the order asked. */
  readonly grips: readonly Grip[];
  /** How many there are without a filter, and what each condition keeps out. */
  readonly total: number;
  /** How many pass it; the list may end before the last. */
  readonly passed: number;
  readonly tooMany: boolean;
  readonly loosenings: readonly Loosening[];
  /** Index of the grip in front, -1 where there is none. */
  readonly index: number;
  readonly grip: Grip | null;
  /** Every way to finger the grip in front, easiest first. */
  readonly fingerings: readonly Fingering[];
  readonly fingering: Fingering | null;
}

interface Grips {
  /** What to draw on the neck now. */
  readonly map: ChordMap;
  /** While the current question is open, the answer to the one before it; null once it failed. */
  readonly answer: GripsState | null;
  readonly state: Computed<unknown>;
}

/** MIDI number of C4: a chord's name does not depend on its octave. */
const MIDDLE_OCTAVE = 60;

/** An answer that is there within this time is drawn together with its map, in one go. */
const PATIENCE_MS = 30;

/** The grips of the current chord, and the one the player chose; the first where none is. */
export function useGrips(listing: Listing): Grips {
  const { neck, root, tuning, guitar } = useInstrument();
  const { view } = useView();
  const { settings } = useSettings();
  const { player } = usePlayer();
  const names = useNames();
  const { voicing, minNotes, chosen } = view;
  const requested = useMemo(
    (): ChordMap => ({
      neck,
      root,
      chordForm: { voicing, minNotes },
      names,
      shownRoot: names.shownRoot,
      leftHanded: guitar.leftHanded,
      player,
      tuningName: tuning.name,
      chordName: names.chord(voicing.map((tone) => MIDDLE_OCTAVE + pitchClassOf(root) + tone)),
    }),
    [neck, root, names, voicing, minNotes, guitar.leftHanded, player, tuning.name],
  );
  const computed = useComputed(
    useCallback(
      async () => ({ map: requested, listed: await askGrips(requested, listing) }),
      [requested, listing],
    ),
  );
  const value = computed.kind === "failed" ? null : lastValue(computed);
  const chosenGrip = useMemo(
    () => value && chooseGrip(value.listed, chosen, settings.keepsShape),
    [value, chosen, settings.keepsShape],
  );
  const fingerings = useFingerings(value?.map ?? requested, chosenGrip?.grip ?? null);
  const answer = useMemo((): GripsState | null => {
    if (!value || !chosenGrip) return null;
    const { grip } = chosenGrip;
    // Told apart by their fingers: what two workers answer is never the same object.
    const wayOf = (fingers: Fingering["fingers"] | undefined) =>
      fingerings.find((each) => each.fingers.join() === fingers?.join());
    const fingering = wayOf(chosen?.fingers) ?? wayOf(grip?.best.fingers) ?? grip?.best ?? null;
    return { ...value.listed, ...chosenGrip, map: value.map, fingerings, fingering };
  }, [value, chosenGrip, fingerings, chosen]);
  const isWaiting = computed.kind === "waiting";
  const isLate = useLate(requested, !isWaiting);
  const map = answer && isWaiting && !isLate ? answer.map : requested;
  return { map, answer, state: computed };
}

/** A voicing is found at once; free mode may take seconds, which a newer question cuts short. */
function askGrips(map: ChordMap, listing: Listing): Promise<GripsResponse> {
  const { neck, root, chordForm, player } = map;
  return chordForm.minNotes === null
    ? compute().grips(neck, root, chordForm, player, listing)
    : ask("grips", { neck, root, chordForm, player, listing }, (api) =>
        api.grips(neck, root, chordForm, player, listing),
      );
}

/**
 * The grip the player chose; where it is not there, as after another root, the same shape elsewhere if that is kept; the
 * first of the list without one.
 */
function chooseGrip(
  { grips }: GripsResponse,
  chosen: { readonly fretting: Grip["fretting"] } | null,
  keepsShape: boolean,
): Pick<GripsState, "index" | "grip"> {
  const key = chosen?.fretting.join();
  const same = grips.findIndex(({ fretting }) => fretting.join() === key);
  const frettings = () => grips.map(({ fretting }) => fretting);
  const moved = chosen && keepsShape && same < 0 ? findShape(frettings(), chosen.fretting) : null;
  const found = moved?.index ?? same;
  const index = found >= 0 || grips.length === 0 ? found : 0;
  return { index, grip: grips[index] ?? null };
}

/** Every way to finger a grip; the best alone until the worker has answered with the others. */
function useFingerings({ neck, player }: ChordMap, grip: Grip | null): readonly Fingering[] {
  // Asked once the grip is on the neck, so that the worker does not keep a small machine from painting.
  const painted = useAfterPaint(grip);
  const computed = useComputed(
    useCallback(
      async () => (painted ? computeAside().fingerings(neck, painted.fretting, player) : []),
      [neck, painted, player],
    ),
  );
  return useMemo(() => {
    if (computed.kind === "ready" && painted === grip) return computed.value;
    return grip ? [grip.best] : [];
  }, [computed, painted, grip]);
}

/** Whether a question has waited for its answer longer than the player should notice. */
function useLate(question: unknown, isAnswered: boolean): boolean {
  const [late, setLate] = useState<unknown>(null);
  useEffect(() => {
    if (isAnswered) return;
    const timer = setTimeout(() => setLate(question), PATIENCE_MS);
    return () => clearTimeout(timer);
  }, [question, isAnswered]);
  return late === question;
}
