import { type Fingering, type Press } from "@/core/hand";

/** The features of a change that its time depends on. */
export interface ChangeDemands {
  /** False where every finger stays: such a change takes no time. */
  readonly isMoving: boolean;
  /** The way of the index along the neck, in mm. */
  readonly travelMm: number;
  /** The space between two wires where the index arrives, in mm. */
  readonly arrivalSpaceMm: number;
  /**
   * Fingers that land, or slide into a new shape; 1.5 where a whole shape crosses strings, because its fingers move as
   * one, and 0 where it slides along them.
   */
  readonly placedFingers: number;
  /** A finger is laid over four strings or more. */
  readonly laysBarre: boolean;
  /** A finger is laid over two or three strings while other fingers press too. */
  readonly laysSmallBarre: boolean;
  /** The old grip's barre over four strings or more is released. */
  readonly dropsBarre: boolean;
  /** How far the new grip's reach exceeds a comfortable one, in mm. */
  readonly overreachMm: number;
  /** Two or more fingers land beside open strings that must ring. */
  readonly clearsOpenStrings: boolean;
  /** One finger holds the whole new grip. */
  readonly isOneFinger: boolean;
  /** The old grip rings on open strings while the hand moves to one that has none. */
  readonly leavesOpenStrings: boolean;
}

/** Strings that a finger must cover to count as a barre, and as a small one. */
const BARRE_STRINGS = 4;
const SMALL_BARRE_STRINGS = 2;
/** Reach along the neck that costs no extra time, in mm (from the table in bench/tempo). */
const COMFORTABLE_REACH_MM = 66;
/** Fingers charged for a whole shape that crosses strings (from the same table). */
const CROSSING_SHAPE_FINGERS = 1.5;

/** How many fingers slide, lift and land. */
interface FingerMoves {
  readonly slid: number;
  readonly lifted: number;
  readonly landed: number;
  readonly isShapeKept: boolean;
}

/** The demands of a change that follow from its two grips alone. */
export function demandsBetween(
  from: Fingering,
  to: Fingering,
  { slid, lifted, landed, isShapeKept }: FingerMoves,
): Omit<ChangeDemands, "travelMm" | "arrivalSpaceMm"> {
  const laid = to.presses.filter((press) => !isIn(from.presses, press));
  const crossing = landed > 0 ? CROSSING_SHAPE_FINGERS : 0;
  const hasOpen = ({ fretting }: Fingering) => fretting.includes(0);
  const fingers = to.presses.length;
  return {
    isMoving: slid + lifted + landed > 0,
    placedFingers: isShapeKept ? crossing : landed + slid,
    laysBarre: laid.some((press) => widthOf(press) >= BARRE_STRINGS),
    laysSmallBarre:
      fingers > 1 &&
      !isShapeKept &&
      laid.some((press) => widthOf(press) >= SMALL_BARRE_STRINGS && widthOf(press) < BARRE_STRINGS),
    dropsBarre:
      from.presses.some((press) => widthOf(press) >= BARRE_STRINGS) &&
      !to.presses.some((press) => widthOf(press) >= BARRE_STRINGS),
    overreachMm: laid.length > 0 ? Math.max(0, to.reachMm - COMFORTABLE_REACH_MM) : 0,
    clearsOpenStrings: laid.length > 1 && hasOpen(to),
    isOneFinger: fingers === 1,
    leavesOpenStrings: fingers > 0 && hasOpen(from) && !hasOpen(to),
  };
}

function widthOf({ hold }: Press): number {
  return hold.thinnest - hold.thickest + 1;
}

function isIn(presses: readonly Press[], { finger, hold }: Press): boolean {
  return presses.some(
    (each) =>
      each.finger === finger &&
      each.hold.fret === hold.fret &&
      each.hold.thickest === hold.thickest &&
      each.hold.thinnest === hold.thinnest,
  );
}
