import { pitchClass, SEMITONES_PER_OCTAVE } from "@/core/pitch";
import { type Voicing } from "@/core/voicing";

/** The voicing with its lowest tone an octave (or more) up, so that another is in the bass; null for one tone. */
export function invertVoicing(voicing: Voicing): Voicing | null {
  const [lowest, ...others] = voicing;
  const highest = others.at(-1);
  if (lowest === undefined || highest === undefined) return null;
  let raised = lowest;
  while (raised <= highest) raised += SEMITONES_PER_OCTAVE;
  const inverted = [...others, raised];
  // A root and its octave turn into themselves.
  return isSameShape(inverted, voicing) ? null : lowestRootAtZero(inverted);
}

/** The voicing with the next tone of its own degrees on top. */
export function growVoicing(voicing: Voicing): Voicing {
  const degrees = new Set(voicing.map(pitchClass));
  let next = (voicing.at(-1) ?? 0) + 1;
  while (!degrees.has(pitchClass(next))) next++;
  return [...voicing, next];
}

/** The voicing without its highest tone; null where fewer than two would be left. */
export function shrinkVoicing(voicing: Voicing): Voicing | null {
  return voicing.length > 2 ? lowestRootAtZero(voicing.slice(0, -1)) : null;
}

function isSameShape(a: Voicing, b: Voicing): boolean {
  const shift = (a[0] ?? 0) - (b[0] ?? 0);
  return shift % SEMITONES_PER_OCTAVE === 0 && a.every((tone, index) => tone - shift === b[index]);
}

/** Voicings are told from their lowest root; one without a root stays as it is. */
function lowestRootAtZero(voicing: Voicing): Voicing {
  const root = voicing.find((tone) => pitchClass(tone) === 0);
  return root === undefined ? voicing : voicing.map((tone) => tone - root);
}
