import { type Fingering } from "@/core/hand";
import { pitchClass, type Midi, type Note } from "@/core/pitch";
import { type MarkLabel } from "@/state";
import { Mark, markRole } from "./Mark";
import { markText } from "./markText";

/** The part of a drawing's scale that a grip needs. */
export interface GripScale {
  readonly silentX: number;
  readonly stringY: (string: number) => number;
  readonly markX: (string: number, fret: number) => number;
}

export interface ShownGrip {
  readonly fingering: Pick<Fingering, "fretting" | "fingers">;
  /** Per string, semitones over the lowest sounding root; null where not played. */
  readonly tones: readonly (number | null)[];
}

interface NeckGripProps {
  readonly scale: GripScale;
  /** Pitches of the open strings. */
  readonly openMidi: readonly Midi[];
  readonly grip: ShownGrip;
  readonly root: Note;
  readonly labels: MarkLabel;
  /** Half the height of a mark on a fret, in px. */
  readonly sizeAt: (fret: number) => number;
}

/** One fingering: its marks large, a bar where one finger lies across, a cross on silent strings. */
export function NeckGrip({ scale, openMidi, grip, root, labels, sizeAt }: NeckGripProps) {
  const { fretting, fingers } = grip.fingering;
  const degrees = grip.tones.flatMap((tone) => (tone === null ? [] : pitchClass(tone)));
  return (
    <g aria-hidden="true" className="pointer-events-none">
      {barres(grip.fingering).map(({ fret, low, high }) => (
        <line
          key={`${fret}-${low}`}
          x1={scale.markX(low, fret)}
          y1={scale.stringY(low)}
          x2={scale.markX(high, fret)}
          y2={scale.stringY(high)}
          stroke="var(--on-slab)"
          strokeOpacity={0.45}
          strokeWidth={sizeAt(fret) * 1.7}
          strokeLinecap="round"
        />
      ))}
      {fretting.map((fret, string) => {
        const y = scale.stringY(string);
        const tone = grip.tones[string];
        if (fret === null || tone === null || tone === undefined) {
          return <Cross key={string} x={scale.silentX} y={y} size={sizeAt(0) * 0.5} />;
        }
        const role = markRole(tone);
        const midi = (openMidi[string] ?? 0) + fret;
        const label = markText(labels, {
          root,
          midi,
          fret,
          tone,
          finger: fingers[string],
          degrees,
        });
        const x = scale.markX(string, fret);
        const size = sizeAt(fret);
        return <Mark key={string} role={role} x={x} y={y} size={size} label={label} />;
      })}
    </g>
  );
}

function Cross({ x, y, size }: { readonly x: number; readonly y: number; readonly size: number }) {
  return (
    <path
      d={`M ${x - size} ${y - size} L ${x + size} ${y + size} M ${x + size} ${y - size} L ${x - size} ${y + size}`}
      stroke="var(--on-slab)"
      strokeWidth={size * 0.42}
      strokeLinecap="round"
    />
  );
}

interface Barre {
  readonly fret: number;
  readonly low: number;
  readonly high: number;
}

/** Where one finger lies on several strings, from its thickest to its thinnest. */
function barres({ fretting, fingers }: ShownGrip["fingering"]): readonly Barre[] {
  return [...new Set(fingers)].flatMap((finger) => {
    if (finger === 0) return [];
    const [low, high] = [fingers.indexOf(finger), fingers.lastIndexOf(finger)];
    return low === high ? [] : [{ fret: fretting[low] ?? 0, low, high }];
  });
}
