export {
  HELD,
  findGrips,
  findSetGrips,
  findChordFormGrips,
  rankGrips,
  usualPoints,
  type Grip,
  type Taste,
} from "./grip";
export { MAX_PINS, type KeptGrip } from "./keptGrip";
export { pinTilt } from "./pinTilt";
