import { memo } from "react";
import { type Neck } from "@/core/neck";
import { noteTexts, type Accidentals } from "@/core/pitch";
import { NoteTspans } from "@/ui/text";
import { type NeckScale } from "./neckScale";

const INLAY_FRETS = [3, 5, 7, 9, 12, 15, 17, 19, 21, 24, 27, 29, 31, 33, 36];
const THINNEST_PX = 1.2;
const THICKEST_PX = 3.6;

interface BoardProps {
  readonly neck: Neck;
  readonly scale: NeckScale;
}

interface NeckBoardProps extends BoardProps {
  /** How to spell the open notes; null leaves their column to others. */
  readonly accidentals: Accidentals | null;
}

/** The instrument itself: board, wires, inlays, strings, fret numbers and open notes. */
export const NeckBoard = memo(function NeckBoard({ neck, scale, accidentals }: NeckBoardProps) {
  const last = neck.midi.length - 1;
  const openNotes = accidentals && noteTexts(neck.midi, accidentals);
  const { topString, bottomString } = scale;
  const [top, bottom] = [scale.stringY(topString) - 16, scale.stringY(bottomString) + 16];
  const frets = Array.from({ length: neck.frets }, (_, index) => index + 1);
  const board = [
    `${scale.wireX(topString, 0)},${top}`,
    `${scale.wireX(topString, neck.frets)},${top}`,
    `${scale.wireX(bottomString, neck.frets)},${bottom}`,
    `${scale.wireX(bottomString, 0)},${bottom}`,
  ].join(" ");
  return (
    <g aria-hidden="true">
      <polygon points={board} fill="var(--board)" />
      {frets.map((fret) => (
        <Inlay key={fret} neck={neck} scale={scale} fret={fret} />
      ))}
      {frets.map((fret) => (
        <line
          key={fret}
          x1={scale.wireX(topString, fret)}
          y1={top}
          x2={scale.wireX(bottomString, fret)}
          y2={bottom}
          stroke="var(--wire)"
          strokeWidth={1.6}
        />
      ))}
      <Nut neck={neck} scale={scale} top={top} bottom={bottom} />
      {neck.midi.map((_, string) => (
        <g key={string}>
          <line
            x1={scale.stringsX[0]}
            x2={scale.stringsX[1]}
            y1={scale.stringY(string)}
            y2={scale.stringY(string)}
            stroke="var(--string)"
            strokeWidth={THICKEST_PX - ((THICKEST_PX - THINNEST_PX) * string) / Math.max(last, 1)}
          />
          {openNotes && (
            <text
              x={scale.labelX}
              y={scale.stringY(string)}
              dy="0.35em"
              textAnchor="middle"
              fontSize={18}
              fontWeight={600}
              color="var(--on-slab)"
              fill="currentColor"
            >
              <NoteTspans>{openNotes[string] ?? ""}</NoteTspans>
            </text>
          )}
        </g>
      ))}
      {frets.map((fret) => (
        <FretNumber key={fret} neck={neck} scale={scale} fret={fret} />
      ))}
    </g>
  );
});

interface NutProps extends BoardProps {
  readonly top: number;
  readonly bottom: number;
}

/** The nut, or the capo with the number of the fret that it holds. */
function Nut({ neck, scale, top, bottom }: NutProps) {
  const hasCapo = neck.capo > 0;
  return (
    <>
      <line
        x1={scale.wireX(scale.topString, 0)}
        y1={hasCapo ? top - 4 : top}
        x2={scale.wireX(scale.bottomString, 0)}
        y2={hasCapo ? bottom + 4 : bottom}
        stroke={hasCapo ? "var(--capo)" : "var(--nut)"}
        strokeWidth={hasCapo ? 11 : 5}
        strokeLinecap={hasCapo ? "round" : "butt"}
      />
      {hasCapo && (
        <text
          x={scale.openX}
          y={scale.numbersY}
          textAnchor="middle"
          fontSize={14}
          fill="var(--on-slab-muted)"
        >
          {`capo ${neck.capo}`}
        </text>
      )}
    </>
  );
}

interface FretProps extends BoardProps {
  readonly fret: number;
}

function FretNumber({ neck, scale, fret }: FretProps) {
  const landmark = INLAY_FRETS.includes(neck.capo + fret);
  const { bottomString } = scale;
  const room = Math.abs(scale.markX(bottomString, fret) - scale.markX(bottomString, fret - 1));
  if (!landmark && fret > 1 && room < 19) return null;
  return (
    <text
      x={scale.markX(bottomString, fret)}
      y={scale.numbersY}
      textAnchor="middle"
      fontSize={landmark ? 17 : 15}
      fontWeight={landmark ? 700 : 400}
      fill={landmark ? "var(--on-slab)" : "var(--on-slab-muted)"}
    >
      {fret}
    </text>
  );
}

function Inlay({ neck, scale, fret }: FretProps) {
  const onNeck = neck.capo + fret;
  if (!INLAY_FRETS.includes(onNeck)) return null;
  const last = neck.midi.length - 1;
  const double = onNeck % 12 === 0;
  const shares = double ? [0.25, 0.75] : [0.5];
  return shares.map((share) => {
    const string = last * share;
    const x = (scale.wireX(string, fret) + scale.wireX(string, fret - 1)) / 2;
    return (
      <rect
        key={share}
        x={x - 3}
        y={scale.stringY(string) - 13}
        width={6}
        height={26}
        rx={3}
        fill="var(--inlay)"
      />
    );
  });
}
