import { type Fretting } from "@/core/fretting";
import { type Finger } from "@/core/hand";
import { writtenOut } from "./played";
import { type Score, type ScoreBar, type ScoreChord } from "./score";
import { strumBar } from "./strumNotes";

/** How a chord is played. */
export interface PlayedGrip {
  readonly fretting: Fretting;
  /** Null where nothing is said of them. */
  readonly fingers: readonly (Finger | 0)[] | null;
}

/**
 * A score whose chords have the grips of a route. `grips` has one for each chord that sounds, as played; null leaves what a
 * chord has. A bar that is played again keeps the grips of its first time; write the score out first where each time counts.
 */
export function withGrips(score: Score, grips: readonly (PlayedGrip | null)[]): Score {
  const bars = new Map<string, ScoreBar>();
  const hasNotes = score.sections.some((section) => section.bars.some((bar) => bar.notes.length));
  let played = 0;
  for (const [section, index] of score.order) {
    const bar = score.sections[section]?.bars[index];
    if (!bar) continue;
    const chords = bar.chords.map((chord): ScoreChord => {
      if (chord.reducedTo === null) return chord;
      const grip = grips[played++];
      return grip ? { ...chord, fretting: grip.fretting, fingers: grip.fingers } : chord;
    });
    const key = `${section} ${index}`;
    if (bars.has(key)) continue;
    const gripped = { ...bar, chords };
    bars.set(key, hasNotes ? gripped : { ...gripped, notes: strumBar(gripped) });
  }
  return {
    ...score,
    sections: score.sections.map(({ bars: own, ...known }, section) => ({
      ...known,
      bars: own.map((bar, index) => bars.get(`${section} ${index}`) ?? bar),
    })),
  };
}

/** The grips that stand in a score already, by chord as played: what its file wrote, or what its notes are. */
export function ownGrips(score: Score): readonly (PlayedGrip | null)[] {
  return writtenOut(score).sections.flatMap(({ bars }) =>
    bars.flatMap(({ chords }) =>
      chords
        .filter(({ reducedTo }) => reducedTo !== null)
        .map(({ fretting, fingers }) => fretting && { fretting, fingers }),
    ),
  );
}
