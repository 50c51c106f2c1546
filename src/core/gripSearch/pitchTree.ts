import { type Midi } from "@/core/pitch";

/**
 * Tunings as a prefix tree with a level for each string, thickest first. Tunings with the same thick strings share
 * a branch, so the search visits it once for all of them.
 */
export interface PitchTree {
  /** By string: the pitches that it may be tuned to. */
  readonly pitches: readonly (readonly Midi[])[];
  /** By string; the nodes of the last are the tunings. */
  readonly levels: readonly PitchLevel[];
}

interface PitchLevel {
  /** By node: which of the string's pitches it stands for. */
  readonly pitch: Int32Array;
  readonly parent: Int32Array;
  /** By parent, with one more entry at the end: its first child. Its children end where the next parent's begin. */
  readonly firstChild: Int32Array;
}

/**
 * @param codes one for each tuning, ascending: which pitch each string has, as digits whose base is
 *   the count of the string's pitches, the thickest string first
 */
export function makePitchTree(
  pitches: readonly (readonly Midi[])[],
  codes: Float64Array,
): PitchTree {
  const levels: PitchLevel[] = [];
  let nodes = codes;
  for (const { length: base } of pitches.toReversed()) {
    const parents = new Float64Array(nodes.length);
    const pitch = new Int32Array(nodes.length);
    const parent = new Int32Array(nodes.length);
    const firstChild: number[] = [];
    for (const [node, code] of nodes.entries()) {
      const parentCode = Math.floor(code / base);
      if (firstChild.length === 0 || parentCode !== parents[firstChild.length - 1]) {
        parents[firstChild.length] = parentCode;
        firstChild.push(node);
      }
      pitch[node] = code - parentCode * base;
      parent[node] = firstChild.length - 1;
    }
    nodes = parents.subarray(0, firstChild.length);
    levels.unshift({ pitch, parent, firstChild: Int32Array.from([...firstChild, pitch.length]) });
  }
  return { pitches, levels };
}

/** The tree of a single tuning. */
export function onePitchTree(midi: readonly Midi[]): PitchTree {
  return makePitchTree(
    midi.map((pitch) => [pitch]),
    new Float64Array(1),
  );
}

/** The pitches of one tuning of a tree, thickest string first. */
export function tuningAt({ pitches, levels }: PitchTree, tuning: number): readonly Midi[] {
  const midi: Midi[] = [];
  let node = tuning;
  for (let string = levels.length - 1; string >= 0; string--) {
    const { pitch, parent } = levels[string] ?? { pitch: [], parent: [] };
    midi.unshift(pitches[string]?.[pitch[node] ?? 0] ?? 0);
    node = parent[node] ?? 0;
  }
  return midi;
}

export function countTunings({ levels }: PitchTree): number {
  return levels.at(-1)?.pitch.length ?? 0;
}

/** One value for each tuning of a tree, and for each node the highest among the tunings below it. */
export interface HighestBelow {
  /** Level 0 is the root alone; the nodes of string 0 are at level 1. */
  readonly at: (level: number, node: number) => number;
  /** Lowers the value of a tuning. */
  readonly lower: (tuning: number, value: number) => void;
}

export function highestBelow({ levels }: PitchTree, values: Float64Array): HighestBelow {
  const max: Float64Array[] = [Float64Array.from(values)];
  const maxOf = (children: Float64Array, firstChild: Int32Array, node: number) => {
    let highest = -Infinity;
    for (let child = firstChild[node] ?? 0; child < (firstChild[node + 1] ?? 0); child++) {
      highest = Math.max(highest, children[child] ?? -Infinity);
    }
    return highest;
  };
  for (const { firstChild } of levels.toReversed()) {
    const children = max[0] ?? values;
    const parents = new Float64Array(firstChild.length - 1);
    for (const node of parents.keys()) parents[node] = maxOf(children, firstChild, node);
    max.unshift(parents);
  }
  return {
    at: (level, node) => max[level]?.[node] ?? -Infinity,
    lower: (tuning, value) => {
      let node = tuning;
      let lowered = value;
      for (let level = levels.length; ; level--) {
        const here = max[level];
        if (!here || here[node] === lowered) return;
        here[node] = lowered;
        const above = levels[level - 1];
        if (!above) return;
        node = above.parent[node] ?? 0;
        lowered = maxOf(here, above.firstChild, node);
      }
    },
  };
}
