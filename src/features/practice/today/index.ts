export { useDayPlan } from "./useDayPlan";
export { TodayKeyListener } from "./TodayKeyListener";
export { Goals } from "./Goals";
export { TodayPlan } from "./TodayPlan";
export { keepSitting, keptSitting } from "./keptSitting";
export { type SittingState, useSitting } from "./useSitting";
