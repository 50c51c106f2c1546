import { hasItsBass, type Chord } from "@/core/chart";
import { soundingMidi, type Fretting } from "@/core/fretting";
import { findGrips, findSetGrips, type Grip, type Taste } from "@/core/grip";
import { type Neck } from "@/core/neck";
import { pitchClassOf } from "@/core/pitch";
import { requestSet, requestVoicing, type RequestedChord } from "@/core/preference";

/** What the chord asks of its grips, for the preference of players. */
export function requestOf({ root, tones }: Chord): RequestedChord {
  const rootClass = pitchClassOf(root);
  return tones.kind === "voicing"
    ? requestVoicing(rootClass)
    : requestSet(rootClass, tones.allowed, tones.bass, tones.bassIsForeign);
}

/** Every grip of a chord that this player can hold, usual first. May throw TooManyFrettings. */
export function findChordGrips(neck: Neck, chord: Chord, player: Taste = {}): readonly Grip[] {
  const { root, tones } = chord;
  if (tones.kind === "voicing") return findGrips(neck, root, tones.voicing, player);
  const strings = neck.midi.length;
  const set = {
    allowed: tones.allowed,
    required: tones.required,
    minNotes: Math.min(tones.minNotes, strings),
    maxNotes: strings,
  };
  const passes = (fretting: Fretting) => hasItsBass(chord, soundingMidi(neck, fretting));
  return findSetGrips(neck, root, set, player, passes, requestOf(chord));
}
