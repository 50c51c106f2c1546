import { type Reach } from "@/core/hand";
import { fingerName } from "@/formats/dampingWords";

const PX_PER_MM = 1.5;
const BAR = 8;
const HEIGHT = 30;

/** How far the hand opens, drawn to one scale for every grip: 1.5 px for each mm. */
export function ReachScale({ reach }: { readonly reach: Reach }) {
  const [tightest] = reach.stretches;
  return (
    <section aria-labelledby="reach-title">
      <h3 id="reach-title" className="text-lg font-semibold">
        <span className="figures">{Math.round(reach.mm)} mm</span>
        {tightest ? `, ${reach.grade}` : ", no stretch"}
      </h3>
      {tightest && (
        <>
          <ReachBar mm={tightest.mm} comfortMm={tightest.comfortMm} hardMm={tightest.hardMm} />
          <p className="text-[16px]">
            {`${fingerName(tightest.fingers[0])} to ${fingerName(tightest.fingers[1])} `}
            <span className="figures">{Math.round(tightest.mm)} mm</span>
            {`; easy to ${Math.round(tightest.comfortMm)}, limit ${Math.round(tightest.hardMm)}`}
          </p>
        </>
      )}
      {reach.grade !== "comfortable" && (
        <p className="text-[16px] text-muted">
          {reach.comfortableFromFret === null
            ? "Not comfortable anywhere on this neck."
            : `Comfortable from fret ${reach.comfortableFromFret}.`}
        </p>
      )}
      {reach.crowdedMm > 0 && (
        <p className="text-[16px] text-muted">
          {`Your fingertips are ${Math.max(1, Math.round(reach.crowdedMm))} mm short of room side by side.`}
        </p>
      )}
    </section>
  );
}

interface ReachBarProps {
  readonly mm: number;
  readonly comfortMm: number;
  readonly hardMm: number;
}

/** The stretch as a bar, with a notch where comfort ends and a wall at the limit. */
function ReachBar({ mm, comfortMm, hardMm }: ReachBarProps) {
  const width = Math.max(mm, hardMm) * PX_PER_MM + 4;
  const [comfortX, hardX] = [comfortMm * PX_PER_MM, hardMm * PX_PER_MM];
  const y = HEIGHT / 2;
  return (
    <svg
      width={width}
      height={HEIGHT}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      className="my-1 max-w-full"
      aria-hidden="true"
    >
      <line x1={0} x2={hardX} y1={y} y2={y} stroke="var(--line)" strokeWidth={BAR} />
      <line x1={0} x2={mm * PX_PER_MM} y1={y} y2={y} stroke="var(--inverse)" strokeWidth={BAR} />
      <line x1={comfortX} x2={comfortX} y1={4} y2={26} stroke="var(--muted)" strokeWidth={2} />
      <line x1={hardX} x2={hardX} y1={2} y2={28} stroke="var(--ink)" strokeWidth={3} />
    </svg>
  );
}
