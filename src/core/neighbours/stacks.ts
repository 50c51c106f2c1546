import { pitchClass, SEMITONES_PER_OCTAVE } from "@/core/pitch";
import { type Stack } from "@/core/stack";

/** The stack with its lowest tone an octave (or more) up, so that another is in the bass; null for one tone. */
export function invertStack(stack: Stack): Stack | null {
  const [lowest, ...others] = stack;
  const highest = others.at(-1);
  if (lowest === undefined || highest === undefined) return null;
  let raised = lowest;
  while (raised <= highest) raised += SEMITONES_PER_OCTAVE;
  const inverted = [...others, raised];
  // A root and its octave turn into themselves.
  return isSameShape(inverted, stack) ? null : lowestRootAtZero(inverted);
}

/** The stack with the next tone of its own degrees on top. */
export function growStack(stack: Stack): Stack {
  const degrees = new Set(stack.map(pitchClass));
  let next = (stack.at(-1) ?? 0) + 1;
  while (!degrees.has(pitchClass(next))) next++;
  return [...stack, next];
}

/** The stack without its highest tone; null where fewer than two would be left. */
export function shrinkStack(stack: Stack): Stack | null {
  return stack.length > 2 ? lowestRootAtZero(stack.slice(0, -1)) : null;
}

function isSameShape(a: Stack, b: Stack): boolean {
  const shift = (a[0] ?? 0) - (b[0] ?? 0);
  return shift % SEMITONES_PER_OCTAVE === 0 && a.every((tone, index) => tone - shift === b[index]);
}

/** Stacks are told from their lowest root; one without a root stays as it is. */
function lowestRootAtZero(stack: Stack): Stack {
  const root = stack.find((tone) => pitchClass(tone) === 0);
  return root === undefined ? stack : stack.map((tone) => tone - root);
}
