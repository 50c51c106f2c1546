import { type ChangeDemands } from "@/core/motion";

/** A change that moves, and asks for nothing but what is said. */
export function demandsWith(part: Partial<ChangeDemands> = {}): ChangeDemands {
  return {
    isMoving: true,
    travelMm: 0,
    arrivalSpaceMm: 26,
    placedFingers: 0,
    laysBarre: false,
    laysSmallBarre: false,
    dropsBarre: false,
    overreachMm: 0,
    clearsOpenStrings: false,
    isOneFinger: false,
    leavesOpenStrings: false,
    ...part,
  };
}
