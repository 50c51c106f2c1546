import { midiOf, pitchClass, pitchClassOf, SEMITONES_PER_OCTAVE, type Midi } from "@/core/pitch";
import { type Token } from "./tokens";
import { HIGHEST_STRING_MIDI, LOWEST_STRING_MIDI, stepCost } from "./tuning";

interface OctaveChoice {
  readonly midi: readonly Midi[];
  readonly cost: number;
}

/** Readings that cost at most this much more than the best are shown as choices. */
const CLOSE_COST = 4;

/** No letter is taken farther than this from its string's usual pitch, in semitones. */
const FARTHEST = 24;

/**
 * Gives octaves to the letters of a tuning, all together: pitches never descend from thick to
 * thin, and lie as near as possible to the guitar's usual tuning, upward counted double.
 * Octaves that were written stay. Returns the best choice first, then those close to it.
 */
export function chooseOctaves(
  tokens: readonly Token[],
  usual: readonly Midi[],
): readonly OctaveChoice[] {
  let best = Infinity;
  const found: OctaveChoice[] = [];
  const midi: Midi[] = [];
  const visit = (string: number, cost: number): void => {
    if (cost > best + CLOSE_COST) return;
    const token = tokens[string];
    if (!token) {
      best = Math.min(best, cost);
      found.push({ midi: [...midi], cost });
      return;
    }
    for (const candidate of candidates(token, usual[string] ?? 0)) {
      const previous = midi[string - 1] ?? -Infinity;
      const bothWritten = token.octave !== null && (tokens[string - 1]?.octave ?? null) !== null;
      if (candidate < previous && !bothWritten) continue;
      midi.push(candidate);
      visit(string + 1, cost + stepCost((usual[string] ?? candidate) - candidate));
      midi.pop();
    }
  };
  visit(0, 0);
  return found
    .filter((choice) => choice.cost <= best + CLOSE_COST)
    .sort((a, b) => a.cost - b.cost || (a.midi[0] ?? 0) - (b.midi[0] ?? 0));
}

/** The pitches a token may stand for, nearest to the usual one first. */
function candidates(token: Token, usual: Midi): readonly Midi[] {
  if (token.octave !== null) return [midiOf(token.note, token.octave)];
  const below = usual - pitchClass(usual - pitchClassOf(token.note));
  return [-2, -1, 0, 1, 2]
    .map((octaves) => below + octaves * SEMITONES_PER_OCTAVE)
    .filter((midi) => Math.abs(midi - usual) <= FARTHEST)
    .filter((midi) => midi >= LOWEST_STRING_MIDI && midi <= HIGHEST_STRING_MIDI)
    .sort((a, b) => stepCost(usual - a) - stepCost(usual - b));
}
