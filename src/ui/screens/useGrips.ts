import { useCallback, useEffect, useMemo, useState } from "react";
import { rankFingers, type Fingering, type Grip, type Player } from "@/core/hand";
import { type Listing, type Loosening } from "@/core/listing";
import { type Neck } from "@/core/neck";
import { pitchClassOf, type Note } from "@/core/pitch";
import { type Voicing } from "@/core/stack";
import { useComputed, useNames, useWorkspace, type Names } from "@/ui/workspace";
import { compute, computeFreely, type GripsAnswer } from "@/worker/client";

/** A chord on a neck. */
export interface ChordMap {
  readonly neck: Neck;
  readonly root: Note;
  readonly voicing: Voicing;
  /** How the player calls the root and its chords. */
  readonly names: Names;
  readonly shownRoot: Note;
  readonly leftHanded: boolean;
  readonly player: Player;
  readonly tuningName: string;
  /** The chord as this player calls it, whether or not it can be played. */
  readonly chordName: string;
}

/** The worker's answer for one map; the two are always shown as one. */
export interface GripAnswer {
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
  readonly ways: readonly Fingering[];
  readonly fingering: Fingering | null;
}

interface Grips {
  /** What to draw on the neck now. */
  readonly map: ChordMap;
  readonly answer: GripAnswer | null;
  /** False while the worker still answers the present question. */
  readonly isCurrent: boolean;
  readonly failed: boolean;
}

/** MIDI number of C4: a chord's name does not depend on its octave. */
const MIDDLE_OCTAVE = 60;

/** An answer that is there within this time is drawn together with its map, in one go. */
const PATIENCE_MS = 30;

/** The grips of the chord at hand, and the one the player chose; the first where none is. */
export function useGrips(listing: Listing): Grips {
  const { neck, root, tuning, guitar, choice, profile } = useWorkspace();
  const names = useNames();
  const { stack, leastNotes, chosen } = choice;
  const asked = useMemo(
    (): ChordMap => ({
      neck,
      root,
      voicing: { stack, leastNotes },
      names,
      shownRoot: names.shownRoot,
      leftHanded: guitar.leftHanded,
      player: { hand: profile, school: profile.school },
      tuningName: tuning.name,
      chordName: names.chord(stack.map((tone) => MIDDLE_OCTAVE + pitchClassOf(root) + tone)),
    }),
    [neck, root, names, stack, leastNotes, guitar.leftHanded, profile, tuning.name],
  );
  const computed = useComputed(
    useCallback(
      async () => ({ map: asked, listed: await askGrips(asked, listing) }),
      [asked, listing],
    ),
  );
  const answer = useMemo(
    () => computed.value && chooseGrip(computed.value.map, computed.value.listed, chosen),
    [computed.value, chosen],
  );
  const isLate = useLate(asked, computed.isCurrent);
  const map = answer && !computed.isCurrent && !isLate ? answer.map : asked;
  return { map, answer, isCurrent: computed.isCurrent, failed: computed.failed };
}

/** A stack is found at once; free mode may take seconds, which a newer question cuts short. */
function askGrips(map: ChordMap, listing: Listing): Promise<GripsAnswer> {
  const { neck, root, voicing, player } = map;
  return voicing.leastNotes === null
    ? compute().grips(neck, root, voicing, player, listing)
    : computeFreely((api) => api.grips(neck, root, voicing, player, listing));
}

interface ChosenFingering {
  readonly fretting: Grip["fretting"];
  readonly fingers: Fingering["fingers"];
}

function chooseGrip(
  map: ChordMap,
  listed: GripsAnswer,
  chosen: ChosenFingering | null,
): GripAnswer {
  const { grips } = listed;
  const key = chosen?.fretting.join();
  const found = grips.findIndex(({ fretting }) => fretting.join() === key);
  const index = found >= 0 || grips.length === 0 ? found : 0;
  const grip = grips[index] ?? null;
  const ways = grip ? rankFingers(map.neck, grip.fretting, map.player) : [];
  const fingers = chosen?.fingers.join();
  const fingering = ways.find((way) => way.fingers.join() === fingers) ?? ways[0] ?? null;
  return { ...listed, map, index, grip, ways, fingering };
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
