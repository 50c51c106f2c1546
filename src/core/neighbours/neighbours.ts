import { tonesOverRoot, type Fretting } from "@/core/fretting";
import { findGrips, type Grip } from "@/core/grip";
import { middleOf, type Middle, type Player } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { pitchClassOf, type Note } from "@/core/pitch";
import { type Voicing } from "@/core/voicing";
import { growVoicing, invertVoicing, shrinkVoicing } from "./voicings";

export type NeighbourKind =
  | "up the neck"
  | "down the neck"
  | "thinner strings"
  | "thicker strings"
  | "inversion"
  | "one note more"
  | "one note less";

/** A grip one step from another. */
export interface Neighbour {
  readonly kind: NeighbourKind;
  readonly voicing: Voicing;
  readonly grip: Grip;
}

/**
 * The grips one step from a grip: the next place up and down the neck on the same strings, the same
 * chord one string over, its inversion, one note more, one note less; each the nearest there is.
 */
export function findNeighbours(
  neck: Neck,
  root: Note,
  voicing: Voicing,
  fretting: Fretting,
  player: Player = {},
): readonly Neighbour[] {
  const here = placeOf(neck, fretting);
  const strings = stringsOf(fretting);
  const isHere = (grip: Grip) => grip.fretting.join() === fretting.join();
  const nearest = (kind: NeighbourKind, of: Voicing, grips: readonly Grip[]): Neighbour[] => {
    const [grip] = grips
      .filter((each) => !isHere(each))
      .map((each) => ({ each, mm: apartMm(here, placeOf(neck, each.fretting)) }))
      .sort((a, b) => a.mm - b.mm || a.each.best.effort - b.each.best.effort)
      .map(({ each }) => each);
    return grip ? [{ kind, voicing: of, grip }] : [];
  };
  const ofVoicing = (kind: NeighbourKind, other: Voicing | null): Neighbour[] =>
    other ? nearest(kind, other, findGrips(neck, root, other, player)) : [];

  // The same grip has the same tones in the same order on its strings.
  const tones = playedTones(tonesOverRoot(neck, fretting, pitchClassOf(root)));
  const same = findGrips(neck, root, voicing, player).filter(
    (grip) => playedTones(grip.tones) === tones,
  );
  const onStrings = (shift: number) => {
    const wanted = strings.map((string) => string + shift).join();
    return same.filter((grip) => stringsOf(grip.fretting).join() === wanted);
  };
  const along = (grip: Grip) => placeOf(neck, grip.fretting).alongMm - here.alongMm;
  return [
    ...nearest(
      "up the neck",
      voicing,
      onStrings(0).filter((grip) => along(grip) > 0),
    ),
    ...nearest(
      "down the neck",
      voicing,
      onStrings(0).filter((grip) => along(grip) < 0),
    ),
    ...nearest("thinner strings", voicing, onStrings(1)),
    ...nearest("thicker strings", voicing, onStrings(-1)),
    ...ofVoicing("inversion", invertVoicing(voicing)),
    ...ofVoicing("one note more", growVoicing(voicing)),
    ...ofVoicing("one note less", shrinkVoicing(voicing)),
  ];
}

/** An open grip stands at the nut. */
const NUT: Middle = { alongMm: 0, acrossMm: 0 };

function placeOf(neck: Neck, fretting: Fretting): Middle {
  return middleOf(neck, fretting) ?? NUT;
}

function apartMm(a: Middle, b: Middle): number {
  return Math.hypot(a.alongMm - b.alongMm, a.acrossMm - b.acrossMm);
}

function playedTones(tones: readonly (number | null)[]): string {
  return tones.filter((tone) => tone !== null).join();
}

function stringsOf(fretting: Fretting): readonly number[] {
  return fretting.flatMap((fret, string) => (fret === null ? [] : [string]));
}
