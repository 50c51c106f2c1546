import { type ArrangedChord, type Arrangement } from "@/core/arrangement";
import { sayChordTexture, sayTexture, type Chart } from "@/core/song";
import { barWords, sectionName } from "./words";

/** Of what a texture is said: the section, the bar, the chord. */
export function scopesOf(chord: ArrangedChord | undefined, sectionKey: string): readonly string[] {
  const section = sectionName(sectionKey);
  return chord ? [section, barWords(chord.playedBar), `${chord.name} there`] : [section];
}

/** The text with a texture said of a scope, by its place among `scopesOf`. */
export function withTexture(
  text: string,
  chart: Chart,
  section: number,
  chord: ArrangedChord | undefined,
  scope: number,
  texture: string | null,
): string {
  const bar = chord && chart.sections[chord.section]?.bars[chord.bar];
  if (!bar || scope === 0) return sayTexture(text, section, texture);
  const played = scope === 1 ? [...bar.chords, ...bar.notes] : [chord];
  return sayChordTexture(
    text,
    played.flatMap(({ place }) => place ?? []),
    texture,
  );
}

/** What is said of a section: the texture of its first chord. */
export function firstTexture({ chords }: Arrangement, section: number): string | null {
  return chords.find((each) => each.section === section)?.texture ?? null;
}

const STEPS_A_QUARTER = 4;

/** Sixteenths in a whole bar. */
export function stepsOf({ bars }: Arrangement, playedBar: number): number {
  const [counts = 4, unit = 4] = (bars[playedBar]?.meter ?? "4/4").split("/").map(Number);
  return Math.max(4, Math.min(24, Math.round((counts * 4 * STEPS_A_QUARTER) / unit)));
}
