import { type Fretting } from "@/core/fretting";
import { type Midi } from "@/core/pitch";
import { FREE_WEIGHTS, VOICING_WEIGHTS } from "./fittedPreference";
import { TILTS, type Tilt, type TiltName } from "./tilt";
import { PREFERENCE_TERMS, TERM_OF_FREE, TERM_OF_VOICING, type PreferenceTerm } from "./terms";
import { countFreeTraits, countVoicingTraits, LOW_E, type Look } from "./traits";

type PreferenceTerms = Readonly<Record<PreferenceTerm | TiltName, number>>;

/**
 * What players would rather avoid, in effort points: added to
 * the effort, it puts the usual grip first. It knows the fretting and what it sounds, not the hand.
 */
export interface Preference {
  /** The sum of `terms`. */
  readonly points: number;
  readonly terms: PreferenceTerms;
}

const NO_TILTS: readonly Tilt[] = [];
const NOTHING: PreferenceTerms = Object.fromEntries(
  [...PREFERENCE_TERMS, ...TILTS].map((term) => [term, 0]),
) as unknown as PreferenceTerms;

export function preferenceOf(look: Look, tilts: readonly Tilt[] = NO_TILTS): Preference {
  if (look.midi.length === 0) return { points: 0, terms: NOTHING };
  const terms: Record<PreferenceTerm | TiltName, number> = { ...NOTHING };
  if (look.requested.kind === "voicing") {
    countVoicingTraits(look, (trait, amount) => {
      terms[TERM_OF_VOICING[trait]] += VOICING_WEIGHTS[trait] * amount;
    });
  } else {
    countFreeTraits(look, (trait, amount) => {
      terms[TERM_OF_FREE[trait]] += FREE_WEIGHTS[trait] * amount;
    });
  }
  for (const tilt of tilts) terms[tilt.name] += tiltPoints(tilt, look.fretting, look.midi);
  let points = 0;
  for (const value of Object.values(terms)) points += value;
  return { points, terms };
}

/** The same sum without its terms, for when very many frettings are weighed. */
export function preferencePoints(look: Look, tilts: readonly Tilt[] = NO_TILTS): number {
  let points = 0;
  if (look.requested.kind === "voicing") {
    countVoicingTraits(look, (trait, amount) => {
      points += VOICING_WEIGHTS[trait] * amount;
    });
  } else {
    countFreeTraits(look, (trait, amount) => {
      points += FREE_WEIGHTS[trait] * amount;
    });
  }
  for (const tilt of tilts) points += tiltPoints(tilt, look.fretting, look.midi);
  return points;
}

/** What one shift alone adds. */
export function tiltPoints(tilt: Tilt, fretting: Fretting, midi: readonly Midi[]): number {
  const { perOpenString = 0, perSemitone = 0, perFret = 0, near } = tilt;
  let open = 0;
  let lowestFret = Infinity;
  for (const fret of fretting) {
    if (fret === 0) open++;
    else if (fret !== null && fret < lowestFret) lowestFret = fret;
  }
  let points = perOpenString * open;
  if (perSemitone !== 0) points += perSemitone * (Math.min(...midi) - LOW_E);
  if (lowestFret === Infinity) return points;
  points += perFret * lowestFret;
  return near ? points + near.perFret * Math.abs(lowestFret - near.fret) : points;
}
