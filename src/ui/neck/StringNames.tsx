import { type Fretting } from "@/core/fretting";
import { noteTexts, type Accidentals, type Midi } from "@/core/pitch";
import { NoteTspans } from "@/ui/text";
import { type NeckScale } from "./neckScale";

interface StringNamesProps {
  readonly openMidi: readonly Midi[];
  readonly accidentals: Accidentals;
  readonly scale: NeckScale;
  /** The grip whose silent strings are marked; null for none. */
  readonly fretting: Fretting | null;
  readonly leftHanded: boolean;
}

const [NAMES_PX, WITH_SILENT_PX] = [34, 54];

/** Names of the open strings and crosses on silent ones, fixed at the edge of a scrolling neck. */
export function StringNames(props: StringNamesProps) {
  const { openMidi, accidentals, scale, fretting, leftHanded } = props;
  const hasSilent = fretting?.includes(null) ?? false;
  const width = hasSilent ? WITH_SILENT_PX : NAMES_PX;
  const turn = (x: number) => (leftHanded ? width - x : x);
  const names = noteTexts(openMidi, accidentals);
  return (
    <svg
      aria-hidden="true"
      width={width}
      height={scale.height}
      viewBox={`0 0 ${width} ${scale.height}`}
      className={`figures pointer-events-none sticky z-[1] col-start-1 row-start-1 block bg-slab ${leftHanded ? "right-0 justify-self-end" : "left-0 justify-self-start"}`}
      data-string-names=""
    >
      {names.map((name, string) => {
        const y = scale.stringY(string);
        const isSilent = fretting !== null && fretting[string] === null;
        return (
          <g key={string}>
            <text
              x={turn(18)}
              y={y}
              dy="0.35em"
              textAnchor="middle"
              fontSize={18}
              fontWeight={600}
              color="var(--on-slab)"
              fill="currentColor"
            >
              <NoteTspans>{name}</NoteTspans>
            </text>
            {isSilent && (
              <path
                d={`M ${turn(38)} ${y - 6} l 12 12 M ${turn(38)} ${y + 6} l 12 -12`}
                transform={leftHanded ? "translate(-12 0)" : undefined}
                stroke="var(--on-slab)"
                strokeWidth={3}
                strokeLinecap="round"
              />
            )}
          </g>
        );
      })}
    </svg>
  );
}
