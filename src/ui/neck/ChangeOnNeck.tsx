import { rootOfGrip, type ArrangedChord } from "@/core/arrangement";
import { type HandChange } from "@/core/motion";
import { tonesOverRoot } from "@/core/fretting";
import { type Fingering } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { pitchClassOf, type Accidentals } from "@/core/pitch";
import { type Spacing } from "@/state";
import { fingersWords, spokenNotes } from "@/ui/text";
import { NeckGrip } from "./NeckGrip";
import { OutlinedGrip } from "./OutlinedGrip";
import { type NeckScale } from "./neckScale";
import { PlainNeck } from "./PlainNeck";

interface Held {
  readonly chord: Pick<ArrangedChord, "name" | "chord" | "notes">;
  readonly fingering: Fingering;
}

interface ChangeOnNeckProps {
  readonly neck: Neck;
  readonly leftHanded: boolean;
  readonly thickOnTop: boolean;
  readonly spacing: Spacing;
  readonly accidentals: Accidentals;
  readonly change: HandChange;
  readonly from: Held;
  readonly to: Held;
}

/** Both grips of a change: the one that is left as outlines, the one that is reached in full, arrows between. */
export function ChangeOnNeck({ change, from, to, ...seen }: ChangeOnNeckProps) {
  const { neck } = seen;
  const root = rootOfGrip(to.chord, neck, to.fingering.fretting);
  return (
    <figure className="space-y-2">
      <PlainNeck
        {...seen}
        inSight={to.fingering.fretting}
        label={spokenNotes(`${from.chord.name} to ${to.chord.name}: ${fingersWords(change)}`)}
        marks={(scale) => (
          <>
            <OutlinedGrip scale={scale} fingering={from.fingering} />
            <NeckGrip
              scale={scale}
              openMidi={neck.midi}
              grip={{
                fingering: to.fingering,
                tones: tonesOverRoot(neck, to.fingering.fretting, pitchClassOf(root)),
              }}
              root={root}
              labels="finger"
              sizeAt={scale.gripSize}
            />
            <Arrows scale={scale} change={change} from={from.fingering} to={to.fingering} />
          </>
        )}
      />
      <figcaption className="text-[15px] text-muted">
        Outlines: the grip that is left. {fingersWords(change)}.
      </figcaption>
    </figure>
  );
}

interface ArrowsProps {
  readonly scale: NeckScale;
  readonly change: HandChange;
  readonly from: Fingering;
  readonly to: Fingering;
}

/** Where each finger goes that slides, or leaves one string for another. */
function Arrows({ scale, change, from, to }: ArrowsProps) {
  const moving = [...change.slid, ...change.landed.filter((each) => change.lifted.includes(each))];
  return moving.map((finger) => {
    const [start, end] = [from, to].map(({ fretting, fingers }) => {
      const string = fingers.indexOf(finger);
      const fret = fretting[string];
      return fret === null || fret === undefined
        ? null
        : { x: scale.markX(string, fret), y: scale.stringY(string) };
    });
    if (!start || !end) return null;
    const length = Math.hypot(end.x - start.x, end.y - start.y);
    if (length < 40) return null;
    const [ux, uy] = [(end.x - start.x) / length, (end.y - start.y) / length];
    const tip = { x: end.x - ux * 20, y: end.y - uy * 20 };
    return (
      <g key={finger} aria-hidden="true" stroke="var(--on-slab)" fill="var(--on-slab)">
        <line
          x1={start.x + ux * 20}
          y1={start.y + uy * 20}
          x2={tip.x - ux * 6}
          y2={tip.y - uy * 6}
          strokeWidth={2}
          strokeDasharray={change.slid.includes(finger) ? undefined : "2 5"}
        />
        <path
          d={`M ${tip.x} ${tip.y} L ${tip.x - ux * 10 - uy * 5} ${tip.y - uy * 10 + ux * 5} L ${tip.x - ux * 10 + uy * 5} ${tip.y - uy * 10 - ux * 5} Z`}
          strokeWidth={0}
        />
      </g>
    );
  });
}
