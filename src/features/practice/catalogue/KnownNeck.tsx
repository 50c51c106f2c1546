import { useMemo, type ReactNode } from "react";
import { type DrillRig } from "@/core/drill";
import {
  CARD_FRETS,
  cardAt,
  cardId,
  KNOWING,
  learningOrder,
  type Knowing,
  type NoteCard,
} from "@/core/recall";
import { useRig, useView } from "@/session";
import { type Guitar } from "@/state";
import { type CardStanding } from "@/wire";
import { PlainNeck, type NeckScale } from "@/ui/neck";
import { KNOWING_WORDS } from "@/features/practice/state";

interface KnownNeckProps {
  readonly rig: DrillRig;
  readonly guitar: Guitar;
  readonly cards: ReadonlyMap<string, CardStanding>;
  /** Stands below the counts. */
  readonly children?: ReactNode;
}

/** The neck, each place shaped by how well its note is known: a dot, an open ring, a half disc, a full disc. */
export function KnownNeck({ rig, guitar, cards, children }: KnownNeckProps) {
  const last = Math.min(rig.neck.frets, CARD_FRETS);
  // From there on everything comes again.
  const neck = useMemo(() => ({ ...rig.neck, frets: last }), [rig.neck, last]);
  const { accidentals } = useRig().profile;
  const { thickOnTop, spacing } = useView().view;
  const knowingOf = (card: NoteCard) => cards.get(cardId(card))?.knowing ?? "never asked";
  const all = learningOrder(neck).map(knowingOf);
  const count = (knowing: Knowing) => all.filter((each) => each === knowing).length;
  const told = KNOWING.map((knowing) => `${count(knowing)} ${KNOWING_WORDS[knowing]}`).join(", ");
  return (
    <section aria-label="How well you know the neck" className="space-y-2">
      <h2 className="text-xl font-semibold">The neck as you know it</h2>
      <PlainNeck
        neck={neck}
        leftHanded={guitar.leftHanded}
        thickOnTop={thickOnTop}
        spacing={spacing}
        accidentals={accidentals}
        label={`Of ${all.length} places: ${told}`}
        marks={(scale) => (
          <g aria-hidden="true">
            {neck.midi.map((_, string) =>
              Array.from({ length: last + 1 }, (__, fret) => (
                <KnowingMark
                  key={`${string} ${fret}`}
                  scale={scale}
                  string={string}
                  fret={fret}
                  knowing={knowingOf(cardAt(neck, string, fret))}
                />
              )),
            )}
          </g>
        )}
      />
      <ul className="flex flex-wrap gap-x-5 gap-y-1">
        {KNOWING.map((knowing) => (
          <li key={knowing} className="flex items-center gap-2">
            <svg width={24} height={24} aria-hidden="true" className="rounded-sm bg-slab">
              <Shape x={12} y={12} size={8} knowing={knowing} />
            </svg>
            <span className="figures">{`${count(knowing)} ${KNOWING_WORDS[knowing]}`}</span>
          </li>
        ))}
      </ul>
      {children}
    </section>
  );
}

interface KnowingMarkProps {
  readonly scale: NeckScale;
  readonly string: number;
  readonly fret: number;
  readonly knowing: Knowing;
}

/** Marks never fill the space between two strings. */
const MARK_SHARE = 0.62;

function KnowingMark({ scale, string, fret, knowing }: KnowingMarkProps) {
  return (
    <Shape
      x={scale.markX(string, fret)}
      y={scale.stringY(string)}
      size={scale.gripSize(fret) * MARK_SHARE}
      knowing={knowing}
    />
  );
}

interface ShapeProps {
  readonly x: number;
  readonly y: number;
  readonly size: number;
  readonly knowing: Knowing;
}

function Shape({ x, y, size, knowing }: ShapeProps) {
  if (knowing === "never asked") return <circle cx={x} cy={y} r={2} fill="var(--on-slab-muted)" />;
  const ring = (
    <circle cx={x} cy={y} r={size} fill="var(--slab)" stroke="var(--on-slab)" strokeWidth={2} />
  );
  if (knowing === "shaky") return ring;
  if (knowing === "known") {
    return (
      <>
        {ring}
        <path
          d={`M ${x - size} ${y} A ${size} ${size} 0 0 0 ${x + size} ${y} Z`}
          fill="var(--on-slab)"
        />
      </>
    );
  }
  return (
    <circle cx={x} cy={y} r={size} fill="var(--on-slab)" stroke="var(--on-slab)" strokeWidth={2} />
  );
}
