import { type Voicing } from "@/core/voicing";
import { markRole, MarkShape } from "@/ui/neck";

const COLUMN_HEIGHT = 42;
const MARK_SIZE = 4.5;
const WIDEST_PX = 2.4;

/** A voicing as a little column of marks, spaced by semitones, lowest at the bottom. */
export function VoicingColumn({ voicing }: { readonly voicing: Voicing }) {
  const [lowest, highest] = [Math.min(...voicing), Math.max(...voicing)];
  const room = COLUMN_HEIGHT - 3 * MARK_SIZE;
  // Wide voicings are drawn closer, so that every column stays in its button.
  const pxPerSemitone = Math.min(WIDEST_PX, room / Math.max(highest - lowest, 1));
  const foot = (COLUMN_HEIGHT + (highest - lowest) * pxPerSemitone) / 2;
  const y = (tone: number) => foot - (tone - lowest) * pxPerSemitone;
  const tones = [...voicing].sort((a, b) => a - b);
  return (
    <svg width={18} height={COLUMN_HEIGHT} aria-hidden="true" className="rounded bg-slab">
      <line
        x1={9}
        x2={9}
        y1={y(tones[0] ?? 0)}
        y2={y(tones.at(-1) ?? 0)}
        stroke="var(--string)"
        strokeWidth={1}
      />
      {tones.map((tone, index) => (
        <MarkShape key={index} role={markRole(tone)} x={9} y={y(tone)} size={MARK_SIZE} />
      ))}
    </svg>
  );
}
