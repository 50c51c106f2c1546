import { rankFingers, type Finger, type Player } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { labelledGrips, neckOfEdge, readFrets, type LabelledGrip } from "./labelled";
import { HARD_BUT_PLAYABLE, IMPOSSIBLE, type EdgeShape } from "./limits";

/** The fingers of fretted strings only, as the labels are written: "134". */
export function writtenFingers(fingers: readonly (Finger | 0)[]): string {
  return fingers.filter((finger) => finger !== 0).join("");
}

/** The labelled power chords whose first suggestion is not an accepted one. */
export function rejectedPowerChords(): readonly (LabelledGrip & { readonly suggested: string })[] {
  return labelledGrips().flatMap((grip) => {
    const [best] = rankFingers(grip.neck, grip.fretting);
    const suggested = best ? writtenFingers(best.fingers) : "none";
    return grip.accepted.has(suggested) ? [] : [{ ...grip, suggested }];
  });
}

export interface Separation {
  /** Area under the curve: how often an impossible shape has more effort than a hard one. */
  readonly area: number;
  /** The same where no hard limit is applied and effort alone must tell. */
  readonly areaOfEffortAlone: number;
  readonly impossibleHeld: readonly EdgeShape[];
  readonly playableRefused: readonly EdgeShape[];
}

export function separateEdges(): Separation {
  return {
    area: areaUnderCurve((neck, frets) => min(neck, frets)),
    areaOfEffortAlone: areaUnderCurve((neck, frets) => min(neck, frets, "any")),
    impossibleHeld: IMPOSSIBLE.filter((shape) => Number.isFinite(minOf(shape))),
    playableRefused: HARD_BUT_PLAYABLE.filter((shape) => !Number.isFinite(minOf(shape))),
  };
}

const AVERAGE_HAND: Player = {};

function min(neck: Neck, frets: readonly (number | null)[], reach?: "any"): number {
  return rankFingers(neck, frets, AVERAGE_HAND, reach)[0]?.effort ?? Infinity;
}

function minOf(shape: EdgeShape): number {
  return min(neckOfEdge(shape), readFrets(shape.frets));
}

/** The Mann-Whitney statistic: every impossible shape against every playable one, ties for half. */
function areaUnderCurve(
  effortOf: (neck: Neck, frets: readonly (number | null)[]) => number,
): number {
  const effort = (shape: EdgeShape) => effortOf(neckOfEdge(shape), readFrets(shape.frets));
  const playable = HARD_BUT_PLAYABLE.map(effort);
  let right = 0;
  for (const impossible of IMPOSSIBLE.map(effort)) {
    for (const other of playable) right += impossible > other ? 1 : impossible === other ? 0.5 : 0;
  }
  return right / (IMPOSSIBLE.length * playable.length);
}
